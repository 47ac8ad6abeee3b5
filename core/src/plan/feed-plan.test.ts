import { BELT_LATHE, DRILL, END_MILL, HAND_MILL, setup } from '../fixture';
import { cutPlan } from './cut-plan';
import { usableFeeds } from './feed-plan';
import { DEFAULT_RULES } from './rules';

describe('the feed this machine has', () => {
  it('has no lever for drilling, and half of each for facing', () => {
    expect(usableFeeds(setup({ operation: 'drill', tool: DRILL }))).toEqual([]);
    expect(usableFeeds(setup({ operation: 'face' })).map((step) => step.value)).toEqual(
      BELT_LATHE.feeds.map((step) => step.value / 2),
    );
  });

  it('follows a mill’s table feed in mm/min at the speed in use', () => {
    const machine = {
      ...HAND_MILL,
      feeds: [20, 40, 80, 160].map((value, i) => ({ value, setting: `Lever ${i + 1}` })),
    };
    const { feed, speed } = cutPlan(
      setup({ machine, operation: 'mill-slot', tool: END_MILL, stickOutMm: 30 }),
      DEFAULT_RULES,
    );
    expect(feed.setting).toMatchObject({ how: 'lever', per: 'min' });
    expect(feed.mmMin).toBe(feed.setting.how === 'lever' ? feed.setting.value : NaN);
    expect(feed.mmRev * speed.rungRpm).toBeCloseTo(feed.mmMin, 9);
    expect(feed.mmMin).toBeLessThanOrEqual(feed.highMmRev * speed.rungRpm);
  });

  it('keeps a lever picked by hand and says when it is too coarse', () => {
    const { feed } = cutPlan(setup({ feedByHand: 0.19 }), DEFAULT_RULES);
    expect(feed).toMatchObject({ mmRev: 0.19, byHandChoice: true });
    expect(cutPlan(setup({ feedByHand: 0.05 }), DEFAULT_RULES).feed).toMatchObject({
      mmRev: 0.05,
      rubs: false,
    });
    expect(cutPlan(setup({ feedByHand: 0.07 }), DEFAULT_RULES).feed.byHandChoice).toBe(false);
  });
});
