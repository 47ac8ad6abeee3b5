import { OutOfRange, atLeast, positive } from '../quantity/out-of-range';

/** What is done with the tip, and for how long. */
export interface HeatSpell {
  readonly kind: 'grind' | 'pause' | 'dip';
  readonly seconds: number;
}

/** The tip as one lump of steel between the wheel, its shank and the water. */
export interface TipHeat {
  readonly ambientC: number;
  readonly startC: number;
  /** Hand force along the wheel, N. */
  readonly forceN: number;
  readonly wheelMPerS: number;
  /** Share of the heat that goes into the tool: 0.6 to 0.8 on dry alumina. */
  readonly heatShare: number;
  readonly tipG: number;
  readonly heatCapacityJKgK: number;
  /** Through the shank to the hand, K/W; dipped, into the water. */
  readonly shankKPerW: number;
  readonly dipKPerW: number;
  readonly coolantC: number;
}

interface Approach {
  readonly towardsC: number;
  readonly seconds: number;
}

/** Where the tip's temperature tends to in a spell, and its time constant. */
function approach(heat: TipHeat, kind: HeatSpell['kind']): Approach {
  const capacity =
    (positive('mass of the tip', heat.tipG) / 1000) * positive('heat capacity', heat.heatCapacityJKgK);
  const shank = positive('resistance of the shank', heat.shankKPerW);
  if (kind === 'dip') {
    const dip = positive('resistance into the water', heat.dipKPerW);
    const both = 1 / (1 / shank + 1 / dip);
    return { towardsC: both * (heat.ambientC / shank + heat.coolantC / dip), seconds: both * capacity };
  }
  const powerW = kind === 'grind' ? grindingPower(heat) : 0;
  return { towardsC: heat.ambientC + powerW * shank, seconds: shank * capacity };
}

/** Heat into the tip while it is ground: Ft v e, W. */
const grindingPower = ({ forceN, wheelMPerS, heatShare }: TipHeat): number => forceN * wheelMPerS * heatShare;

/** Temperature after a time: T = T_end + (T_0 - T_end) exp(-t/tau), °C. */
export function tipAfter(heat: TipHeat, fromC: number, { kind, seconds }: HeatSpell): number {
  const to = approach(heat, kind);
  return to.towardsC + (fromC - to.towardsC) * Math.exp(-seconds / to.seconds);
}

/**
 * Seconds of unbroken grinding (or of a pause) until a temperature; 0 when it is past it already.
 * @returns null when it never comes to it
 */
export function secondsUntil(
  heat: TipHeat,
  fromC: number,
  limitC: number,
  kind: HeatSpell['kind'] = 'grind',
): number | null {
  const to = approach(heat, kind);
  const rises = to.towardsC > fromC;
  if (rises ? fromC >= limitC : fromC <= limitC) return 0;
  if (rises ? to.towardsC <= limitC : to.towardsC >= limitC) return null;
  return -to.seconds * Math.log((to.towardsC - limitC) / (to.towardsC - fromC));
}

/** A schedule of spells: a cycle maps T to A T + B, so its steady start is B / (1 - A). */
function steadyStart(heat: TipHeat, schedule: readonly HeatSpell[]): number {
  const [fromZero, fromOne] = [0, 1].map((start) =>
    schedule.reduce((at, spell) => tipAfter(heat, at, spell), start),
  ) as [number, number];
  return fromZero / (1 - (fromOne - fromZero));
}

/**
 * The tip over a schedule of grinding, pauses and dips: the mean of the lump. The skin under the
 * wheel is hotter, so this is an estimate from below.
 *
 * @param schedule  at least one spell, each of some seconds
 * @param limitC    that must not be passed
 * @returns `steadyPeakC` is the highest end of a spell when the schedule is repeated for ever
 */
export function tipTemperature(heat: TipHeat, schedule: readonly HeatSpell[], limitC: number) {
  atLeast('spells', schedule, 1);
  if (schedule.some(({ seconds }) => !(seconds > 0))) throw new OutOfRange('seconds of a spell', 0, 0);
  const endsFrom = (startC: number): readonly number[] => {
    let at = startC;
    return schedule.map((spell) => (at = tipAfter(heat, at, spell)));
  };
  const ends = endsFrom(heat.startC);
  const steady = steadyStart(heat, schedule);
  return {
    powerW: grindingPower(heat),
    timeConstantS: approach(heat, 'pause').seconds,
    endsC: ends,
    peakC: Math.max(heat.startC, ...ends),
    steadyPeakC: Math.max(steady, ...endsFrom(steady)),
    toLimitS: secondsUntil(heat, heat.startC, limitC),
  };
}
