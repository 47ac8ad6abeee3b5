import fc from 'fast-check';
import { inBlank, leavesBlank } from './blank';

const ROUND = { section: 'round', lengthMm: 40, widthMm: 10, heightMm: 10 } as const;
const SQUARE = { ...ROUND, section: 'square' } as const;

describe('a point and a ray in a blank', () => {
  it('lie in its section, the rim with it', () => {
    const within = (blank: typeof ROUND | typeof SQUARE, y: number, z: number) => inBlank(blank, [3, y, z]);
    expect([within(SQUARE, 0, 0), within(SQUARE, -10, -10), within(SQUARE, -5, -5)]).toEqual([
      true,
      true,
      true,
    ]);
    expect([
      within(SQUARE, 0.1, -5),
      within(SQUARE, -10.1, -5),
      within(SQUARE, -5, 0.1),
      within(SQUARE, -5, -10.1),
    ]).toEqual([false, false, false, false]);
    expect([within(ROUND, 0, -5), within(ROUND, -5, 0), within(ROUND, -8, -9)]).toEqual([true, true, true]);
    expect([within(ROUND, 0, 0), within(ROUND, -8, -9.1)]).toEqual([false, false]);
  });

  it('in the middle of a round one goes its radius, off it what the chord leaves', () => {
    expect(leavesBlank(ROUND, [0, -5, -5], [0, 0, -1])).toBe(5);
    // 3 off the middle of a circle of 5: half a chord of 4, and across it to both sides.
    expect(leavesBlank(ROUND, [0, -2, -5], [0, 0, -1])).toBeCloseTo(4, 12);
    expect(leavesBlank(ROUND, [0, -2, -5], [0, 1, 0])).toBeCloseTo(2, 12);
    expect(leavesBlank(ROUND, [0, -2, -5], [0, -1, 0])).toBeCloseTo(8, 12);
    // Twice as far where only half of the ray goes across.
    expect(leavesBlank(ROUND, [0, -2, -5], [-1, 0.5, 0])).toBeCloseTo(4, 12);
    expect(leavesBlank(ROUND, [0, -2, -5], [-1, 0, 0])).toBe(Infinity);
  });

  it('in a square one goes to the nearest of its sides', () => {
    expect(leavesBlank(SQUARE, [0, -2, -1], [0, 0, -1])).toBe(9);
    expect(leavesBlank(SQUARE, [0, -2, -1], [0, -1, 0])).toBe(8);
    expect(leavesBlank(SQUARE, [0, -2, -1], [0, 1, 0])).toBe(2);
    expect(leavesBlank(SQUARE, [0, -2, -1], [0, 0.5, 0.5])).toBe(2);
    expect(leavesBlank(SQUARE, [0, -2, -1], [-1, 0, 0])).toBe(Infinity);
  });

  it.each([SQUARE, ROUND])('ends where the $section section does', (blank) =>
    fc.assert(
      fc.property(
        fc.double({ min: -7, max: -3, noNaN: true }),
        fc.double({ min: -7, max: -3, noNaN: true }),
        fc.double({ min: 0, max: 2 * Math.PI, noNaN: true }),
        (y, z, way) => {
          const along = [0, Math.cos(way), Math.sin(way)] as const;
          const far = leavesBlank(blank, [0, y, z], along);
          const at = (share: number) => [0, y + along[1] * far * share, z + along[2] * far * share] as const;
          return inBlank(blank, at(0.999)) && !inBlank(blank, at(1.001));
        },
      ),
    ),
  );
});
