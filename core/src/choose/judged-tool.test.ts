import { INSERT, setup, TOOLS } from '../fixture';
import { of } from '../operation/golden.fixture';
import type { CutSetup } from '../operation/registry';
import { forecast } from '../plan/forecast';
import { DEFAULT_RULES } from '../plan/rules';
import type { Tool } from '../tool/tool';
import { tradeOf, USUAL_PRICES } from '../cost/usual-prices';
import { GEARED_LATHE, KNIFE, ORDINARY_LATHE } from './choice.fixture';
import { judge } from './judged-tool';

const of_ = (cut: CutSetup, tool: Tool, passes = 1) =>
  judge(cut, tool, { passes }, DEFAULT_RULES, ({ kind }) => USUAL_PRICES[tradeOf(kind)]);
const CUT = setup({ machine: GEARED_LATHE, stock: of('medium-carbon'), workDiameterMm: 60 });

it('takes the minutes of its passes from the planned cut', () => {
  const one = of_(CUT, KNIFE)!;
  expect(one.cutMin).toBeCloseTo(forecast(one.setup, one.plan).passS / 60, 12);
  expect(of_(CUT, KNIFE, 3)!.cutMin).toBeCloseTo(3 * one.cutMin, 12);
});

it('is planned afresh: what the hand set for another tool does not hold for this one', () => {
  const byHand = { ...CUT, rpmByHand: 63, feedByHand: 0.5 };
  expect(of_(byHand, KNIFE)!.plan.speed.rungRpm).toBe(of_(CUT, KNIFE)!.plan.speed.rungRpm);
  expect(of_(byHand, KNIFE)!.setup).toMatchObject({ tool: KNIFE, rpmByHand: null, feedByHand: null });
});

it('costs by its own family: the bit its grinding, the insert its edge', () => {
  const { ratePerMin, idleMin } = USUAL_PRICES['ground-bit'];
  for (const tool of [KNIFE, INSERT]) {
    const { costPerPart, cutMin, lifeMin } = of_(CUT, tool)!;
    const edge = costPerPart - (cutMin + idleMin) * ratePerMin;
    // A life of the bit; an edge on a rigid machine, where one in fifty breaks half way: 3.1225/0.99.
    expect((edge / cutMin) * lifeMin).toBeCloseTo(tool === KNIFE ? 4.0541 : 3.154, 4);
  }
});

it('below carbide’s speed an edge crumbles at a third of its usual life; none lasts over 240 minutes', () => {
  const slow = setup({ machine: ORDINARY_LATHE, workDiameterMm: 12 });
  const { lifeMin, plan } = of_(slow, INSERT)!;
  expect(forecast(of_(slow, INSERT)!.setup, plan).life).toBeNull();
  expect(lifeMin).toBeCloseTo(plan.edge.life.minutes / 3, 10);
  expect(of_(slow, KNIFE)!.lifeMin).toBe(240);
});

it('is null where the tool does not fit', () => {
  const bore = setup({ operation: 'bore', workDiameterMm: 16 });
  expect(of_(bore, { ...TOOLS['boring-bar'], barMm: 20 })).toBeNull();
  expect(of_(bore, { ...TOOLS['boring-bar'], barMm: 8 })).not.toBeNull();
});
