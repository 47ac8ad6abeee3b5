import { costTrials, costSpread } from './cost-spread';
import { USUAL_PRICES } from './usual-prices';
import { usualSpread } from './usual-spread';

const FIXED = {
  ...USUAL_PRICES['ground-bit'],
  breakProbability: 0.1,
  hssCutMin: 6,
  hssLifeMin: 60,
  carbideCutMin: 3,
  carbideLifeMin: 20,
};
const spread = (seed: number, trials = 2000) => costSpread(seed, trials, FIXED, usualSpread(FIXED));

it('gives the same answer for the same seed, and nearly the same for another', () => {
  const [a, b] = [spread(1), spread(2)];
  expect(spread(1)).toEqual(a);
  expect(b.hss.p50).not.toBe(a.hss.p50);
  // Two shares of 2000 trials differ by a few standard errors at most.
  expect(Math.abs(a.probabilityCarbideCheaper - b.probabilityCarbideCheaper)).toBeLessThan(
    5 * Math.hypot(a.shareError, b.shareError) + 1e-9,
  );
});

it('made in pieces it is the same as at once, and says how far it is', () => {
  const work = costTrials(3, 500, FIXED, usualSpread(FIXED));
  work.run(120);
  expect(work.done).toBe(120);
  work.run(1000);
  expect(work.done).toBe(500);
  expect(work.result()).toEqual(costSpread(3, 500, FIXED, usualSpread(FIXED)));
});

it('its quantiles lie in order, and its costs ascend', () => {
  const { hss, carbide, hssCosts } = spread(4);
  for (const { p10, p50, p90 } of [hss, carbide]) expect(p10 < p50 && p50 < p90).toBe(true);
  expect(hssCosts.every((cost, i) => i === 0 || cost >= hssCosts[i - 1]!)).toBe(true);
});

it('a longer life of an edge speaks for its own side', () => {
  const rho = Object.fromEntries(spread(5).correlations.map((one) => [one.name, one.rho]));
  expect(rho.hssLifeMin).toBeLessThan(0);
  expect(rho.carbideLifeMin).toBeGreaterThan(0);
  expect(rho.regrindMin).toBeGreaterThan(0);
  expect(rho.breakProbability).toBeLessThan(0);
});

it('with nothing uncertain it hangs on nothing', () =>
  expect(costSpread(1, 10, FIXED, [])).toMatchObject({ hangsMostOn: null, correlations: [], shareError: 0 }));

it('refuses a spread that cannot be, and too few trials', () => {
  expect(() =>
    costTrials(1, 10, FIXED, [{ name: 'regrindMin', spread: { kind: 'uniform', min: 2, max: 1 } }]),
  ).toThrow('least value');
  expect(() => costTrials(1, 1, FIXED, [])).toThrow('number of trials');
});

it('spreads nothing that costs nothing', () => {
  const free = { ...FIXED, regrindMin: 0, breakProbability: 0 };
  expect(usualSpread(free).map(({ name }) => name)).toEqual([
    'hssLifeMin',
    'carbideLifeMin',
    'hssCutMin',
    'carbideCutMin',
  ]);
});
