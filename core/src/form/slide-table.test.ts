import fc from 'fast-check';
import { QUARTER, ROUNDED_STEP } from '../profile/profile.fixture';
import { distanceFrom } from '../profile/nearest';
import type { Profile } from '../profile/profile';
import { RACKS } from '../gear/gear';
import { toothSpace } from '../gear/tooth-space';
import { CLOCK_WHEEL, FLY, SPACE } from './form.fixture';
import { shapeOf } from './form-shape';
import { correctedForm } from './form-tool';
import { slideStops, stoneToBeginWith } from './slide-table';
import { insideCorners, largestStone, smallestHollow } from './stone-choice';

describe('a slide table', () => {
  it('never brings the wheel into the form', () =>
    fc.assert(
      fc.property(
        fc.integer({ min: 30, max: 60 }),
        fc.double({ min: 0.3, max: 0.9, noNaN: true }),
        (teeth, share) => {
          const { profile } = toothSpace({ moduleMm: 2, teeth, rack: RACKS['iso-53-a'], shift: 0 });
          const rho = share * smallestHollow(profile);
          const { stops } = slideStops(profile, rho, 0.01);
          stops.forEach((stop) => expect(distanceFrom(profile, stop)).toBeGreaterThan(rho - 1e-6));
        },
      ),
      { numRuns: 20 },
    ));

  it('leaves no more than the cusp on lines and arcs', () => {
    const [rho, cusp] = [1, 0.01];
    const { stops } = slideStops(ROUNDED_STEP, rho, cusp);
    const left = [0.1, 0.3, 0.5, 0.7, 0.9].map((share) => {
      const at = [-2, 3 - 3 * share] as const;
      return Math.min(...stops.map((stop) => Math.hypot(stop[0] - at[0], stop[1] - at[1]))) - rho;
    });
    expect(Math.max(...left)).toBeLessThanOrEqual(cusp + 1e-9);
  });

  it('takes about 1.41 times the stops for half the cusp', () => {
    const [coarse, fine] = [
      slideStops(ROUNDED_STEP, 1, 0.01).stops.length,
      slideStops(ROUNDED_STEP, 1, 0.005).stops.length,
    ];
    expect(fine / coarse).toBeGreaterThan(1.35);
    expect(fine / coarse).toBeLessThan(1.5);
  });

  it('keeps a fillet at an inside corner and says where', () => {
    const outside: Profile = [
      [0, 0, 0],
      [5, 0, 0],
      [5, 5, 0],
    ];
    expect(slideStops(outside, 1, 0.01).fillets).toEqual([]);
    const hollow: Profile = [
      [0, 5, 0],
      [5, 5, 0],
      [5, 0, 0],
      [9, 0, 0],
    ];
    expect(slideStops(hollow, 1, 0.01).fillets).toEqual([
      { at: [5, 5], leftMm: expect.closeTo(Math.SQRT2 - 1, 9) },
    ]);
    expect(insideCorners(hollow)).toEqual([[5, 5]]);
  });

  it('says which parts a wheel does not reach', () => {
    const slot: Profile = [
      [-5, 0, 0],
      [0, 0, 0],
      [0, 0.5, 0],
      [0.4, 0.5, 0],
      [0.4, 0, 0],
      [6, 0, 0],
    ];
    const { stops, passedOver, leftOut } = slideStops(slot, 1, 0.01);
    expect(passedOver + leftOut).toBeGreaterThan(0);
    stops.forEach((stop) => expect(distanceFrom(slot, stop)).toBeGreaterThan(1 - 1e-6));
    expect(slideStops(ROUNDED_STEP, 1, 0.01).passedOver).toBe(0);
  });

  it.each([
    SPACE,
    CLOCK_WHEEL,
    { kind: 'thread', form: 'iso-60', pitchMm: 2 },
    { kind: 'radius', shape: 'bead', radiusMm: 6, depthMm: 6 },
    { kind: 'chamfer', widthMm: 2, angleDeg: 45 },
  ] as const)('of %j is begun with a stone that reaches all of it', (source) => {
    const { toShape } = correctedForm(shapeOf(source), FLY);
    const stone = stoneToBeginWith(toShape, 0.005);
    expect(stone).toBeLessThanOrEqual(Math.min(3, largestStone(toShape)));
    expect(stone).toBeGreaterThan(0.1);
    expect(slideStops(toShape, stone, 0.005)).toMatchObject({ leftOut: 0, passedOver: 0 });
  });

  it('refuses a wheel larger than a hollow, and a cusp as large as the wheel', () => {
    const hollow: Profile = [
      [0, 0, 0],
      [2, 0, -QUARTER],
      [4, -2, 0],
      [4, -4, 0],
    ];
    expect(largestStone(hollow)).toBeCloseTo(1.8, 9);
    expect(largestStone(ROUNDED_STEP)).toBe(Infinity);
    expect(() => slideStops(hollow, 2.5, 0.01)).toThrow('wheel radius');
    expect(() => slideStops(ROUNDED_STEP, 1, 1)).toThrow('cusp');
  });
});
