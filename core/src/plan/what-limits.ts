import { spindleSpeed } from '../mechanics/spindle-speed';
import { AMBIENT_C } from '../mechanics/heat';
import type { CutPlan } from '../operation/cut-plan';
import { operationOf, type CutSetup } from '../operation/registry';
import { rotates } from '../tool/tool';
import { fastestMPerMin } from './aim';
import type { Forecast } from './forecast';
import { governingLimit, type Governed, type Limit } from '../quantity/governing-limit';
import { mostSpringMm } from './ease-spring';
import { POWER_RESERVE } from './power-share';

/** What can hold a quantity up or down. */
export type LimitName =
  | 'chart'
  | 'machine-top'
  | 'machine-bottom'
  | 'chuck'
  | 'carriage'
  | 'ram'
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

/**
 * For speed, feed, depth and width as they are set: how far each could go and what
 * would stop it, the tightest first. Power and torque keep a quarter in reserve;
 * heat goes by the third root of speed; spring by the depth.
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

type Limits = readonly Limit<LimitName>[];

function hold(quantity: Held['quantity'], start: number, uppers: Limits, lowers: Limits): Held {
  const found = governingLimit(uppers, lowers, start);
  const named = (list: Limits, value: number | null): LimitName | null =>
    list.find((one) => one.value !== null && one.value === value)?.name ?? null;
  return {
    quantity,
    found: { ...found, start },
    upper: named(uppers, found.high),
    lower: named(lowers, found.low),
  };
}

/** Power or torque, whichever is nearer its end. */
const drives = ({ power }: Forecast): 'power' | 'torque' =>
  power?.tighter === 'torque' ? 'torque' : 'power';

/** How many times as much power there is, less the reserve, as the cut takes; null when it is not known. */
const powerTimes = ({ power }: Forecast): number | null =>
  power?.share ? POWER_RESERVE / power.share : null;

const times = (value: number, by: number | null): number | null => (by === null ? null : value * by);

function speedHeld({ machine }: CutSetup, { speed, diameterMm, edge }: CutPlan, { heat }: Forecast): Held {
  const rpm = (mPerMin: number): number => spindleSpeed(mPerMin, diameterMm);
  const hot =
    heat && speed.rungRpm * Math.max(0, (edge.hotLimitC - AMBIENT_C) / (heat.interfaceC - AMBIENT_C)) ** 3;
  // Power holds by its own line; the chart, at its own end, below.
  const { cap } = speed;
  const asked = cap.name === 'chart' || cap.name === 'power' ? null : cap;
  return hold(
    'speed',
    speed.rungRpm,
    [
      { name: 'chart', value: rpm(fastestMPerMin(speed.range, speed.factors)) },
      { name: 'machine-top', value: speed.topRpm },
      { name: asked?.name ?? 'chuck', value: asked?.rpm ?? null },
      { name: 'heat', value: hot },
    ],
    [
      { name: 'machine-bottom', value: machine.speeds[0]!.rpm },
      {
        name: 'tool-material',
        value: edge.family === 'carbide' ? rpm(speed.range.leastUsefulMPerMin) : null,
      },
    ],
  );
}

function feedHeld({ feed, metal }: CutPlan, f: Forecast): Held {
  const { turning, tooth, setting } = feed;
  const driven = powerTimes(f);
  const byPower = driven === null ? null : feed.mmRev * driven ** (1 / (1 - metal.mc));
  const charted: LimitName = feed.chart === 'pitch' ? 'pitch' : 'table';
  const own: LimitName = turning && !feed.chart ? turning.upperLimit : tooth ? 'chip-load' : charted;
  return hold(
    'feed',
    feed.mmRev,
    [
      { name: own, value: feed.highMmRev },
      { name: drives(f), value: byPower },
      { name: 'hand', value: setting.how === 'hand' && setting.handIsLimit ? feed.mmRev : null },
    ],
    [{ name: turning || tooth ? 'edge-radius' : own, value: feed.lowMmRev }],
  );
}

function depthHeld(setup: CutSetup, plan: CutPlan, f: Forecast): Held {
  const { depth, feed } = plan;
  const { depthIsChosen, stopsAtMiddle, cuttingLengthMm } = operationOf(setup);
  const { spring } = f;
  const mostMm = mostSpringMm(setup, plan);
  const springs = depthIsChosen && spring && spring.errorMm > 0 ? mostMm / spring.errorMm : null;
  const { firstPassOnSkin, stock } = setup;
  return hold(
    'depth',
    depth.mm,
    [
      { name: drives(f), value: depthIsChosen ? times(depth.mm, powerTimes(f)) : null },
      { name: 'stiffness', value: times(depth.mm, springs) },
      { name: 'flute-length', value: cuttingLengthMm(setup.tool) },
      { name: 'half-the-work', value: stopsAtMiddle ? setup.workDiameterMm / 2 : null },
      { name: 'tool-size', value: depthIsChosen ? null : depth.mm },
    ],
    [
      { name: 'edge-radius', value: feed.turning ? feed.turning.depthFloorMm : null },
      { name: 'skin', value: firstPassOnSkin && stock.skinMm > 0 ? stock.skinMm : null },
    ],
  );
}

/** Where the width of the cut is a choice: as wide as the power drives, never wider than the cutter. */
function widthHeld(setup: CutSetup, { depth: { widthInUseMm } }: CutPlan, f: Forecast): Held[] {
  const { tool } = setup;
  if (!operationOf(setup).widthIsChosen || widthInUseMm === null || !rotates(tool)) return [];
  const uppers: Limits = [
    { name: drives(f), value: times(widthInUseMm, powerTimes(f)) },
    { name: 'tool-size', value: tool.diameterMm },
  ];
  return [hold('width', widthInUseMm, uppers, [])];
}
