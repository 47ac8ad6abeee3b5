import { BELT_LATHE, END_MILL, HAND_MILL, MOTOR, TOOLS, setup } from '../fixture';
import { cutPlan } from './cut-plan';
import { finishWish } from './finish-wish';
import { forecast } from './forecast';
import { DEFAULT_RULES } from './rules';
import { planWith } from './sweep';

const lathe = { ...BELT_LATHE, motor: MOTOR };
const mill = { ...HAND_MILL, motor: MOTOR };

describe('a wanted finish', () => {
  it('asks for a feed that leaves it, and a finer one for a finer finish', () => {
    const input = setup({ machine: lathe });
    const plan = cutPlan(input, DEFAULT_RULES);
    const rough = finishWish(input, plan, 6.3)!;
    const fine = finishWish(input, plan, 3.2)!;
    expect(fine.feedMmRev!).toBeLessThan(rough.feedMmRev!);
    expect(forecast(input, planWith(plan, { mmRev: fine.feedMmRev! })).finish!.realisticRaUm).toBeCloseTo(
      3.2,
      1,
    );
    expect(fine.lever!.value).toBeLessThanOrEqual(fine.feedMmRev!);
    expect(finishWish(input, plan, 0.01)).toMatchObject({ feedMmRev: null, lever: null });
  });

  it('or for a nose that leaves it at the feed as it is', () => {
    const input = setup({ machine: lathe });
    const plan = cutPlan(input, DEFAULT_RULES);
    const { noseMm } = finishWish(input, plan, 1.6)!;
    const rounder = { ...input, tool: { ...TOOLS['turning-tool'], noseRadiusMm: noseMm! } };
    expect(
      forecast(
        rounder,
        planWith(cutPlan(rounder, DEFAULT_RULES), { rpm: plan.speed.rungRpm, mmRev: plan.feed.mmRev }),
      ).finish!.realisticRaUm,
    ).toBeLessThanOrEqual(1.7);
    expect(
      finishWish(setup({ machine: mill, operation: 'mill-side', tool: END_MILL }), plan, 1.6),
    ).toBeNull();
  });
});
