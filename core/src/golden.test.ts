import { GOLDEN } from './golden.fixture';
import { cutPlan } from './plan/cut-plan';
import { findings } from './plan/findings';
import { DEFAULT_RULES } from './plan/rules';

const every = Object.entries(GOLDEN).flatMap(([key, cases]) =>
  cases.map((one) => [`${key}: ${one.name}`, one] as const),
);

test('each operation has at least two', () => {
  for (const [key, cases] of Object.entries(GOLDEN)) expect([key, cases.length >= 2]).toEqual([key, true]);
});

describe('the plan worked by hand', () => {
  it.each(every)('%s', (_, { setup, aimMPerMin, rpm, feedMmRev, depthMm, widthMm, says }) => {
    const plan = cutPlan(setup, DEFAULT_RULES);
    expect({
      aimMPerMin: plan.speed.aimMPerMin,
      rpm: plan.speed.rungRpm,
      feedMmRev: plan.feed.mmRev,
      depthMm: plan.depth.mm,
      widthMm: plan.depth.widthInUseMm,
      says: findings(setup, plan).map(({ code }) => code),
    }).toEqual({
      aimMPerMin: expect.closeTo(aimMPerMin, 9),
      rpm,
      feedMmRev: expect.closeTo(feedMmRev, 9),
      depthMm: expect.closeTo(depthMm, 9),
      widthMm: widthMm === null ? null : expect.closeTo(widthMm, 9),
      says,
    });
  });
});
