import { cutPlan, DEFAULT_RULES } from '@pike-stone/core';
import { GOLDEN } from '@pike-stone/core/golden';
import { formatFeedPerTurn, formatLength, formatSpindleSpeed, formatSurfaceSpeed, joined } from './format';
import { cautions } from './caution';
import { warnings } from './finding';
import { speedUnit, feedPer } from '@pike-stone/core';
import { working } from './working/working';

const every = Object.entries(GOLDEN).flatMap(([key, cases]) =>
  cases.map((one) => [`${key}: ${one.name}`, one] as const),
);

describe('the plan worked by hand, as people read it', () => {
  it.each(every)('%s', (_, { setup, aimMPerMin, rpm, feedMmRev, depthMm, says }) => {
    const plan = cutPlan(setup, DEFAULT_RULES);
    const values = (of: 'speed' | 'feed' | 'depth') =>
      working(of, setup, plan, DEFAULT_RULES, 'mm')
        .map(({ label, value, reason = '' }) => `${label} ${value} ${reason}`)
        .join('\n');
    expect(values('speed')).toContain(joined(formatSurfaceSpeed(aimMPerMin, 'mm')));
    expect(values('speed')).toContain(joined(formatSpindleSpeed(rpm, speedUnit(setup))));
    if (plan.feed.setting.how === 'lever')
      expect(values('feed')).toContain(joined(formatFeedPerTurn(feedMmRev, 'mm', feedPer(setup))));
    expect(values('depth')).toContain(formatLength(depthMm, 'mm').figure);
    const told = warnings(setup, plan, 'mm');
    expect(told.map(({ key }) => key)).toEqual(says);
    for (const { text } of [...told, ...cautions(setup, plan)]) expect(text).toMatch(/^[A-Z\d⌀].+[.!]$/s);
  });
});
