import fc from 'fast-check';
import { steepestFlank, straightFlanks } from './flanks';
import { CLOCK_WHEEL, SPACE } from './form.fixture';
import { shapeOf } from './form-shape';

describe('straight flanks', () => {
  it('of a thread are both at half its angle', () => {
    expect(straightFlanks(shapeOf({ kind: 'thread', form: 'iso-60', pitchMm: 2 }))).toEqual([
      { leanDeg: expect.closeTo(30, 6), side: 'both' },
    ]);
    expect(straightFlanks(shapeOf({ kind: 'thread', form: 'form-55', pitchMm: 2 }))).toEqual([
      { leanDeg: expect.closeTo(27.5, 6), side: 'both' },
    ]);
  });

  it('of a chamfer is one, on its right', () =>
    expect(straightFlanks(shapeOf({ kind: 'chamfer', widthMm: 2, angleDeg: 60 }))).toEqual([
      { leanDeg: expect.closeTo(30, 6), side: 'right' },
    ]));

  it('of two leans are two settings', () => {
    const corners = [
      [-3, 4, 0],
      [-1, 0, 0],
      [1, 0, 0],
      [2, 4, 0],
    ] as const;
    expect(straightFlanks(shapeOf({ kind: 'corners', corners })).map(({ side }) => side)).toEqual([
      'left',
      'right',
    ]);
  });

  it('are none on a gear, whose flanks are curved, and on a round groove', () => {
    expect(straightFlanks(shapeOf(SPACE))).toEqual([]);
    expect(straightFlanks(shapeOf({ kind: 'radius', shape: 'groove', radiusMm: 3, depthMm: 3 }))).toEqual([]);
    expect(steepestFlank(shapeOf(SPACE))).toBeGreaterThan(1);
  });

  it('of a clock wheel are radial: half the angle of its root', () => {
    const wheel = shapeOf(CLOCK_WHEEL);
    expect(straightFlanks(wheel)).toEqual([
      { leanDeg: expect.closeTo((wheel.clock!.flankRad * 180) / Math.PI, 6), side: 'both' },
    ]);
    expect(steepestFlank(wheel)).toBeCloseTo(straightFlanks(wheel)[0]!.leanDeg, 6);
  });

  it('lean by what a chamfer leaves to a right angle', () =>
    fc.assert(
      fc.property(fc.integer({ min: 6, max: 84 }), (angleDeg) => {
        const flanks = straightFlanks(shapeOf({ kind: 'chamfer', widthMm: 2, angleDeg }));
        expect(flanks[0]!.leanDeg).toBeCloseTo(90 - angleDeg, 6);
      }),
    ));
});
