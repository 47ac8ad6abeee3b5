import {
  drillFeedByTable,
  feedPer,
  rotates,
  speedUnit,
  type CutPlan,
  type CutSetup,
  type FeedChart,
  type FeedSetting,
} from '@pike-stone/core';
import {
  formatFactor,
  formatFeedPerTurn,
  formatFeedRate,
  formatLength,
  formatSeconds,
  formatSpindleSpeed,
  joined,
  type UnitSystem,
} from '../format';
import { WHEEL_WORDS } from '../machine';
import { OPERATION_WORDS } from '../operation/words-of';
import { factorLines } from './factor';
import { EXACT, LIBRARY, OWN, type WorkingLine } from './line';

/** The chain of lines that leads to the feed. */
export function feedWorking(setup: CutSetup, plan: CutPlan, units: UnitSystem): WorkingLine[] {
  const { feed, speed } = plan;
  const perRev = perTurn(setup, units);
  return [
    ...startLines(setup, plan, units),
    ...factorLines(setup, plan, 'feed', units),
    {
      key: 'wanted',
      kind: 'result',
      label: 'Wanted',
      value: perRev(feed.wantedMmRev),
      reason: `usable ${formatFeedPerTurn(feed.lowMmRev, units).figure} to ${perRev(feed.highMmRev)}`,
    },
    ...settingLines(setup, plan, units),
    {
      key: 'rate',
      kind: 'relation',
      label: `${formatFeedPerTurn(feed.mmRev, units).figure} × ${joined(formatSpindleSpeed(speed.rungRpm, speedUnit(setup)))}`,
      value: joined(formatFeedRate(feed.mmMin, units)),
      source: EXACT,
    },
  ];
}

/** A feed per turn or per stroke, as the operation counts it. */
const perTurn =
  (setup: CutSetup, units: UnitSystem) =>
  (mm: number): string =>
    joined(formatFeedPerTurn(mm, units, feedPer(setup)));

/** Label and source of a feed that comes from a chart of its own. */
interface ChartWords {
  readonly label: string;
  readonly reason: string;
}
const CHART_WORDS: Readonly<Record<Exclude<FeedChart, 'drill' | 'blade'>, ChartWords>> = {
  stroke: {
    label: 'A stroke of the ram, start',
    reason: 'half of the nose when roughing, between 0.2 and 0.6 mm; by the kind of nose when finishing',
  },
  form: {
    label: 'Broad edge, start',
    reason: 'finer than a blade, and half of that over 10 mm wide: a broad edge chatters',
  },
  centre: { label: 'Half the feed of a drill as thick as the pilot', reason: 'the pilot breaks first' },
  pitch: { label: 'The pitch, by the leadscrew', reason: 'the gears set it, not the chart' },
  knurl: {
    label: 'Half the pitch of the knurl',
    reason: 'coarser leaves a spiral, finer works the rim to flakes',
  },
  file: { label: 'Long slow strokes', reason: 'forward while it turns, a little sideways each' },
  ream: {
    label: '2.5 × the feed of a drill this size',
    reason: 'a reamer that is fed too slowly rubs and cuts large',
  },
};

function startLines(setup: CutSetup, plan: CutPlan, units: UnitSystem): WorkingLine[] {
  const { turning, tooth, chart } = plan.feed;
  if (turning && !chart) return noseLines(setup, plan, units);
  if (tooth) return toothLines(setup, plan, units);
  return chart ? chartLines(chart, setup, plan, units) : [];
}

/** Lines for a feed between what the nose takes and what the edge needs. */
function noseLines(setup: CutSetup, { feed }: CutPlan, units: UnitSystem): WorkingLine[] {
  const { turning } = feed;
  if (!turning) return [];
  const perRev = perTurn(setup, units);
  const nose = turning.upperLimit === 'nose-radius';
  const noseMm = 'noseRadiusMm' in setup.tool ? setup.tool.noseRadiusMm : 0;
  const machine = `a machine that is ${setup.machine.condition}`;
  const bar = setup.tool.kind === 'boring-bar';
  return [
    {
      key: 'upper',
      kind: 'chart',
      label: nose
        ? `Most the nose ${formatLength(noseMm, units).figure} can take`
        : 'Most this machine should be asked',
      value: perRev(turning.feedUpperMmRev),
      reason: nose ? `a share of the nose radius, by ${machine}` : machine,
      source: LIBRARY,
    },
    {
      key: 'lower',
      kind: 'chart',
      label: 'Least before the edge rubs',
      value: perRev(turning.feedLowerMmRev),
      reason: 'twice the least chip thickness of this edge',
      source: LIBRARY,
    },
    {
      key: 'rough',
      kind: 'choice',
      label: bar
        ? 'Roughing start, 0.6 × 0.6 of the most: a bar gives way'
        : 'Roughing start, 0.6 of the most',
      value: perRev(feed.baseMm),
    },
  ];
}

/** Lines for a feed from the chip load of one tooth. */
function toothLines(setup: CutSetup, { feed, metal }: CutPlan, units: UnitSystem): WorkingLine[] {
  const { tooth } = feed;
  if (!tooth) return [];
  const verb = OPERATION_WORDS[setup.operation].verb.toLowerCase();
  const thinning: WorkingLine[] =
    tooth.compensation > 1.005
      ? [
          {
            key: 'thinning',
            kind: 'factor',
            label: 'Narrow cut thins the chip',
            value: formatFactor(tooth.compensation),
            reason: `feed may rise, never more than × ${tooth.cap}`,
          },
        ]
      : [];
  return [
    {
      key: 'tooth',
      kind: 'chart',
      label: `Chip load, ${verb} in ${metal.name.toLowerCase()}`,
      value: joined(formatFeedPerTurn(feed.baseMm, units, 'tooth')),
      source: setup.stock.own?.fzPerDiameter === undefined ? LIBRARY : OWN,
    },
    ...thinning,
    { key: 'teeth', kind: 'relation', label: 'Teeth', value: `× ${tooth.teeth}`, source: setup.tool.name },
  ];
}

function chartLines(
  chart: FeedChart,
  setup: CutSetup,
  { feed, metal }: CutPlan,
  units: UnitSystem,
): WorkingLine[] {
  const value = perTurn(setup, units)(feed.baseMm);
  if (chart === 'blade')
    return [
      {
        key: 'blade',
        kind: 'chart',
        label: OPERATION_WORDS[setup.operation].bladeFeed ?? 'Blade, start',
        value,
        reason: `from ${formatFeedPerTurn(feed.lowMmRev, units).figure}: finer rubs, coarser breaks the blade`,
        source: LIBRARY,
      },
    ];
  if (chart !== 'drill') {
    const { label, reason } = CHART_WORDS[chart];
    const told = feed.setting.how === 'strokes' ? `${feed.setting.perMin} strokes a minute` : value;
    return [{ key: chart, kind: 'chart', label, value: told, reason, source: LIBRARY }];
  }
  const diameterMm = rotates(setup.tool) ? setup.tool.diameterMm : 0;
  return [
    {
      key: 'drill',
      kind: 'chart',
      label: '0.03 × D^0.8 × metal',
      value,
      reason: `metal factor ${metal.drillFeedFactor}`,
      source: setup.stock.own?.drillFeedFactor === undefined ? LIBRARY : OWN,
    },
    {
      key: 'drill-table',
      kind: 'check',
      label: 'Table by diameter gives',
      value: perTurn(setup, units)(drillFeedByTable(diameterMm, metal.drillGroup, true)),
      reason: 'fed by hand; a second opinion',
    },
  ];
}

/** Lines for how the feed is set on this machine. */
function settingLines(setup: CutSetup, { feed }: CutPlan, units: UnitSystem): WorkingLine[] {
  const { setting } = feed;
  switch (setting.how) {
    case 'hand':
      return handLines(setting, feed.mmRev, units);
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
  mmRev: number,
  units: UnitSystem,
): WorkingLine[] {
  const limit: WorkingLine[] = handIsLimit
    ? [
        {
          key: 'hand-limit',
          kind: 'machine',
          label: 'The hand is the limit',
          value: joined(formatFeedPerTurn(mmRev, units)),
          reason: 'one turn in 0.7 s is as fast as winds evenly',
        },
      ]
    : [];
  return [
    ...limit,
    {
      key: 'hand',
      kind: 'machine',
      label: `60 × ${joined(formatLength(travelPerTurnMm, units))} a turn ÷ feed rate`,
      value: `${joined(formatSeconds(secondsPerTurn))} a turn`,
      reason: `${WHEEL_WORDS[wheel]}; a hand winds within about 20 %`,
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
