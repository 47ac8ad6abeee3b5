import fc from 'fast-check';
import { facingSpeed, stepUp, taperSpeed } from './falling-diameter';
import { surfaceSpeed } from './spindle-speed';

const RUNGS = [42, 70, 118, 265, 440, 745];

describe('facing toward the centre', () => {
  it('knows where the speed has fallen to a share of the aim', () => {
    const { radiusBelowMm } = facingSpeed({
      rpm: 200,
      outerDiameterMm: 100,
      targetMPerMin: 50,
      fraction: 0.5,
    });
    expect(surfaceSpeed(200, 2 * radiusBelowMm)).toBeCloseTo(25, 9);
  });

  it('says how much of the path and of the area lies inside that radius', () => {
    const face = facingSpeed({ rpm: 200, outerDiameterMm: 100, targetMPerMin: 50, fraction: 0.5 });
    expect(face.areaFractionBelow).toBeCloseTo(face.pathFractionBelow ** 2, 9);
    expect(
      facingSpeed({ rpm: 200, outerDiameterMm: 100, innerDiameterMm: 90, targetMPerMin: 50, fraction: 0.5 }),
    ).toMatchObject({ pathFractionBelow: 0, areaFractionBelow: 0 });
    expect(facingSpeed({ rpm: 20, outerDiameterMm: 100, targetMPerMin: 50, fraction: 0.5 })).toMatchObject({
      pathFractionBelow: 1,
      areaFractionBelow: 1,
    });
  });

  it('counts the time of the path, when the feed is known', () => {
    expect(
      facingSpeed({ rpm: 200, outerDiameterMm: 100, targetMPerMin: 50, fraction: 0.5, feedMmRev: 0.1 }).timeS,
    ).toBeCloseTo(150, 9);
    expect(
      facingSpeed({ rpm: 200, outerDiameterMm: 100, targetMPerMin: 50, fraction: 0.5 }).timeS,
    ).toBeNull();
  });

  it('refuses a bore as large as the face', () => {
    expect(() =>
      facingSpeed({ rpm: 200, outerDiameterMm: 50, innerDiameterMm: 50, targetMPerMin: 50, fraction: 0.5 }),
    ).toThrow('inner diameter must be from 0 to 50, got 50');
  });
});

describe('stepping up as the work gets smaller', () => {
  it('starts on the fastest step that is allowed and names each change on the way', () => {
    const { startRpm, tooFastAtStart, changes } = stepUp(RUNGS, 25, 0, 60, 10);
    expect({ startRpm, tooFastAtStart }).toEqual({ startRpm: 118, tooFastAtStart: false });
    expect(changes.map(({ rpm }) => rpm)).toEqual([265, 440, 745]);
    for (const { rpm, diameterMm } of changes) expect(surfaceSpeed(rpm, diameterMm)).toBeCloseTo(25, 9);
  });

  it('marks a machine that is too fast even at its slowest', () =>
    expect(stepUp(RUNGS, 5, 0, 300, 100)).toMatchObject({ startRpm: 42, tooFastAtStart: true }));

  it('never lets the speed rise over what is accepted', () => {
    const work = fc.record({
      v: fc.double({ min: 5, max: 300, noNaN: true }),
      over: fc.integer({ min: 0, max: 30 }),
      start: fc.double({ min: 5, max: 500, noNaN: true }),
      share: fc.double({ min: 0.05, max: 0.99, noNaN: true }),
    });
    fc.assert(
      fc.property(work, ({ v, over, start, share }) => {
        const { startRpm, tooFastAtStart, changes } = stepUp(RUNGS, v, over, start, start * share);
        const legs = [{ rpm: startRpm, diameterMm: start }, ...changes];
        return (
          tooFastAtStart
          || legs.every(
            ({ rpm, diameterMm }) => surfaceSpeed(rpm, diameterMm) <= v * (1 + over / 100) * (1 + 1e-9),
          )
        );
      }),
    );
  });
});

test('a taper runs in proportion to its ends', () => {
  expect(taperSpeed(300, 40, 20)).toMatchObject({ ratio: 0.5, meanMPerMin: expect.closeTo(28.27, 2) });
});

describe('a face with a bore, and steps in any order', () => {
  const face = { rpm: 200, outerDiameterMm: 100, targetMPerMin: 50, fraction: 0.5 };

  it('path, area and time are those of the ring', () => {
    const ring = facingSpeed({ ...face, innerDiameterMm: 20, feedMmRev: 0.1 });
    expect(ring.radiusBelowMm).toBeCloseTo(19.894, 3);
    expect(ring).toMatchObject({
      pathFractionBelow: expect.closeTo((19.894 - 10) / 40, 4),
      areaFractionBelow: expect.closeTo((19.894 ** 2 - 100) / 2400, 4),
      timeS: 120,
    });
    expect(() => facingSpeed({ ...face, innerDiameterMm: -1 })).toThrow(
      'inner diameter must be from 0 to 100',
    );
  });

  it('steps are taken as they rise, however they are listed', () => {
    expect(stepUp([...RUNGS].reverse(), 25, 0, 60, 10)).toEqual(stepUp(RUNGS, 25, 0, 60, 10));
  });

  it.each<[() => unknown, string]>([
    [() => facingSpeed({ ...face, outerDiameterMm: 0 }), 'outer diameter must be more than 0, got 0'],
    [() => facingSpeed({ ...face, targetMPerMin: 0 }), 'target speed must be more than 0, got 0'],
    [() => facingSpeed({ ...face, rpm: 0 }), 'spindle speed must be more than 0, got 0'],
    [() => facingSpeed({ ...face, feedMmRev: 0 }), 'feed must be more than 0, got 0'],
    [() => stepUp([], 25, 0, 60, 10), 'slowest speed must be more than 0, got NaN'],
    [() => stepUp(RUNGS, 0, 0, 60, 10), 'target speed must be more than 0, got 0'],
    [() => stepUp(RUNGS, 25, 0, 0, 10), 'start diameter must be more than 0, got 0'],
  ])('refuses what does not turn or has no size: %#', (work, sentence) => {
    expect(work).toThrow(sentence);
  });
});
