import { stepUp } from '../mechanics/falling-diameter';
import { isOverCap, type CutPlan } from '../operation/cut-plan';
import { operationOf, type CutSetup } from '../operation/registry';
import type { ShopRules } from './rules';

/** A diameter from which downward a faster speed step becomes right. */
export interface StepUpAt {
  readonly diameterMm: number;
  readonly rpm: number;
  readonly setting: string;
}

/**
 * Diameters at which this machine's next faster speed steps become right as the
 * work gets smaller, or the tool comes nearer the centre of a face; none above the
 * mark on the chuck or another cap of the speed.
 *
 * @param downTo  share of the diameter down to which they are told
 */
export function stepUps(
  setup: CutSetup,
  plan: CutPlan,
  rules: ShopRules,
  downTo: number | null = operationOf(setup).stepUpsDownTo,
): StepUpAt[] {
  if (downTo === null) return [];
  const { speeds } = setup.machine;
  const overshoot = rules.rungRule === 'overshoot' ? rules.overshootPercent : 0;
  const { changes } = stepUp(
    speeds.map(({ rpm }) => rpm),
    plan.speed.aimMPerMin,
    overshoot,
    plan.diameterMm,
    plan.diameterMm * downTo,
  );
  const within = changes.filter(({ rpm }) => !isOverCap(plan.speed, rpm));
  return within.map((change) => ({
    ...change,
    setting: speeds.find(({ rpm }) => rpm === change.rpm)!.setting,
  }));
}
