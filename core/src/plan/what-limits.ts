import { chipForm } from '../cut/chip-form';
import { spindleSpeed } from '../cut/spindle-speed';
import { CHOSEN_WIDTH, type CutPlan } from './cut-plan';
import type { CutSetup } from './cut-setup';
import { usableFeeds } from './feed-choice';
import { chipCut, NO_BREAKER, type Forecast } from './forecast';
import { governingLimit, type Governed, type Limit } from './governing-limit';
import { OPERATIONS } from './operations';
import { POWER_RESERVE } from './power-share';

/** What can hold a quantity up or down. */
export type LimitName =
  | 'chart'
  | 'machine-top'
  | 'machine-bottom'
  | 'chuck'
  | 'heat'
  | 'tool-material'
  | 'nose-radius'
  | 'machine-feed'
  | 'edge-radius'
  | 'chip-load'
  | 'hand'
  | 'table'
  | 'pitch'
  | 'power'
  | 'torque'
  | 'stiffness'
  | 'flute-length'
  | 'half-the-work'
  | 'skin'
  | 'tool-size';

export interface Held {
  readonly quantity: 'speed' | 'feed' | 'depth' | 'width';
  /** rpm, mm/rev, mm, mm. */
  readonly found: Governed<LimitName>;
  readonly upper: LimitName | null;
  readonly lower: LimitName | null;
}

/** Give way that is no longer let pass when roughing, on the diameter or the wall, mm. */
const ROUGH_ERROR_MM = 0.1;
const AMBIENT_C = 20;

/**
 * For speed, feed and depth as they are set: how far each could go and what would
 * stop it, the tightest first. Power and torque keep a quarter in reserve; heat
 * goes by the third root of speed; spring by the depth.
 */
export function whatLimits(setup: CutSetup, plan: CutPlan, f: Forecast): readonly Held[] {
  const held = [
    speedHeld(setup, plan, f),
    feedHeld(plan, f),
    depthHeld(setup, plan, f),
    ...widthHeld(setup, plan, f),
  ];
  const tightness = ({ found }: Held): number =>
    found.high === null ? 0 : found.status === 'no-window' ? 2 : found.start / found.high;
  return held.sort((a, b) => tightness(b) - tightness(a));
}

function hold(
  quantity: Held['quantity'],
  start: number,
  uppers: readonly Limit<LimitName>[],
  lowers: readonly Limit<LimitName>[],
): Held {
  const found = governingLimit(uppers, lowers, start);
  const named = (list: readonly Limit<LimitName>[], value: number | null): LimitName | null =>
    list.find((one) => one.value !== null && one.value === value)?.name ?? null;
  return {
    quantity,
    found: { ...found, start },
    upper: named(uppers, found.high),
    lower: named(lowers, found.low),
  };
}

function speedHeld(setup: CutSetup, plan: CutPlan, { heat }: Forecast): Held {
  const { speed, diameterMm, edge } = plan;
  const rpm = (mPerMin: number): number => spindleSpeed(mPerMin, diameterMm);
  const hot = heat
    ? speed.rungRpm * Math.max(0, (edge.hotLimitC - AMBIENT_C) / (heat.interfaceC - AMBIENT_C)) ** 3
    : null;
  return hold(
    'speed',
    speed.rungRpm,
    [
      { name: 'chart', value: rpm(speed.range.highMPerMin * Math.max(1, speed.factors.speedFactor)) },
      { name: 'machine-top', value: speed.topRpm },
      { name: 'chuck', value: (setup.machine.kind === 'lathe' && setup.machine.limits?.chuckRpm) || null },
      { name: 'heat', value: hot },
    ],
    [
      { name: 'machine-bottom', value: setup.machine.speeds[0]!.rpm },
      {
        name: 'tool-material',
        value: edge.family === 'carbide' ? rpm(speed.range.leastUsefulMPerMin) : null,
      },
    ],
  );
}

function feedHeld(plan: CutPlan, { power }: Forecast): Held {
  const { feed, metal } = plan;
  const byPower = power?.share ? feed.mmRev * (POWER_RESERVE / power.share) ** (1 / (1 - metal.mc)) : null;
  const own: LimitName = feed.turning
    ? feed.turning.upperLimit
    : feed.tooth
      ? 'chip-load'
      : feed.chart === 'pitch'
        ? 'pitch'
        : 'table';
  return hold(
    'feed',
    feed.mmRev,
    [
      { name: own, value: feed.highMmRev },
      { name: power?.tighter === 'torque' ? 'torque' : 'power', value: byPower },
      { name: 'hand', value: feed.setting.how === 'hand' && feed.setting.handIsLimit ? feed.mmRev : null },
    ],
    [{ name: feed.turning || feed.tooth ? 'edge-radius' : own, value: feed.lowMmRev }],
  );
}

function depthHeld(setup: CutSetup, plan: CutPlan, { power, spring }: Forecast): Held {
  const { depth, feed } = plan;
  const { cutting, turns } = OPERATIONS[setup.operation];
  const chosen = cutting === 'turning' || cutting === 'milling';
  const perMm = chosen && power?.share ? depth.mm * (POWER_RESERVE / power.share) : null;
  return hold(
    'depth',
    depth.mm,
    [
      { name: power?.tighter === 'torque' ? 'torque' : 'power', value: perMm },
      {
        name: 'stiffness',
        value: chosen && spring && spring.errorMm > 0 ? depth.mm * (ROUGH_ERROR_MM / spring.errorMm) : null,
      },
      { name: 'flute-length', value: cutting === 'milling' ? setup.tool.fluteLengthMm : null },
      {
        name: 'half-the-work',
        value: turns === 'work' && chosen && setup.operation !== 'face' ? setup.workDiameterMm / 2 : null,
      },
      { name: 'tool-size', value: chosen ? null : depth.mm },
    ],
    [
      { name: 'edge-radius', value: feed.turning ? feed.turning.depthFloorMm : null },
      { name: 'skin', value: setup.firstPassOnSkin && setup.stock.skinMm > 0 ? setup.stock.skinMm : null },
    ],
  );
}

/** Where the width of the cut is a choice: as wide as the power drives, never wider than the cutter. */
function widthHeld(setup: CutSetup, { depth }: CutPlan, { power }: Forecast): Held[] {
  if (!CHOSEN_WIDTH.includes(setup.operation) || depth.widthInUseMm === null) return [];
  return [
    hold(
      'width',
      depth.widthInUseMm,
      [
        {
          name: power?.tighter === 'torque' ? 'torque' : 'power',
          value: power?.share ? depth.widthInUseMm * (POWER_RESERVE / power.share) : null,
        },
        { name: 'tool-size', value: setup.tool.diameterMm },
      ],
      [],
    ),
  ];
}

export interface ToBreak {
  /** Feed at which the chip breaks, and its lever where there is one; null: no feed this edge takes does it. */
  readonly feedMmRev: number | null;
  readonly setting: string | null;
  readonly depthMm: number | null;
}

const FINER = 1.05;
const DEEPEST_TIMES = 4;

/** What would break a chip that does not break as it is set: the next lever, or a feed; or a depth. */
export function toBreak(setup: CutSetup, plan: CutPlan): ToBreak | null {
  if (OPERATIONS[setup.operation].cutting !== 'turning' || setup.operation === 'shape') return null;
  const breaks = (feedMmRev: number, depthMm: number): boolean =>
    chipForm({ ...chipCut(setup, plan), feedMmRev, depthMm }, NO_BREAKER).breaks;
  if (breaks(plan.feed.mmRev, plan.depth.mm)) return null;
  const lever = usableFeeds(setup).find(
    ({ value }) =>
      value > plan.feed.mmRev && value <= plan.feed.highMmRev * 1.0001 && breaks(value, plan.depth.mm),
  );
  let feedMmRev: number | null = lever?.value ?? null;
  if (!lever)
    for (let f = plan.feed.mmRev * FINER; f <= plan.feed.highMmRev; f *= FINER)
      if (breaks(f, plan.depth.mm)) {
        feedMmRev = f;
        break;
      }
  let depthMm: number | null = null;
  for (
    let d = plan.depth.mm * FINER;
    d <= Math.min(plan.depth.mm * DEEPEST_TIMES, setup.workDiameterMm / 3);
    d *= FINER
  )
    if (breaks(plan.feed.mmRev, d)) {
      depthMm = d;
      break;
    }
  return { feedMmRev, setting: lever?.setting ?? null, depthMm };
}
