import { DEG } from '../quantity/angle';
import type { BitPlan } from './bit-plan';
import { SHAPES } from './shape/registry';

/** Stock that cleans up the top of a blank, mm. */
const CLEAN_TOP_MM = 0.1;
/** A form wider than this share of a round blank does not come out of it. */
const MOST_SHARE = 0.95;

/** Half of the width that a form wants at its top; 0 where a single corner cuts. */
function halfForm({ shape, sizes, angles }: Omit<BitPlan, 'noseDownMm'>): number {
  const facts = SHAPES[shape];
  if (facts.hasNose) return 0;
  if (facts.sizes.includes('radiusMm')) return sizes.radiusMm;
  if (facts.sizes.includes('widthMm')) return sizes.widthMm / 2;
  return sizes.edgeMm * Math.cos(angles.kappaDeg * DEG);
}

/**
 * How far below the top of its blank a nose is set to begin with, mm: as little as cleans up a flat
 * top; in a round blank so deep that the nose, or the whole form, lies in the steel.
 *
 * ```
 *        ___          round blank from the front: the top is ground down
 *      /_____\  <- until it is as wide as the nose stands off the middle
 *     (       )
 *      \_____/
 * ```
 *
 * @example usualNoseDown(general of a 10 mm round) // 1.62: its nose stands 3.59 off the middle
 */
export function usualNoseDown(plan: Omit<BitPlan, 'noseDownMm'>): number {
  const { blank, shape } = plan;
  if (blank.section === 'square') return CLEAN_TOP_MM;
  const r = blank.widthMm / 2;
  const [, y] = SHAPES[shape].nose({ ...plan, noseDownMm: 0 });
  const off = Math.min(MOST_SHARE * r, Math.max(Math.abs(y + r), halfForm(plan)));
  return r - Math.sqrt(r * r - off * off) + CLEAN_TOP_MM;
}
