import { cutPlan, DEFAULT_RULES, feedPer, speedUnit } from '@pike-stone/core';
import { GOLDEN } from '@pike-stone/core/golden';
import { cautions } from './caution';
import { warnings } from './finding';
import { formatChainFeed, formatChainSpeed, formatLength, formatSpindleSpeed, joined } from './format';
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
    expect(values('speed')).toContain(joined(formatChainSpeed(aimMPerMin, 'mm')));
    expect(values('speed')).toContain(joined(formatSpindleSpeed(rpm, speedUnit(setup))));
    const perTurn = joined(formatChainFeed(feedMmRev, 'mm', feedPer(setup)));
    const told = { lever: perTurn, screw: perTurn, hand: 's a turn', strokes: 'strokes a minute' };
    expect(values('feed')).toContain(told[plan.feed.setting.how]);
    expect(values('depth')).toContain(formatLength(depthMm, 'mm').figure);
    const warned = warnings(setup, plan, 'mm');
    expect(warned.map(({ key }) => key)).toEqual(says);
    for (const { text } of [...warned, ...cautions(setup, plan)]) expect(text).toMatch(/^[A-Z\d⌀].+[.!]$/s);
  });
});
