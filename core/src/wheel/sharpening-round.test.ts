import fc from 'fast-check';
import { sharpeningRound, type Round, type RoundCosts, type RoundJob } from './sharpening-round';
import { ROUND_SET_UPS } from './wheel-names';

const COSTS: RoundCosts = {
  wheels: {
    grey: { changeMin: 0.5, tiltDeg: null },
    white: { changeMin: 0.5, tiltDeg: null },
    post: { changeMin: 6, tiltDeg: null },
  },
  setUpMin: { rest: 1, drill: 2, 'free-hand': 0.5, 'end-teeth': 15, stone: 1 },
  restMin: 1.5,
};
const job = (of: string, deg: number | null, over: Partial<RoundJob> = {}): RoundJob => ({
  of,
  face: 'side',
  wheel: 'grey',
  setUp: 'rest',
  stage: 0,
  tilt: deg === null ? null : { wantedDeg: deg, lowDeg: deg - 1, highDeg: deg + 2 },
  minutes: 2,
  ...over,
});
const tilts = ({ groups }: Round) => groups.map(({ tiltDeg }) => tiltDeg);

it('faces whose bands have a tilt in common share it', () => {
  // 8 allows 7 to 10, 9.8 allows 8.8 to 11.8, 11.5 allows 10.5 to 13.5: two settings do.
  const round = sharpeningRound([job('a', 8), job('b', 9.8), job('c', 11.5)], COSTS);
  expect(round.groups.map(({ jobs }) => jobs.map(({ of }) => of))).toEqual([['a', 'b'], ['c']]);
  expect(tilts(round)).toEqual([9, 11.5]);
  // Set-up 1, wheel 0.5, two tilts of 1.5; three faces of 2.
  expect(round.changeMin).toBeCloseTo(4.5, 9);
  expect(round.grindMin).toBe(6);
});

it('a rest that stands right is not touched', () => {
  const standing = { ...COSTS, wheels: { ...COSTS.wheels, grey: { changeMin: 0.5, tiltDeg: 8.4 } } };
  const round = sharpeningRound([job('a', 8), job('b', 12)], standing);
  expect(round.groups.map(({ tiltDeg, asItStands }) => [tiltDeg, asItStands])).toEqual([
    [8.4, true],
    [12, false],
  ]);
});

it('a set-up in the lathe is made once, and roughing comes before finishing', () => {
  const round = sharpeningRound(
    [
      job('mill 1', null, { setUp: 'end-teeth', wheel: 'post' }),
      job('bit', 10, { stage: 1, wheel: 'white' }),
      job('mill 2', null, { setUp: 'end-teeth', wheel: 'post' }),
      job('bit', 10),
    ],
    COSTS,
  );
  expect(round.groups.map(({ wheel }) => wheel)).toEqual(['post', 'grey', 'white']);
});

it('an empty round takes no time', () =>
  expect(sharpeningRound([], COSTS)).toEqual({ groups: [], changeMin: 0, grindMin: 0, exact: true }));

const anyJob = fc.record({
  of: fc.constantFrom('a', 'b', 'c', 'd'),
  face: fc.constantFrom('side', 'front'),
  wheel: fc.constantFrom('grey', 'white', 'post'),
  setUp: fc.constantFrom(...ROUND_SET_UPS),
  stage: fc.constantFrom(0, 1),
  tilt: fc.option(
    fc.integer({ min: 0, max: 20 }).map((deg) => ({ wantedDeg: deg, lowDeg: deg - 1, highDeg: deg + 2 })),
  ),
  minutes: fc.constant(1),
});

/** Every order of a list. */
const orders = <T>(list: readonly T[]): readonly (readonly T[])[] =>
  list.length <= 1
    ? [list]
    : list.flatMap((one, i) => orders(list.toSpliced(i, 1)).map((rest) => [one, ...rest]));

const minutesOf = (groups: Round['groups']): number =>
  groups.reduce((sum, to, i) => {
    const from = groups[i - 1];
    return (
      sum
      + (from?.setUp === to.setUp ? 0 : COSTS.setUpMin[to.setUp])
      + (from?.wheel === to.wheel ? 0 : COSTS.wheels[to.wheel]!.changeMin)
      + (to.tiltDeg === null ? 0 : COSTS.restMin)
    );
  }, 0);

it('no order of the groups with the stages in turn takes fewer minutes', () =>
  fc.assert(
    fc.property(fc.array(anyJob, { minLength: 1, maxLength: 6 }), (jobs) => {
      const round = sharpeningRound(jobs, COSTS);
      const least = Math.min(
        ...orders(round.groups)
          .filter((one) => one.every(({ stage }, i) => i === 0 || stage >= one[i - 1]!.stage))
          .map(minutesOf),
      );
      expect(round.changeMin).toBeCloseTo(least, 9);
      expect(minutesOf(round.groups)).toBeCloseTo(round.changeMin, 9);
    }),
    { numRuns: 60 },
  ));

it('every face is ground once, within its band, and no fewer tilts would do', () =>
  fc.assert(
    fc.property(fc.array(fc.integer({ min: 0, max: 30 }), { minLength: 1, maxLength: 7 }), (degs) => {
      const { groups } = sharpeningRound(
        degs.map((deg, i) => job(String(i), deg)),
        COSTS,
      );
      const ground = groups.flatMap(({ jobs, tiltDeg }) =>
        jobs.map(({ of, tilt }) => ({ of, tilt: tilt!, tiltDeg: tiltDeg! })),
      );
      expect(ground.map(({ of }) => of).sort()).toEqual(degs.map((_, i) => String(i)).sort());
      ground.forEach(({ tilt, tiltDeg }) => {
        expect(tiltDeg).toBeGreaterThanOrEqual(tilt.lowDeg);
        expect(tiltDeg).toBeLessThanOrEqual(tilt.highDeg);
      });
      // As many faces as groups have no tilt in common, two by two: so many tilts are needed.
      const apart = [...degs]
        .sort((a, b) => a - b)
        .reduce<number[]>(
          (kept, deg) => (kept.length === 0 || deg - kept.at(-1)! > 3 ? [...kept, deg] : kept),
          [],
        );
      expect(groups).toHaveLength(apart.length);
    }),
  ));

it('a very long round is still parted into the fewest tilts, in a good order', () => {
  const many = Array.from({ length: 40 }, (_, i) => job(String(i), 4 * i));
  const round = sharpeningRound(many, COSTS);
  expect(round.exact).toBe(false);
  expect(round.groups).toHaveLength(40);
  expect(tilts(round)).toEqual([...tilts(round)].sort((a, b) => a! - b!));
});
