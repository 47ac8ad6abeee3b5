import { feedPer, type CutPlan, type CutSetup, type FeedPlan, type FeedSetting } from '@pike-stone/core';
import {
  formatChainFeed,
  formatFeedPerTurn,
  formatFeedRate,
  formatSeconds,
  joined,
  type UnitSystem,
} from '../format';
import { WHEEL_WORDS } from '../machine';
import type { WorkingLine } from './line';
import { figures, inUnits } from './relation';

/** Lines for how the feed is set on this machine. */
export function settingLines(setup: CutSetup, { feed }: CutPlan, units: UnitSystem): WorkingLine[] {
  const { setting } = feed;
  switch (setting.how) {
    case 'hand':
      return handLines(setting, feed, units);
    case 'screw':
      return [
        {
          key: 'screw',
          kind: 'machine',
          label: 'Leadscrew',
          value: joined(formatFeedPerTurn(setting.pitchMm, units)),
          reason:
            'half nuts shut on the same mark of the dial each time; change gears under the machine’s page',
        },
      ];
    case 'strokes':
      return [];
    case 'lever':
      return leverLines(setup, setting, feed.byHandChoice, units);
  }
}

function handLines(
  { travelPerTurnMm, secondsPerTurn, wheel, handIsLimit }: Extract<FeedSetting, { how: 'hand' }>,
  { mmRev, mmMin }: FeedPlan,
  units: UnitSystem,
): WorkingLine[] {
  const [travel, rate] = figures(
    [inUnits(travelPerTurnMm, units), inUnits(mmMin, units)],
    (a = 0, b = 1) => (60 * a) / b,
    secondsPerTurn,
  );
  const limit: WorkingLine[] = handIsLimit
    ? [
        {
          key: 'hand-limit',
          kind: 'machine',
          label: 'The hand is the limit',
          value: joined(formatChainFeed(mmRev, units)),
          reason: 'one turn in 0.7 s is as fast as winds evenly',
        },
      ]
    : [];
  return [
    ...limit,
    {
      key: 'hand',
      kind: 'machine',
      label: `60 × ${travel} ÷ ${rate}`,
      value: `${joined(formatSeconds(secondsPerTurn))} a turn`,
      reason: `travel of a turn of the ${WHEEL_WORDS[wheel]} over the feed rate; a hand winds within about 20 %`,
    },
  ];
}

function leverLines(
  setup: CutSetup,
  { per, value, setting, below, above }: Extract<FeedSetting, { how: 'lever' }>,
  picked: boolean,
  units: UnitSystem,
): WorkingLine[] {
  const show = (feed: number) =>
    per === 'min' ? formatFeedRate(feed, units) : formatFeedPerTurn(feed, units, feedPer(setup));
  const figure = (step: { readonly value: number } | null) => (step ? show(step.value).figure : 'none');
  return [
    {
      key: 'neighbours',
      kind: 'machine',
      label: 'Levers below and above',
      value: `${figure(below)} and ${figure(above)} ${show(1).unit}`,
    },
    {
      key: 'lever',
      kind: picked ? 'choice' : 'machine',
      label: picked ? 'Picked by you' : 'Lever nearest under it',
      value: joined(show(value)),
      reason: setting,
    },
  ];
}
