import type { SpeedStep } from '../machine/machine';
import { chooseRung, type RungChoice } from '../machine/rung-choice';
import { shopShortcutMetric } from '../mechanics/shop-shortcut';
import { spindleSpeed, surfaceSpeed } from '../mechanics/spindle-speed';
import type { SpeedCap, SpeedPlan } from '../operation/cut-plan';
import { operationOf, type CutSetup } from '../operation/registry';
import type { ToolMaterial } from '../tool/tool-material';
import type { SpeedAim } from './aim';
import type { ShopRules } from './rules';

/** A speed this near to a cap is within it. */
const SLACK = 1 + 1e-9;

/**
 * The machine's own speed step for an aim, under every cap: end of the chart, mark on
 * the chuck, what the operation asks, and power where the cut was eased to it.
 *
 * @param mostRpm  cap by the power of the machine; null when there is none
 */
export function planSpeed(
  setup: CutSetup,
  rules: ShopRules,
  edge: ToolMaterial,
  { range, factors, aimMPerMin }: SpeedAim,
  diameterMm: number,
  mostRpm: number | null,
): SpeedPlan {
  const { speeds } = setup.machine;
  const idealRpm = spindleSpeed(aimMPerMin, diameterMm);
  const highMPerMin = range.highMPerMin * factors.speedFactor;
  const bandRpm = [
    spindleSpeed(range.lowMPerMin * factors.speedFactor, diameterMm),
    spindleSpeed(highMPerMin, diameterMm),
  ] as const;
  const caps = hardCaps(setup, highMPerMin);
  const cap = lowestCap(caps, bandRpm[1], mostRpm);
  const rungs = speeds.map(({ rpm }) => rpm);
  const wanted = chooseRung(rungs, idealRpm, rules.rungRule, rules.overshootPercent);
  const isHeld = wanted.chosenRpm > cap.rpm * SLACK;
  const choice = isHeld ? underCap(wanted, rungs, cap.rpm, idealRpm) : wanted;
  const picked = setup.rpmByHand === null ? undefined : pickedStep(speeds, setup.rpmByHand);
  const step = picked ?? speeds.find(({ rpm }) => rpm === choice.chosenRpm)!;
  return {
    range,
    rangeIsOwn: setup.stock.own?.speedMPerMin?.[edge.speedSource] !== undefined,
    factors,
    aimMPerMin,
    idealRpm,
    shortcut: shopShortcutMetric(rules.shortcut, aimMPerMin, diameterMm),
    choice,
    rungRpm: step.rpm,
    setting: step.setting,
    byHand: picked !== undefined && picked.rpm !== choice.chosenRpm,
    actualMPerMin: surfaceSpeed(step.rpm, diameterMm),
    bandRpm,
    topRpm: speeds.at(-1)!.rpm,
    caps,
    cap,
    heldBy: isHeld ? cap : null,
  };
}

/** Speeds that this cut must not go beyond, whatever the chart says: the mark on the chuck, what the operation asks. */
function hardCaps(setup: CutSetup, highMPerMin: number): SpeedCap[] {
  const { machine } = setup;
  const marked = machine.kind === 'lathe' ? machine.limits?.chuckRpm : undefined;
  return [
    ...(marked === undefined ? [] : [{ name: 'chuck', rpm: marked } as const]),
    ...(operationOf(setup).speedCaps?.(setup, highMPerMin) ?? []),
  ];
}

/** The lowest of the caps, of the end of the chart and of the power; the first named wins a tie. */
function lowestCap(caps: readonly SpeedCap[], chartRpm: number, mostRpm: number | null): SpeedCap {
  let least: SpeedCap = { name: 'chart', rpm: chartRpm };
  for (const cap of caps) if (cap.rpm < least.rpm) least = cap;
  return mostRpm !== null && mostRpm < least.rpm ? { name: 'power', rpm: mostRpm } : least;
}

/** The fastest step under a cap; the slowest the machine has when even that lies above. */
function underCap(
  choice: RungChoice,
  rungs: readonly number[],
  capRpm: number,
  idealRpm: number,
): RungChoice {
  const within = rungs.filter((rpm) => rpm <= capRpm * SLACK).at(-1);
  const chosenRpm = within ?? rungs[0]!;
  return { ...choice, chosenRpm, ratio: chosenRpm / idealRpm, machineTooFast: within === undefined };
}

/** A step picked before its speed was measured anew is still that step; further off, it is no longer there. */
const SAME_STEP = 0.04;
function pickedStep(speeds: readonly SpeedStep[], rpm: number): SpeedStep | undefined {
  const exact = speeds.find((step) => step.rpm === rpm);
  if (exact) return exact;
  const off = (step: SpeedStep): number => Math.abs(step.rpm / rpm - 1);
  const nearest = speeds.reduce((best, step) => (off(step) < off(best) ? step : best));
  return off(nearest) <= SAME_STEP ? nearest : undefined;
}
