import { costPerPart } from './cost-per-part';
import { costTrials, costSpread } from './cost-spread';
import { COST_INPUTS } from './cost.fixture';
import { usualSpread } from './usual-spread';

const spread = (seed: number, trials = 2000) =>
  costSpread(seed, trials, COST_INPUTS, usualSpread(COST_INPUTS));

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
  const work = costTrials(3, 500, COST_INPUTS, usualSpread(COST_INPUTS));
  work.run(120);
  expect(work.done).toBe(120);
  work.run(1000);
  expect(work.done).toBe(500);
  expect(work.result()).toEqual(costSpread(3, 500, COST_INPUTS, usualSpread(COST_INPUTS)));
});

it('its quantiles lie in order, and its costs ascend', () => {
  const { hss, carbide, hssCosts } = spread(4);
  for (const { p10, p50, p90 } of [hss, carbide]) expect(p10 < p50 && p50 < p90).toBe(true);
  expect(hssCosts.every((cost, i) => i === 0 || cost >= hssCosts[i - 1]!)).toBe(true);
});

it('of one input without a bend it is that input’s own spread', () => {
  // Minutes besides cutting weigh on both sides alike; the cut of HSS on its own only.
  const spread = { kind: 'uniform', min: 4, max: 8 } as const;
  const found = costSpread(6, 20_000, COST_INPUTS, [{ name: 'hssCutMin', spread }]);
  const at = (hssCutMin: number) => costPerPart({ ...COST_INPUTS, hssCutMin });
  const less = (hssCutMin: number) => at(hssCutMin).hssCostPerPart - at(hssCutMin).carbideCostPerPart;
  for (const [quantile, minutes] of [
    ['p10', 4.4],
    ['p50', 6],
    ['p90', 7.6],
  ] as const) {
    expect(found.hss[quantile]).toBeCloseTo(at(minutes).hssCostPerPart, 1);
    expect(found.difference[quantile]).toBeCloseTo(less(minutes), 1);
    expect(found.carbide[quantile]).toBe(at(6).carbideCostPerPart);
  }
  expect(found.differenceMean).toBeCloseTo(less(6), 1);
  expect(found.hangsMostOn).toBe('hssCutMin');
  expect(found.correlations).toEqual([{ name: 'hssCutMin', rho: expect.closeTo(1, 10) }]);
});

it('counts the share of trials, and how far that may be off', () => {
  const found = spread(7);
  const share = found.probabilityCarbideCheaper;
  expect(share).toBeGreaterThan(0.5);
  expect(share).toBeLessThan(1);
  expect(found.shareError).toBeCloseTo(Math.sqrt((share * (1 - share)) / 2000), 12);
  // What costs the same is not cheaper.
  const free = {
    ratePerMin: 0,
    blankCost: 0,
    wheelCostPerGrind: 0,
    insertCost: 0,
    holderCost: 0,
    scrapCost: 0,
  };
  expect(costSpread(1, 10, { ...COST_INPUTS, ...free }, []).probabilityCarbideCheaper).toBe(0);
});

it('asked twice it answers the same: the trials stay as they were drawn', () => {
  const work = costTrials(8, 300, COST_INPUTS, usualSpread(COST_INPUTS));
  work.run(200);
  const before = work.result();
  expect(work.result()).toEqual(before);
  work.run(100);
  expect(work.result()).toEqual(costSpread(8, 300, COST_INPUTS, usualSpread(COST_INPUTS)));
});

it('a longer life of an edge speaks for its own side', () => {
  const rho = Object.fromEntries(spread(5).correlations.map((one) => [one.name, one.rho]));
  expect(rho.hssLifeMin).toBeLessThan(0);
  expect(rho.carbideLifeMin).toBeGreaterThan(0);
  expect(rho.regrindMin).toBeGreaterThan(0);
  expect(rho.breakProbability).toBeLessThan(0);
});

it('with nothing uncertain it hangs on nothing', () =>
  expect(costSpread(1, 10, COST_INPUTS, [])).toMatchObject({
    hangsMostOn: null,
    correlations: [],
    shareError: 0,
  }));

it('refuses a spread that cannot be, and too few trials', () => {
  expect(() =>
    costTrials(1, 10, COST_INPUTS, [{ name: 'regrindMin', spread: { kind: 'uniform', min: 2, max: 1 } }]),
  ).toThrow('least value');
  expect(() => costTrials(1, 1, COST_INPUTS, [])).toThrow('number of trials');
});

it('a chance of a break is spread to three times, never beyond certainty', () => {
  const chance = (breakProbability: number) =>
    usualSpread({ ...COST_INPUTS, breakProbability }).find(({ name }) => name === 'breakProbability')!.spread;
  expect(chance(0.1)).toEqual({
    kind: 'uniform',
    min: expect.closeTo(0.02, 12),
    max: expect.closeTo(0.3, 12),
  });
  expect(chance(0.5)).toEqual({ kind: 'uniform', min: 0.1, max: 1 });
});

it('spreads nothing that costs nothing', () => {
  const free = { ...COST_INPUTS, regrindMin: 0, breakProbability: 0 };
  expect(usualSpread(free).map(({ name }) => name)).toEqual([
    'hssLifeMin',
    'carbideLifeMin',
    'hssCutMin',
    'carbideCutMin',
  ]);
});
