import type { CutSetup } from '../operation/registry';
import { overhang } from '../plan/factors';
import { clamp } from '../quantity/clamp';

/** Stiffness by the machine's condition: 0 tired and tiny, 1 rigid and heavy; ours. */
const BY_CONDITION = { rigid: 0.9, ordinary: 0.5, tired: 0.2 } as const;
const LIGHT_LESS = 0.2;
/** Work or cutter that sticks out further than it should takes so much for each time over. */
const OVERHANG_LESS = 0.2;
const MOST_OVERHANG_LESS = 0.4;

/**
 * How stiff machine and hold are together, 0 to 1.
 * @example an ordinary lathe, the bar three diameters out of the chuck: 0.5
 */
export function stiffnessOf(setup: CutSetup): number {
  const { condition, light } = setup.machine;
  const out = overhang(setup);
  const over = out ? Math.max(0, out.ratio / out.allowable - 1) : 0;
  const less = (light ? LIGHT_LESS : 0) + Math.min(MOST_OVERHANG_LESS, OVERHANG_LESS * over);
  return clamp(BY_CONDITION[condition] - less, 0, 1);
}
