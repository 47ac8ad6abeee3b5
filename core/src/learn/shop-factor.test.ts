import fc from 'fast-check';
import { inverseNormal } from '../quantity/inverse-normal';
import { seededDraws } from '../quantity/random-draws';
import type { FactorTrial } from './factor-grid';
import { factorGroups, GROUP_SD_LN, MACHINE_SD_LN } from './factor-groups';
import { factorHistory } from './factor-history';
import { PRIOR_SD_LN, shopFactor } from './shop-factor';
import type { Verdict } from '../operation/how-it-went';

const right = (ratio: number, count = 1): FactorTrial => ({ ratio, verdict: 'right', count });

describe('the factor of a shop', () => {
  it('is 1 before any cut, four times in five between 0.64 and 1.57', () => {
    const { median, low, high, cuts } = shopFactor([]);
    expect([median, low, high].map((one) => one.toFixed(2))).toEqual(['1.00', '0.64', '1.57']);
    expect(cuts).toBe(0);
  });

  it('of three shops worked by hand: one that runs slower than the table, one odd cut in nine, one that is stiff', () => {
    const slow = shopFactor([
      right(20 / 30),
      { ratio: 0.8, verdict: 'too-fast' },
      right(0.6),
      { ratio: 16 / 30, verdict: 'too-slow' },
    ]);
    expect([slow.median, slow.low, slow.high].map((one) => one.toFixed(3))).toEqual([
      '0.675',
      '0.579',
      '0.790',
    ]);
    const odd = shopFactor([right(2 / 3, 8), { ratio: 0.5, verdict: 'too-fast' }]);
    expect(odd.median.toFixed(3)).toBe('0.666');
    const stiff = shopFactor([
      { ratio: 1, verdict: 'too-slow' },
      { ratio: 1.2, verdict: 'too-slow' },
      right(1.4),
    ]);
    expect(stiff.median.toFixed(3)).toBe('1.483');
  });

  it('moves less than six in a hundred by one odd cut beside eight, whatever it says', () =>
    fc.assert(
      fc.property(
        fc.double({ min: 0.7, max: 1.4, noNaN: true }),
        fc.double({ min: 0.5, max: 2, noNaN: true }),
        fc.constantFrom<Verdict>('too-slow', 'too-fast', 'right'),
        (ratio, odd, verdict) => {
          const before = shopFactor([right(ratio, 8)]).median;
          const after = shopFactor([right(ratio, 8), { ratio: odd, verdict }]).median;
          expect(Math.abs(after / before - 1)).toBeLessThan(0.06);
        },
      ),
      { numRuns: 60 },
    ));

  it('more cuts that say the same narrow the band; a cut that was too fast never raises the factor', () =>
    fc.assert(
      fc.property(
        fc.double({ min: 0.6, max: 1.6, noNaN: true }),
        fc.integer({ min: 1, max: 20 }),
        (ratio, count) => {
          const [few, many] = [shopFactor([right(ratio, count)]), shopFactor([right(ratio, 3 * count)])];
          expect(many.sdLn).toBeLessThan(few.sdLn);
          const faster = shopFactor([right(ratio, count), { ratio, verdict: 'too-fast' }]);
          expect(faster.median).toBeLessThan(few.median + 1e-9);
          const slower = shopFactor([right(ratio, count), { ratio, verdict: 'too-slow' }]);
          expect(slower.median).toBeGreaterThan(few.median - 1e-9);
        },
      ),
      { numRuns: 40 },
    ));

  it('counts of equal cuts are the same as the cuts one by one', () => {
    const one = shopFactor([right(0.8), right(0.8), right(0.8)]);
    expect(shopFactor([right(0.8, 3)])).toEqual(one);
  });

  it.each([0, -1, NaN, Infinity])('refuses a ratio of %d', (ratio) =>
    expect(() => shopFactor([right(ratio)])).toThrow('set over table'),
  );
});

/** A simulated cut: how a shop whose factor is known judges a setting, one in ten at random. */
function judged(lnFactor: number, lnRatio: number, draw: () => number): Verdict {
  const odd = draw();
  const felt = lnRatio - lnFactor + 0.2 * inverseNormal(draw());
  if (odd < 0.1) return (['too-slow', 'right', 'too-fast'] as const)[Math.floor(30 * odd)]!;
  if (felt < -0.15) return 'too-slow';
  return felt > 0.15 ? 'too-fast' : 'right';
}
const SHOPS = 1_000;
const NOMINAL = 0.8;
const POINTS = 0.03;

describe('over a thousand simulated shops the band holds the truth as often as it says', () => {
  it('for one factor of eight cuts each', () => {
    const draw = seededDraws(15);
    let held = 0;
    for (let shop = 0; shop < SHOPS; shop += 1) {
      const truth = PRIOR_SD_LN * inverseNormal(draw());
      const trials = Array.from({ length: 8 }, (): FactorTrial => {
        const lnRatio = 0.3 * inverseNormal(draw());
        return { ratio: Math.exp(lnRatio), verdict: judged(truth, lnRatio, draw) };
      });
      const { low, high } = shopFactor(trials);
      if (Math.exp(truth) >= low && Math.exp(truth) <= high) held += 1;
    }
    expect(Math.abs(held / SHOPS - NOMINAL)).toBeLessThan(POINTS);
  });

  it('for a machine, its groups, and a group that has no cuts yet', () => {
    const draw = seededDraws(16);
    const held = { machine: 0, group: 0, fresh: 0 };
    for (let shop = 0; shop < SHOPS; shop += 1) {
      const machine = MACHINE_SD_LN * inverseNormal(draw());
      const truths = [0, 1, 2].map(() => machine + GROUP_SD_LN * inverseNormal(draw()));
      const trials = truths.slice(0, 2).map((truth, i) =>
        Array.from({ length: 2 + 3 * i }, (): FactorTrial => {
          const lnRatio = 0.3 * inverseNormal(draw());
          return { ratio: Math.exp(lnRatio), verdict: judged(truth, lnRatio, draw) };
        }),
      );
      const found = factorGroups({ first: trials[0]!, second: trials[1]! });
      const within = (ln: number, { low, high }: { low: number; high: number }) =>
        Number(Math.exp(ln) >= low && Math.exp(ln) <= high);
      held.machine += within(machine, found.machine);
      held.group += within(truths[shop % 2]!, found.groups[shop % 2 === 0 ? 'first' : 'second']!);
      held.fresh += within(truths[2]!, found.newGroup);
    }
    for (const count of Object.values(held)) expect(Math.abs(count / SHOPS - NOMINAL)).toBeLessThan(POINTS);
  });
});

describe('groups of a machine', () => {
  it('a group with few cuts borrows from the others, one with many stands by itself', () => {
    const found = factorGroups({ steel: [right(0.6, 30)], brass: [right(1, 1)] });
    expect(found.groups.steel!.median).toBeCloseTo(shopFactor([right(0.6, 30)]).median, 1);
    expect(found.groups.brass!.median).toBeLessThan(shopFactor([right(1)]).median);
    expect(found.machine.cuts).toBe(31);
    expect(found.newGroup.sdLn).toBeGreaterThan(found.machine.sdLn);
  });

  it('without any cut they are as the prior', () => {
    const { machine, newGroup, groups } = factorGroups({});
    expect([machine.median, newGroup.median]).toEqual([expect.closeTo(1, 9), expect.closeTo(1, 9)]);
    expect(groups).toEqual({});
  });
});

it('month by month the factor is what all cuts up to then say', () => {
  const rows = [
    { month: '2026-10', lnRatio: -40, verdict: 'right' as const, cuts: 4 },
    { month: '2026-09', lnRatio: 0, verdict: 'right' as const, cuts: 2 },
  ];
  const history = factorHistory(rows);
  expect(history.map(({ month, cuts }) => [month, cuts])).toEqual([
    ['2026-09', 2],
    ['2026-10', 6],
  ]);
  expect(history[0]!.median).toBeCloseTo(shopFactor([right(1, 2)]).median, 12);
  expect(history[1]!.median).toBeLessThan(history[0]!.median);
});
