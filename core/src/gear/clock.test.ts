import fc from 'fast-check';
import { distanceFrom } from '../profile/nearest';
import {
  clockPair,
  clockPinionSpace,
  clockTrain,
  clockWheelSpace,
  theoreticalAddendum,
  trainsFor,
} from './clock';

const DEG = Math.PI / 180;

describe('clock-type wheels', () => {
  // Printed values of the customary tables, addendum and arc in modules.
  it.each([
    [6, 3, 1.259, 1.856],
    [6, 8, 1.315, 1.938],
    [8, 3, 1.403, 2.068],
    [8, 8, 1.475, 2.173],
    [10, 8, 1.607, 2.368],
  ])('%i leaves at %i to 1 have the tabled addendum', (leaves, ratio, addendum, arc) => {
    const { wheel } = clockPair({ moduleMm: 1, wheelTeeth: leaves * ratio, leaves });
    expect(wheel.addendum).toBeCloseTo(addendum, 2);
    expect(wheel.arc).toBeCloseTo(arc, 2);
  });

  it('have a higher addendum with a larger ratio and with more leaves', () => {
    expect(theoreticalAddendum(64, 8)).toBeGreaterThan(theoreticalAddendum(32, 8));
    expect(theoreticalAddendum(80, 10)).toBeGreaterThan(theoreticalAddendum(64, 8));
  });

  it('are worked out for 64 into 8 at module 0.8', () => {
    const wheel = clockWheelSpace({ moduleMm: 0.8, wheelTeeth: 64, leaves: 8 });
    expect(wheel.outsideMm).toBeCloseTo(53.559, 3);
    expect(wheel.shapingRadiusMm).toBeCloseTo(1.738, 3);
    expect(wheel.wholeDepthMm).toBeCloseTo(2.436, 3);
    expect(wheel.tipWidthMm).toBeCloseTo(2.628, 3);
    expect(wheel.flankRad / DEG).toBeCloseTo(1.406, 3);
  });

  it('touch pitch and tip point, with radial flanks and the round side of the corner out', () =>
    fc.assert(
      fc.property(fc.integer({ min: 6, max: 16 }), fc.integer({ min: 3, max: 10 }), (leaves, ratio) => {
        const pair = { moduleMm: 1, wheelTeeth: leaves * ratio, leaves };
        for (const space of [clockWheelSpace(pair), clockPinionSpace(pair)]) {
          expect(distanceFrom(space.profile, space.pitchPoint)).toBeLessThan(1e-9);
          expect(distanceFrom(space.profile, space.tipPoint)).toBeLessThan(1e-9);
          expect(space.rootPoint[0] / space.rootPoint[1]).toBeCloseTo(Math.tan(space.flankRad), 9);
        }
      }),
      { numRuns: 40 },
    ));

  it('follow from ratio and centre distance, the exact trains first', () => {
    expect(clockTrain(8, 8, 28.8)).toMatchObject({
      wheelTeeth: 64,
      ratioError: 0,
      moduleMm: expect.closeTo(0.8, 9),
    });
    const trains = trainsFor(7.5, 30);
    expect(trains[0]!.ratioError).toBe(0);
    expect(
      trains.every(
        ({ ratioError }, i) => i === 0 || Math.abs(ratioError) >= Math.abs(trains[i - 1]!.ratioError),
      ),
    ).toBe(true);
  });

  it('refuse a pinion of 3 leaves and a train that needs a thousand teeth', () => {
    expect(() => clockTrain(8, 3, 20)).toThrow('leaves');
    expect(() => clockTrain(90, 12, 20)).toThrow('wheel teeth');
  });
});
