import { isMill } from '../machine/machine';
import type { CutPlan } from '../operation/cut-plan';
import type { CutSetup } from '../operation/registry';
import { cutPlan } from '../plan/cut-plan';
import { misfits } from '../plan/misfits';
import type { ShopRules } from '../plan/rules';
import { planWith } from '../plan/sweep';

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

/** A cut as it is set: the set-up with every value picked by hand, and its plan. */
export interface SetCut {
  readonly setup: CutSetup;
  readonly plan: CutPlan;
}

/**
 * A setting planned like any other cut: speed step, feed and depth as if they had been
 * picked on the page of the cut, so that factors and limits are those of these values.
 * Null when the sizes do not go together.
 */
export function setCut(setup: CutSetup, rules: ShopRules, setting: Setting): SetCut | null {
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
