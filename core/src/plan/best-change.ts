import type { CutPlan } from '../operation/cut-plan';
import { operationOf, type CutSetup } from '../operation/registry';
import { cutPlan } from './cut-plan';
import { overhang } from './factors';
import type { ShopRules } from './rules';

/** A change of the set-up that a person can make. */
export type Change = 'fluid' | 'sharpen' | 'know-the-metal' | 'shorten' | 'tailstock';

export interface BestChange {
  readonly change: Change;
  /** Metal taken off a minute, over that of the start. */
  readonly times: number;
}

/** A gain under this is not worth a change. */
const WORTH = 1.05;

/** Metal taken off a minute, in a unit that is the same for all plans of a set-up. */
const removal = ({ feed, depth }: CutPlan): number => feed.mmMin * depth.mm * (depth.widthInUseMm ?? 1);

/** Set-ups that each differ by one change. */
function changes(setup: CutSetup): readonly (readonly [Change, CutSetup])[] {
  const { tool, stock } = setup;
  const out = overhang(setup);
  const tooFarOut = out !== null && out.ratio > out.allowable;
  const found: (readonly [Change, CutSetup])[] = [];
  if (setup.fluid === 'dry') found.push(['fluid', { ...setup, fluid: 'brush' }]);
  if (tool.dull) found.push(['sharpen', { ...setup, tool: { ...tool, dull: false } }]);
  if (stock.uncertain) found.push(['know-the-metal', { ...setup, stock: { ...stock, uncertain: false } }]);
  if (tooFarOut) found.push(['shorten', { ...setup, stickOutMm: out.allowable * out.diameterMm }]);
  if (tooFarOut && operationOf(setup).supported && setup.support === 'chuck')
    found.push(['tailstock', { ...setup, support: 'chuck-and-centre' }]);
  return found;
}

/**
 * The one change that would gain most, by the metal that the plan then takes off a
 * minute; null when none gains a twentieth.
 */
export function bestChange(setup: CutSetup, plan: CutPlan, rules: ShopRules): BestChange | null {
  const now = removal(plan);
  const gains = changes(setup).map(([change, changed]) => ({
    change,
    times: removal(cutPlan(changed, rules)) / now,
  }));
  const best = gains.reduce<BestChange | null>(
    (most, one) => (one.times > (most?.times ?? WORTH) ? one : most),
    null,
  );
  return best;
}
