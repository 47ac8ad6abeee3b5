import fc from 'fast-check';
import { QUARTER, ROUNDED_STEP } from './profile.fixture';
import { longestChain } from './chain';
import { selfCrossing } from './crossing';
import { distanceFrom, signedFrom } from './nearest';
import {
  arcOf,
  boundsOf,
  bulgeOfRadius,
  mirrored,
  moved,
  piecesOf,
  profileLength,
  radiusOfBulge,
  reversed,
  scaled,
  type Profile,
} from './profile';
import { sampled, steppedPoints } from './sampled';

describe('a profile', () => {
  it('knows the arc of a bulge', () => {
    const arc = arcOf([10, 0], [0, 10], QUARTER);
    expect(arc.radiusMm).toBeCloseTo(10, 9);
    expect(arc.centre[0]).toBeCloseTo(0, 9);
    expect(arc.sweepRad).toBeCloseTo(Math.PI / 2, 9);
  });

  it('takes an arc by its radius, and gives the radius back', () => {
    expect(bulgeOfRadius(10, 5)).toBeCloseTo(1, 9);
    expect(bulgeOfRadius(10, -5)).toBeCloseTo(-1, 9);
    expect(bulgeOfRadius(2 * Math.SQRT2, 2)).toBeCloseTo(QUARTER, 9);
    expect(() => bulgeOfRadius(10, 4.9)).toThrow('radius of an arc');
    fc.assert(
      fc.property(
        fc.double({ min: 0.01, max: 100, noNaN: true }),
        fc.double({ min: 1, max: 50, noNaN: true }),
        fc.constantFrom(1, -1),
        (chord, times, side) => {
          const radius = (side * times * chord) / 2;
          expect(radiusOfBulge(chord, bulgeOfRadius(chord, radius)) / radius).toBeCloseTo(1, 9);
        },
      ),
    );
  });

  it('is as long as its lines and arcs', () =>
    expect(profileLength(ROUNDED_STEP)).toBeCloseTo(3 + Math.PI + 3, 9));

  it('reaches with an arc beyond its corners', () => {
    const half: Profile = [
      [-1, 0, 1],
      [1, 0, 0],
    ];
    expect(boundsOf(half).low).toBeCloseTo(-1, 9);
    expect(boundsOf(reversed(half)).high).toBeCloseTo(0, 9);
  });

  it('is the same after two mirrorings, and keeps its length when moved', () => {
    mirrored(mirrored(ROUNDED_STEP)).forEach((corner, i) =>
      corner.forEach((one, k) => expect(one).toBeCloseTo(ROUNDED_STEP[i]![k]!, 12)),
    );
    expect(profileLength(moved(mirrored(ROUNDED_STEP), 5, -3))).toBeCloseTo(profileLength(ROUNDED_STEP), 9);
    expect(profileLength(scaled(ROUNDED_STEP, 3))).toBeCloseTo(3 * profileLength(ROUNDED_STEP), 9);
  });

  it('keeps the tool on the left when mirrored', () => {
    const inTool = signedFrom(piecesOf(ROUNDED_STEP), [1, 1]).distanceMm;
    expect(inTool).toBeGreaterThan(0);
    expect(signedFrom(piecesOf(mirrored(ROUNDED_STEP)), [-1, 1]).distanceMm).toBeCloseTo(inTool, 9);
  });

  it('refuses a single corner and an arc of more than half a turn', () => {
    expect(() => piecesOf([[0, 0, 0]])).toThrow('corners');
    expect(() =>
      piecesOf([
        [0, 0, 1.5],
        [1, 0, 0],
      ]),
    ).toThrow('bulge');
  });

  it('is not sampled finer than can be worked with', () => {
    expect(() => sampled(ROUNDED_STEP, 5e-324)).toThrow('chord error');
    expect(() => sampled(scaled(ROUNDED_STEP, 1e6), 1e-7)).toThrow('points of the chain');
    expect(() => steppedPoints(ROUNDED_STEP, 1e-9)).toThrow('points of the chain');
  });

  it('stays within the chord error when sampled', () =>
    fc.assert(
      fc.property(fc.double({ min: 1e-4, max: 0.2, noNaN: true }), (error) => {
        const points = sampled(ROUNDED_STEP, error);
        const chain: Profile = points.map(([x, y]) => [x, y, 0]);
        const off = steppedPoints(ROUNDED_STEP, 0.05).map((point) => distanceFrom(chain, point));
        expect(Math.max(...off)).toBeLessThanOrEqual(error + 1e-9);
      }),
      { numRuns: 30 },
    ));
});

describe('the side of a point', () => {
  it('is positive in the tool, negative where the wheel stands, and 0 on the form', () => {
    const pieces = piecesOf(ROUNDED_STEP);
    expect(signedFrom(pieces, [-1, 2]).distanceMm).toBeCloseTo(1, 9);
    expect(signedFrom(pieces, [-3, 2]).distanceMm).toBeCloseTo(-1, 9);
    expect(signedFrom(pieces, [2, -2]).distanceMm).toBeCloseTo(0, 12);
  });

  it('is decided by both pieces at a corner', () => {
    const corner = piecesOf([
      [0, 1, 0],
      [0, 0, 0],
      [1, 0, 0],
    ]);
    expect(signedFrom(corner, [-1, -1]).distanceMm).toBeCloseTo(-Math.SQRT2, 9);
    expect(signedFrom(corner, [0.5, 0.5]).distanceMm).toBeCloseTo(0.5, 9);
  });
});

describe('a chain that crosses itself', () => {
  it('is found, whatever stands between', () => {
    expect(
      selfCrossing([
        [0, 0],
        [4, 4],
        [4, 0],
        [0, 4],
      ]),
    ).toEqual([0, 2]);
    expect(selfCrossing(sampled(ROUNDED_STEP, 0.01))).toBeNull();
  });

  it('is not one that only closes', () =>
    expect(
      selfCrossing([
        [0, 0],
        [2, 0],
        [2, 2],
        [0, 0],
      ]),
    ).toBeNull());

  it('is none that only runs to the right, and one as soon as it comes back through itself', () =>
    fc.assert(
      fc.property(fc.array(fc.integer({ min: -20, max: 20 }), { minLength: 3, maxLength: 40 }), (heights) => {
        const ahead = heights.map((y, x) => [x, y] as const);
        expect(selfCrossing(ahead)).toBeNull();
        expect(selfCrossing([...ahead, [heights.length, 50], [0.5, 50], [0.5, -50]])).not.toBeNull();
      }),
    ));
});

describe('pieces of a drawing in any order', () => {
  it('are joined into the form they came from, whichever way each runs', () =>
    fc.assert(
      fc.property(
        fc.shuffledSubarray([0, 1, 2], { minLength: 3, maxLength: 3 }),
        fc.array(fc.boolean(), { minLength: 3, maxLength: 3 }),
        (order, turns) => {
          const pieces = order.map(
            (i, k) => piecesOf(turns[k] ? reversed(ROUNDED_STEP) : ROUNDED_STEP)[turns[k] ? 2 - i : i]!,
          );
          const chain = longestChain(pieces, 1e-6);
          expect(chain).toHaveLength(4);
          expect(profileLength(chain)).toBeCloseTo(profileLength(ROUNDED_STEP), 9);
          const ends = [chain[0]!, chain[3]!].map(([x]) => x).sort((a, b) => a - b);
          expect(ends).toEqual([-2, 3]);
        },
      ),
    ));

  it('that do not belong to it are left out', () => {
    const frame = piecesOf([
      [50, 50, 0],
      [51, 50, 0],
    ]);
    expect(profileLength(longestChain([...frame, ...piecesOf(ROUNDED_STEP)], 1e-6))).toBeCloseTo(
      profileLength(ROUNDED_STEP),
      9,
    );
  });

  it('of none is refused', () => expect(() => longestChain([], 0.01)).toThrow('lines and arcs'));
});
