import { setup } from '../fixture';
import { cutPlan } from './cut-plan';
import { DEFAULT_RULES, type ShopRules } from './rules';
import { stepUps } from './step-ups';

describe('faster steps as the work gets smaller', () => {
  const input = setup({ workDiameterMm: 60 });
  const plan = cutPlan(input, DEFAULT_RULES);
  const ups = (...[downTo, rules = DEFAULT_RULES]: [(number | null)?, ShopRules?]) =>
    stepUps(input, plan, rules, downTo);

  it('come where the aim is met at them, a tenth over when that is let pass', () => {
    const at = (rpm: number, over: number) => (1000 * plan.speed.aimMPerMin * over) / (Math.PI * rpm);
    expect(ups(0.3)).toEqual([
      { rpm: 265, diameterMm: expect.closeTo(at(265, 1.1), 6), setting: 'Belt 1, out' },
      { rpm: 440, diameterMm: expect.closeTo(at(440, 1.1), 6), setting: 'Belt 2, out' },
    ]);
    expect(ups(0.3, { ...DEFAULT_RULES, rungRule: 'not-above' })[0]!.diameterMm).toBeCloseTo(at(265, 1), 6);
    expect(ups(0.5).map(({ rpm }) => rpm)).toEqual([265]);
    expect(ups()).toEqual(ups(0.3));
  });

  it('are not told where the diameter does not fall', () => {
    const drill = setup({ operation: 'drill' });
    expect(stepUps(drill, cutPlan(drill, DEFAULT_RULES), DEFAULT_RULES)).toEqual([]);
    expect(ups(null)).toEqual([]);
  });
});
