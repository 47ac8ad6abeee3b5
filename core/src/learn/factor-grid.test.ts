import fc from 'fast-check';
import { bandOf, fromLogs, GRID, logLikelihood, normalPrior, trialOf } from './factor-grid';
import { factorGroups } from './factor-groups';

const sum = (shares: ArrayLike<number>): number => Array.from(shares).reduce((all, one) => all + one, 0);

it('the grid reaches from a fifth to five times the table', () => {
  expect([GRID[0], GRID.at(-1)]).toEqual([-1.6, expect.closeTo(1.6, 9)]);
  expect(GRID).toHaveLength(321);
});

it('a prior adds up to 1, and its band is that of the normal', () => {
  const prior = normalPrior(0.1, 0.2);
  expect(sum(prior)).toBeCloseTo(1, 12);
  const { median, low, high, sdLn } = bandOf(prior);
  expect(Math.log(median)).toBeCloseTo(0.1, 4);
  // Nine in ten of a normal lie below 1.2816 of its scatter.
  expect(Math.log(high)).toBeCloseTo(0.1 + 1.2816 * 0.2, 3);
  expect(Math.log(low)).toBeCloseTo(0.1 - 1.2816 * 0.2, 3);
  expect(sdLn).toBeCloseTo(0.2, 4);
});

it('at every factor the three verdicts together are certain', () =>
  fc.assert(
    fc.property(fc.double({ min: 0.3, max: 3, noNaN: true }), (ratio) => {
      const shares = (['too-slow', 'right', 'too-fast'] as const).map((verdict) =>
        logLikelihood([{ ratio, verdict }]).map(Math.exp),
      );
      for (const k of [0, 80, 160, 240, 320])
        expect(shares.reduce((all, one) => all + one[k]!, 0)).toBeCloseTo(1, 9);
    }),
  ));

it('a cut that says nothing for certain still leaves every factor possible', () => {
  const odd = logLikelihood([{ ratio: 5, verdict: 'too-slow' }]);
  expect(Math.exp(Math.min(...odd))).toBeCloseTo(0.1 / 3, 6);
});

it('logarithms of any size become probabilities', () => {
  for (const far of [-1e6, 0, 1e6]) {
    const shares = fromLogs([far, far + Math.log(3)]);
    expect([...shares]).toEqual([expect.closeTo(0.25, 9), expect.closeTo(0.75, 9)]);
  }
  expect(() => fromLogs([-Infinity, -Infinity])).toThrow('likelihood of the trials');
});

it('a count of the book is as many trials at its ratio', () => {
  const trial = trialOf({ lnRatio: -40, verdict: 'right', cuts: 3 });
  expect(trial).toEqual({ ratio: expect.closeTo(Math.exp(-0.4), 12), verdict: 'right', count: 3 });
});

it('the order in which groups are named does not matter', () => {
  const [a, b] = [
    [{ ratio: 0.7, verdict: 'right' as const, count: 5 }],
    [{ ratio: 1.1, verdict: 'too-slow' as const }],
  ];
  const [one, other] = [factorGroups({ a, b }), factorGroups({ b, a })];
  expect(one.machine.median).toBeCloseTo(other.machine.median, 9);
  expect(one.groups.a!.median).toBeCloseTo(other.groups.a!.median, 9);
});

it('a thousand cuts of one kind do not overflow', () => {
  const { groups, machine } = factorGroups({
    steel: [{ ratio: 0.6, verdict: 'right', count: 5_000 }],
    brass: [{ ratio: 1.4, verdict: 'right', count: 5_000 }],
  });
  expect(groups.steel!.median).toBeCloseTo(0.6, 1);
  expect(groups.brass!.median).toBeCloseTo(1.4, 1);
  expect(machine.median).toBeGreaterThan(0.7);
  expect(machine.median).toBeLessThan(1.2);
});
