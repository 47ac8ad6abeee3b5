import { costPerPart, usualSpread } from '@pike-stone/core/choose';
import { COST_INPUTS } from '@pike-stone/core/choose-fixture';
import { costWork } from './cost-pieces';

const question = (trials: number) => ({
  seed: 7,
  trials,
  fixed: COST_INPUTS,
  uncertain: usualSpread(COST_INPUTS),
});

it('tells how far it is, from the first piece to the last', async () => {
  const shares: number[] = [];
  const answer = await costWork().spread(question(20_000), (share) => shares.push(share));
  expect(shares).toEqual([0.25, 0.5, 0.75, 1]);
  expect(answer!.hssCounts.reduce((sum, count) => sum + count, 0)).toBe(20_000);
  expect(answer!.carbideCounts).toHaveLength(48);
});

it('lies about the cost that is reckoned without doubt, between the ends that are drawn', async () => {
  const answer = (await costWork().spread(question(20_000), () => undefined))!;
  const sure = costPerPart(COST_INPUTS);
  for (const [spread, cost] of [
    [answer.hss, sure.hssCostPerPart],
    [answer.carbide, sure.carbideCostPerPart],
  ] as const) {
    expect(spread.p10).toBeLessThan(cost);
    expect(spread.p90).toBeGreaterThan(cost);
    expect(answer.low).toBeLessThan(spread.p10);
    expect(answer.high).toBeGreaterThan(spread.p90);
  }
  expect(answer.probabilityCarbideCheaper).toBeGreaterThan(0.9);
});

it('is given up when it is stopped, and when another question comes', async () => {
  const work = costWork();
  const stopped = work.spread(question(50_000), () => undefined);
  work.stop();
  expect(await stopped).toBeNull();
  const old = work.spread(question(50_000), () => undefined);
  const next = work.spread(question(5_000), () => undefined);
  expect(await old).toBeNull();
  expect((await next)!.shareError).toBeGreaterThan(0);
});
