import { isMill } from '../machine/machine';
import type { CutPlan } from '../operation/cut-plan';
import type { CutSetup } from '../operation/registry';
import { cutPlan } from '../plan/cut-plan';
import { misfits } from '../plan/misfits';
import type { ShopRules } from '../plan/rules';
import { planWith } from '../plan/sweep';

/** Parameters that are set at the machine. */
export const SET_PARAMETERS = ['speed', 'feed', 'depth'] as const;
export type SetParameter = (typeof SET_PARAMETERS)[number];
export const isSet = (parameter: string): parameter is SetParameter =>
  SET_PARAMETERS.some((one) => one === parameter);

/** Values as they were set at the machine. */
export interface Setting {
  readonly rpm: number;
  readonly feedMmRev: number;
  readonly depthMm: number;
}

/** Speed, feed and depth as a plan has them. */
export const settingOf = ({ speed, feed, depth }: CutPlan): Setting => ({
  rpm: speed.rungRpm,
  feedMmRev: feed.mmRev,
  depthMm: depth.mm,
});

/** A plan with other values in place of its own. */
export const planAt = (plan: CutPlan, { rpm, feedMmRev, depthMm }: Setting): CutPlan =>
  planWith(plan, { rpm, mmRev: feedMmRev, depthMm });

/** A setting with its plan: the set-up with speed step, feed and depth picked by hand. */
export interface PlannedSetting {
  readonly setup: CutSetup;
  readonly plan: CutPlan;
}

/**
 * Plan of a setting: speed step, feed and depth as if they had been picked on the page of
 * the cut, so that factors and limits are those of these values. Speed and feed stand in it
 * as they were set, also where a measured speed lies beside the machine's step.
 *
 * @returns null when the sizes do not go together
 */
export function planOfSetting(setup: CutSetup, rules: ShopRules, setting: Setting): PlannedSetting | null {
  const { rpm, feedMmRev, depthMm } = setting;
  const picked: CutSetup = {
    ...setup,
    rpmByHand: rpm,
    feedByHand: isMill(setup.machine) ? feedMmRev * rpm : feedMmRev,
    woundMmRev: feedMmRev,
    depthMm,
  };
  if (misfits(picked).length > 0) return null;
  return { setup: picked, plan: planAt(cutPlan(picked, rules), setting) };
}
