import type { CutPlan, CutSetup, ShopRules } from '@pike-stone/core';
import type { UnitSystem } from '../format';
import { depthWorking } from './depth';
import { feedWorking } from './feed';
import type { WorkingLine } from './line';
import { speedWorking } from './speed';

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
