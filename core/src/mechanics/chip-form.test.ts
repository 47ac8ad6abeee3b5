import { type ChipCut, chipForm } from './chip-form';

describe('the chip', () => {
  const cut: ChipCut = {
    depthMm: 2,
    feedMmRev: 0.2,
    noseRadiusMm: 0.4,
    approachDeg: 90,
    rakeDeg: 10,
    chipRatio: 2.6,
    breakStrain: 0.05,
    fluid: false,
  };

  it('breaks sooner with more feed', () => {
    const indices = [0.1, 0.2, 0.3].map(
      (feedMmRev) =>
        chipForm({ ...cut, feedMmRev }, { kind: 'step', distanceMm: 2, heightMm: 0.4 }).breakIndex,
    );
    expect(indices).toEqual([...indices].sort((x, y) => x - y));
  });

  it('that comes off thicker than the step is wide jams against it', () => {
    const free = chipForm(cut, { kind: 'step', distanceMm: 2, heightMm: 0.4 });
    expect(free).toMatchObject({ crowded: false });
    const jammed = chipForm(cut, { kind: 'step', distanceMm: 0.2, heightMm: 0.4 });
    expect(jammed).toMatchObject({ crowded: true, forcedCurlMm: 1.5 * jammed.thicknessMm });
    expect(jammed.breakIndex).toBeGreaterThan(free.breakIndex);
  });

  it('meets a groove only beyond its land', () => {
    const groove = (landMm: number) => chipForm(cut, { kind: 'groove', widthMm: 1.2, depthMm: 0.2, landMm });
    expect(groove(0.1).forcedCurlMm).toBeCloseTo((0.36 + 0.04) / 0.4, 9);
    expect(groove(3).forcedCurlMm).toBeNull();
    expect(chipForm(cut, { kind: 'none' }).forcedCurlMm).toBeNull();
  });

  it('of brass crumbles', () => {
    const brass = { ...cut, depthMm: 1, feedMmRev: 0.1, rakeDeg: 0, chipRatio: 1.2, breakStrain: 0.004 };
    expect(chipForm(brass, { kind: 'none' }).chip).toBe('loose-bits');
  });

  it('of a brittle metal breaks however little it is curled', () => {
    const gentle = (breakStrain: number) =>
      chipForm(
        { ...cut, breakStrain, feedMmRev: 0.4 },
        { kind: 'groove', widthMm: 60, depthMm: 0.1, landMm: 0.1 },
      );
    const brittle = { ...cut, chipRatio: 0.2, rakeDeg: 30, depthMm: 0.5, feedMmRev: 0.02 };
    expect(gentle(0.006)).toMatchObject({ breaks: true, chip: 'loose-bits' });
    expect(chipForm({ ...brittle, breakStrain: 0.006 }, { kind: 'none' })).toMatchObject({
      breaks: true,
      chip: 'dust',
    });
  });

  it('of a very tough metal tangles even when it is thick', () => {
    const thick = { ...cut, feedMmRev: 0.6 };
    expect(chipForm({ ...thick, breakStrain: 0.3 }, { kind: 'none' }).chip).toBe('tangle');
  });

  it.each<[() => unknown, string]>([
    [() => chipForm({ ...cut, depthMm: 0 }, { kind: 'none' }), 'depth must be more than 0, got 0'],
    [() => chipForm({ ...cut, feedMmRev: 0 }, { kind: 'none' }), 'feed must be more than 0, got 0'],
  ])('is refused without a depth or a feed: %#', (work, sentence) => {
    expect(work).toThrow(sentence);
  });
});
