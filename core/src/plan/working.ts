import type { UnitSystem } from '../quantity/format';
import type { CutPlan } from './cut-plan';
import type { CutSetup, ShopRules } from './cut-setup';
import { depthWorking } from './depth-working';
import { feedWorking } from './feed-working';
import { speedWorking } from './speed-working';
import type { WorkingLine } from './working-line';

export type Result = 'speed' | 'feed' | 'depth';

/** The chain of lines behind one result, with the values filled in. */
export function working(
  result: Result,
  setup: CutSetup,
  plan: CutPlan,
  rules: ShopRules,
  units: UnitSystem,
): WorkingLine[] {
  if (result === 'speed') return speedWorking(setup, plan, rules, units);
  return result === 'feed' ? feedWorking(setup, plan, units) : depthWorking(setup, plan, units);
}
