import { setup } from '../fixture';
import { of } from '../operation/golden.fixture';
import { beginCosts } from './begin-costs';
import { cheapestSpeeds } from './cheapest-speed';
import { BOTH, choose, GEARED_LATHE, KNIFE } from './choice.fixture';

const CUT = setup({ machine: GEARED_LATHE, stock: of('medium-carbon'), workDiameterMm: 60 });

it('what is in the drawer costs nothing to begin; else a blank and its first grind, a holder and an insert', () => {
  expect(beginCosts(choose(CUT, BOTH))).toEqual({ hss: 0, carbide: 0 });
  expect(beginCosts(choose(CUT, [KNIFE]))).toEqual({ hss: 0, carbide: 69 });
  // 12 and 20 minutes at 0.6; 60 and 9.
  expect(beginCosts(choose(CUT, []))).toEqual({ hss: 24, carbide: 69 });
});

it('the cheapest speed lies on the line of life through the planned cut', () => {
  const choice = choose(CUT, BOTH);
  const [hss, carbide] = cheapestSpeeds(choice);
  expect([hss!.family, carbide!.family]).toEqual(['hss', 'carbide']);
  for (const [one, judged] of [
    [hss!, choice.hss.judged],
    [carbide!, choice.carbide.judged],
  ] as const) {
    const { minCost, maxOutput } = one.found;
    expect(one.plannedMPerMin).toBe(judged.plan.speed.actualMPerMin);
    // V T^n is the same at the planned and at the cheapest speed.
    const line = (vcMPerMin: number, lifeMin: number) => vcMPerMin * lifeMin ** judged.plan.edge.life.n;
    expect(line(minCost.vcMPerMin, minCost.lifeMin)).toBeCloseTo(line(one.plannedMPerMin, judged.lifeMin), 8);
    expect(maxOutput.vcMPerMin).toBeGreaterThan(minCost.vcMPerMin);
  }
  // Life at least cost: (1/n - 1)(2 + 4.0541/0.6) minutes for the bit.
  const { n } = choice.hss.judged.plan.edge.life;
  expect(hss!.found.minCost.lifeMin).toBeCloseTo((1 / n - 1) * (2 + choice.cost.hssCostPerLife / 0.6), 8);
  expect(carbide!.found.minCost.lifeMin).toBeCloseTo(
    (1 / choice.carbide.judged.plan.edge.life.n - 1) * (1 + choice.cost.carbideCostPerEdgeLife / 0.6),
    8,
  );
});

it('an edge that is changed at once still takes a few seconds', () => {
  const choice = choose(CUT, BOTH);
  const at = (indexMin: number) =>
    cheapestSpeeds({ ...choice, costInputs: { ...choice.costInputs, indexMin } })[1]!.found.maxOutput.lifeMin;
  expect(at(0)).toBeCloseTo(at(0.1), 10);
  expect(at(0.2)).toBeCloseTo(2 * at(0.1), 10);
});
