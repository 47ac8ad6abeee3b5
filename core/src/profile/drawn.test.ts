import fc from 'fast-check';
import { drawnProfile } from './drawn';
import { ROUNDED_STEP } from './profile.fixture';
import { boundsOf, profileLength, scaled } from './profile';

/** A profile as a drawing holds it: its pieces in any order, some drawn the other way. */
const drawing = (order: readonly number[], turned: readonly boolean[]) =>
  order.map((i) => {
    const [[x, y, bulge], [toX, toY]] = [ROUNDED_STEP[i]!, ROUNDED_STEP[i + 1]!];
    return turned[i]
      ? { from: [toX, toY] as const, to: [x, y] as const, bulge: -bulge }
      : { from: [x, y] as const, to: [toX, toY] as const, bulge };
  });

describe('a profile of a drawing', () => {
  it('is the same in whatever order and direction its pieces were drawn, in mm', () =>
    fc.assert(
      fc.property(
        fc.shuffledSubarray([0, 1, 2], { minLength: 3 }),
        fc.tuple(fc.boolean(), fc.boolean(), fc.boolean()),
        (order, turned) => {
          const profile = drawnProfile(drawing(order, turned), 25.4)!;
          expect(profile).toHaveLength(4);
          expect(profileLength(profile)).toBeCloseTo(profileLength(scaled(ROUNDED_STEP, 25.4)), 6);
          expect(boundsOf(profile).left).toBeCloseTo(-2 * 25.4, 6);
        },
      ),
    ));

  it('passes over dots and lesser chains, and is none where nothing is drawn', () => {
    const dot = { from: [9, 9], to: [9, 9], bulge: 0 } as const;
    const mark = { from: [20, 0], to: [21, 0], bulge: 0 } as const;
    expect(drawnProfile([dot, mark, ...drawing([2, 0, 1], [])], 1)).toHaveLength(4);
    expect(drawnProfile([dot], 1)).toBeNull();
  });
});
