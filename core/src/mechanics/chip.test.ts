import fc from 'fast-check';
import { feedForChip, radialThinning, toothChip } from './chip-thinning';
import { engagedEdge, turningFeedLimits } from './turning-feed';

describe('the chip of a milling tooth', () => {
  it('is as thick as the feed in a half-wide cut and thinner in a narrow one', () => {
    expect(toothChip(20, 10, 0.1).maxChipMm).toBeCloseTo(0.1, 12);
    expect(toothChip(20, 2, 0.1).maxChipMm).toBeCloseTo(0.06, 12);
  });

  it('comes back from the feed that was worked out for it', () => {
    const cut = fc.record({
      d: fc.double({ min: 1, max: 100, noNaN: true }),
      share: fc.double({ min: 0.01, max: 1, noNaN: true }),
      h: fc.double({ min: 0.001, max: 0.5, noNaN: true }),
      placement: fc.constantFrom('edge' as const, 'centred' as const),
    });
    fc.assert(
      fc.property(cut, ({ d, share, h, placement }) => {
        const fz = feedForChip(h, 'mean', d, d * share, placement);
        return Math.abs(toothChip(d, d * share, fz, placement).meanChipMm / h - 1) < 1e-9;
      }),
    );
  });

  it('refuses a cut wider than the cutter', () =>
    expect(() => toothChip(10, 11, 0.05)).toThrow('width of cut must be from 0 to 10, got 11'));

  it('raises the feed no further than the cap', () => {
    expect(radialThinning(10, 0.1, 0.05).compensation).toBe(2);
    expect(radialThinning(10, 0.1, 0.05, 1.5).compensation).toBe(1.5);
    expect(radialThinning(10, 6, 0.05).compensation).toBe(1);
  });
});

describe('the feed window of a turning tool', () => {
  const base = {
    noseRadiusMm: 0.4,
    depthMm: 1,
    approachDeg: 90,
    cornerDeg: 80,
    condition: 'ordinary' as const,
    edgeRadiusUm: 6,
    minChipRatio: 0.3,
  };

  it('is bounded by the nose, or by the machine when the nose is large', () => {
    expect(turningFeedLimits(base)).toMatchObject({ upperLimit: 'nose-radius', feedUpperMmRev: 0.26 });
    expect(turningFeedLimits({ ...base, noseRadiusMm: 3 })).toMatchObject({
      upperLimit: 'machine-feed',
      feedUpperMmRev: 0.35,
    });
  });

  it('takes a sharp corner more carefully, and a tired machine', () => {
    expect(turningFeedLimits({ ...base, cornerDeg: 55 }).feedUpperMmRev).toBeCloseTo(0.2, 12);
    expect(turningFeedLimits({ ...base, condition: 'tired' }).feedUpperMmRev).toBeCloseTo(0.2, 12);
  });

  it('joins nose arc and straight edge without a step', () => {
    const arc = 0.8 * (1 - Math.cos(Math.PI / 4));
    expect(engagedEdge(arc + 1e-9, 0.8, 45)).toBeCloseTo(engagedEdge(arc - 1e-9, 0.8, 45), 6);
  });
});
