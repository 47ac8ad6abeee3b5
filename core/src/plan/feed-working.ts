import { drillFeedByTable, drillGroup } from '../cut/drill-feed';
import {
  formatFactor,
  formatFeedPerTurn,
  formatFeedRate,
  formatLength,
  formatSeconds,
  formatSpindleSpeed,
  joined,
  type UnitSystem,
} from '../quantity/format';
import type { CutPlan } from './cut-plan';
import { feedPer, speedUnit, type CutSetup } from './cut-setup';
import { OPERATIONS } from './operations';
import type { FeedStart, WheelName } from './feed-choice';
import { factorLines, LIBRARY, OWN, type WorkingLine } from './working-line';

export const WHEEL_WORDS: Readonly<Record<WheelName, string>> = {
  compound: 'compound slide',
  carriage: 'carriage wheel',
  'cross-slide': 'cross-slide wheel',
  tailstock: 'tailstock wheel',
  table: 'table wheel',
  quill: 'quill wheel',
};

export function feedWorking(setup: CutSetup, plan: CutPlan, units: UnitSystem): WorkingLine[] {
  const { feed, speed } = plan;
  const perRev = (mm: number) => joined(formatFeedPerTurn(mm, units, feedPer(setup)));
  return [
    ...feedStartLines(setup, plan, units),
    ...factorLines(setup, plan, 'feed', units),
    {
      key: 'wanted',
      kind: 'result',
      label: 'Wanted',
      value: perRev(feed.wantedMmRev),
      reason: `usable ${formatFeedPerTurn(feed.lowMmRev, units).figure} to ${perRev(feed.highMmRev)}`,
    },
    ...machineFeedLines(setup, plan, units),
    {
      key: 'rate',
      kind: 'relation',
      label: `${formatFeedPerTurn(feed.mmRev, units).figure} × ${joined(formatSpindleSpeed(speed.rungRpm, speedUnit(setup)))}`,
      value: joined(formatFeedRate(feed.mmMin, units)),
      source: 'exact',
    },
  ];
}

/** Where the feed of an operation of its own comes from. */
const CHARTED: Partial<
  Record<NonNullable<FeedStart['chart']>, { readonly label: string; readonly reason: string }>
> = {
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
};

function feedStartLines(setup: CutSetup, plan: CutPlan, units: UnitSystem): WorkingLine[] {
  const { feed, metal } = plan;
  const perRev = (mm: number) => joined(formatFeedPerTurn(mm, units, feedPer(setup)));
  if (feed.turning) {
    const { turning } = feed;
    const nose = turning.upperLimit === 'nose-radius';
    return [
      {
        key: 'upper',
        kind: 'chart',
        label: nose
          ? `Most the nose ${formatLength(setup.tool.noseRadiusMm, units).figure} can take`
          : 'Most this machine should be asked',
        value: perRev(turning.feedUpperMmRev),
        reason: nose
          ? `a share of the nose radius, by a machine that is ${setup.machine.condition}`
          : `a machine that is ${setup.machine.condition}`,
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
        label:
          OPERATIONS[setup.operation].force === 'bore'
            ? 'Roughing start, 0.6 × 0.6 of the most: a bar gives way'
            : 'Roughing start, 0.6 of the most',
        value: perRev(feed.baseMm),
      },
    ];
  }
  if (feed.tooth) {
    const { tooth } = feed;
    const perTooth = (mm: number) => joined(formatFeedPerTurn(mm, units, 'tooth'));
    const lines: WorkingLine[] = [
      {
        key: 'tooth',
        kind: 'chart',
        label: `Chip load, ${OPERATIONS[setup.operation].verb.toLowerCase()} in ${metal.name.toLowerCase()}`,
        value: perTooth(feed.baseMm),
        source: setup.stock.own?.fzPerDiameter === undefined ? LIBRARY : OWN,
      },
    ];
    if (tooth.compensation > 1.005) {
      lines.push({
        key: 'thinning',
        kind: 'factor',
        label: 'Narrow cut thins the chip',
        value: formatFactor(tooth.compensation),
        reason: `feed may rise, never more than × ${tooth.cap}`,
      });
    }
    lines.push({
      key: 'teeth',
      kind: 'relation',
      label: 'Teeth',
      value: `× ${tooth.teeth}`,
      source: setup.tool.name,
    });
    return lines;
  }
  const charted = feed.chart && CHARTED[feed.chart];
  if (charted)
    return [
      {
        key: feed.chart!,
        kind: 'chart',
        label: charted.label,
        value: feed.chart === 'file' ? '30 strokes a minute' : perRev(feed.baseMm),
        reason: charted.reason,
        source: LIBRARY,
      },
    ];
  if (feed.chart === 'blade')
    return [
      {
        key: 'blade',
        kind: 'chart',
        label: setup.operation === 'groove' ? 'Grooving, start' : 'Parting, start',
        value: perRev(feed.baseMm),
        reason: `from ${formatFeedPerTurn(feed.lowMmRev, units).figure}: finer rubs, coarser breaks the blade`,
        source: LIBRARY,
      },
    ];
  if (feed.chart === 'ream')
    return [
      {
        key: 'ream',
        kind: 'chart',
        label: '2.5 × the feed of a drill this size',
        value: perRev(feed.baseMm),
        reason: 'a reamer that is fed too slowly rubs and cuts large',
        source: LIBRARY,
      },
    ];
  return [
    {
      key: 'drill',
      kind: 'chart',
      label: '0.03 × D^0.8 × metal',
      value: perRev(feed.baseMm),
      reason: `metal factor ${metal.drillFeedFactor}`,
      source: setup.stock.own?.drillFeedFactor === undefined ? LIBRARY : OWN,
    },
    {
      key: 'drill-table',
      kind: 'check',
      label: 'Table by diameter gives',
      value: perRev(drillFeedByTable(setup.tool.diameterMm, drillGroup(metal), true)),
      reason: 'fed by hand; a second opinion',
    },
  ];
}

function machineFeedLines(setup: CutSetup, plan: CutPlan, units: UnitSystem): WorkingLine[] {
  const { setting } = plan.feed;
  const perTurn = (mm: number) => joined(formatFeedPerTurn(mm, units));
  if (setting.how === 'hand') {
    const limit: WorkingLine[] = setting.handIsLimit
      ? [
          {
            key: 'hand-limit',
            kind: 'machine',
            label: 'The hand is the limit',
            value: joined(formatFeedPerTurn(plan.feed.mmRev, units)),
            reason: 'one turn in 0.7 s is as fast as winds evenly',
          },
        ]
      : [];
    return [
      ...limit,
      {
        key: 'hand',
        kind: 'machine',
        label: `60 × ${joined(formatLength(setting.travelPerTurnMm, units))} a turn ÷ feed rate`,
        value: `${joined(formatSeconds(setting.secondsPerTurn))} a turn`,
        reason: `${WHEEL_WORDS[setting.wheel]}; a hand winds within about 20 %`,
      },
    ];
  }
  if (setting.how === 'screw')
    return [
      {
        key: 'screw',
        kind: 'machine',
        label: 'Leadscrew',
        value: perTurn(setting.pitchMm),
        reason:
          'half nuts shut on the same mark of the dial each time; change gears under the machine’s page',
      },
    ];
  if (setting.how === 'strokes') return [];
  const show = (value: number) =>
    setting.per === 'min' ? formatFeedRate(value, units) : formatFeedPerTurn(value, units, feedPer(setup));
  const lines: WorkingLine[] = [
    {
      key: 'neighbours',
      kind: 'machine',
      label: 'Levers below and above',
      value: `${setting.below ? show(setting.below.value).figure : 'none'} and ${setting.above ? show(setting.above.value).figure : 'none'} ${show(1).unit}`,
    },
  ];
  lines.push({
    key: 'lever',
    kind: plan.feed.byHandChoice ? 'choice' : 'machine',
    label: plan.feed.byHandChoice ? 'Picked by you' : 'Lever nearest under it',
    value: joined(show(setting.value)),
    reason: setting.setting,
  });
  return lines;
}
