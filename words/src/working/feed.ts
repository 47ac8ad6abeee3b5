import {
  drillFeedByTable,
  feedPer,
  rotates,
  type CutPlan,
  type CutSetup,
  type FeedChart,
  type FeedPlan,
} from '@pike-stone/core';
import { formatChainFeed, formatChainRate, joined, significant, type UnitSystem } from '../format';
import { OPERATION_WORDS } from '../operation/words-of';
import { factorLines } from './factor';
import { EXACT, LIBRARY, OWN, type WorkingLine } from './line';
import { settingLines } from './feed-setting';
import { figures, inUnits } from './relation';

/** The chain of lines that leads to the feed. */
export function feedWorking(setup: CutSetup, plan: CutPlan, units: UnitSystem): WorkingLine[] {
  const { feed } = plan;
  const perRev = perTurn(setup, units);
  return [
    ...startLines(setup, plan, units),
    ...factorLines(setup, plan, 'feed', feed.factor, units).filter(() => isEased(feed)),
    {
      key: 'wanted',
      kind: 'result',
      label: 'Wanted',
      value: perRev(feed.wantedMmRev),
      reason: `${heldWords(feed)}usable ${formatChainFeed(feed.lowMmRev, units).figure} to ${perRev(feed.highMmRev)}`,
    },
    ...easedLine(plan, perRev),
    ...settingLines(setup, plan, units),
    {
      key: 'rate',
      kind: 'relation',
      label: rateRelation(plan, units),
      value: joined(formatChainRate(feed.mmMin, units)),
      source: EXACT,
    },
  ];
}

/** A feed per turn or per stroke, as the operation counts it. */
const perTurn =
  (setup: CutSetup, units: UnitSystem) =>
  (mm: number): string =>
    joined(formatChainFeed(mm, units, feedPer(setup)));

/** Whether the factors of the set-up were applied: a pitch, a knurl and a file are what they are. */
const isEased = ({ chart }: FeedPlan): boolean => chart !== 'pitch' && chart !== 'knurl' && chart !== 'file';

/** The feed before any limit held it, mm per turn. */
const chained = ({ baseMm, factor, tooth }: FeedPlan): number =>
  baseMm * factor * (tooth ? tooth.compensation * tooth.teeth : 1);

/** A limit that moved the feed from what chart and factors give. */
function heldWords(feed: FeedPlan): string {
  const moved = feed.wantedMmRev / chained(feed) - 1;
  if (Math.abs(moved) < 1e-6) return '';
  return moved > 0 ? 'not under the least that still cuts; ' : 'not over the most; ';
}

/** A finer feed than wanted, for the power of the step. */
function easedLine({ feed: { easedMmRev } }: CutPlan, perRev: (mm: number) => string): WorkingLine[] {
  if (easedMmRev === null) return [];
  return [
    {
      key: 'eased',
      kind: 'machine',
      label: 'Eased to what the spindle has in this step',
      value: perRev(easedMmRev),
      reason: 'a quarter stays in reserve; no finer than still cuts',
    },
  ];
}

/** Feed per turn times turns, with the figures of this cut. */
function rateRelation({ feed, speed }: CutPlan, units: UnitSystem): string {
  const printed = Number(formatChainRate(feed.mmMin, units).figure);
  const [f, n] = figures([inUnits(feed.mmRev, units), speed.rungRpm], (a = 0, b = 0) => a * b, printed);
  return `${f} × ${n}`;
}

/** Label and source of a feed that comes from a chart of its own. */
interface ChartWords {
  readonly label: string;
  readonly reason: string;
}
const CHART_WORDS: Readonly<Record<Exclude<FeedChart, 'drill' | 'blade'>, ChartWords>> = {
  stroke: {
    label: 'A stroke of the ram, start',
    reason: 'half of the nose when roughing; by the kind of nose when finishing',
  },
  form: {
    label: 'Broad edge, start',
    reason: 'finer than a blade, and half of that on a broad form: a broad edge chatters',
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
  const printed = Number(formatChainFeed(turning.feedUpperMmRev, units).figure);
  const [share, radius] = figures(
    [turning.feedNoseMmRev / noseMm, inUnits(noseMm, units)],
    (a = 0, b = 0) => a * b,
    printed,
  );
  return [
    {
      key: 'upper',
      kind: 'chart',
      label: nose ? `Most the nose can take: ${share} × ${radius}` : 'Most this machine should be asked',
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
      label: `Roughing start: ${bar ? '0.6 × ' : ''}${roughRelation(feed, bar, units)}`,
      value: perRev(feed.baseMm),
      reason: bar ? '0.6 of the most, and 0.6 of that because a bar gives way' : '0.6 of the most',
    },
  ];
}

/** A raise under this does not show in three figures. */
const TOLD_RAISE = 1.0005;

/** 0.6 x the most, with the figures of this nose. */
function roughRelation({ turning, baseMm }: FeedPlan, bar: boolean, units: UnitSystem): string {
  const share = bar ? 0.36 : 0.6;
  const [most] = figures(
    [inUnits(turning?.feedUpperMmRev ?? 0, units)],
    (value = 0) => share * value,
    Number(formatChainFeed(baseMm, units).figure),
  );
  return `0.6 × ${most}`;
}

/** Lines for a feed from the chip load of one tooth. */
function toothLines(setup: CutSetup, { feed, metal }: CutPlan, units: UnitSystem): WorkingLine[] {
  const { tooth } = feed;
  if (!tooth) return [];
  const verb = OPERATION_WORDS[setup.operation].verb.toLowerCase();
  const thinning: WorkingLine[] =
    tooth.compensation > TOLD_RAISE
      ? [
          {
            key: 'thinning',
            kind: 'factor',
            label: 'Narrow cut thins the chip',
            value: `× ${significant(tooth.compensation, 4)}`,
            reason: `feed may rise, never more than × ${tooth.cap}`,
          },
        ]
      : [];
  return [
    {
      key: 'tooth',
      kind: 'chart',
      label: `Chip load, ${verb} in ${metal.name.toLowerCase()}`,
      value: joined(formatChainFeed(feed.baseMm, units, 'tooth')),
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
        reason: `from ${formatChainFeed(feed.lowMmRev, units).figure}: finer rubs, coarser breaks the blade`,
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
      label: drillRelation(diameterMm, metal.drillFeedFactor, feed.baseMm, units),
      value,
      reason: `the diameter to the power of 0.8; metal factor ${metal.drillFeedFactor}`,
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

/** 0.03 D^0.8 kd in millimetres; in inches the constant is 0.03 x 25.4^-0.2. */
function drillRelation(diameterMm: number, metal: number, feedMm: number, units: UnitSystem): string {
  const times = units === 'mm' ? 0.03 : 0.03 * 25.4 ** -0.2;
  const [constant, d, kd] = figures(
    [times, inUnits(diameterMm, units), metal],
    (c = 0, D = 0, k = 0) => c * D ** 0.8 * k,
    Number(formatChainFeed(feedMm, units).figure),
  );
  return `${constant} × ${d}^0.8 × ${kd}`;
}
