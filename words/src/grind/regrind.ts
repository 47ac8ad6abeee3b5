import type { Regrind, WearSeen } from '@pike-stone/core/grind';
import { formatLength, joined, type UnitSystem } from '../format';
import { listed } from '../list';
import { STEP_NAMES } from './step-names';

/** A regrind, in words. */
export interface SaidRegrind {
  /** "0.1 mm off side clearance and front clearance". */
  readonly stock: string;
  /** What becomes of the length and the height. */
  readonly left: string;
  readonly note: string;
}

/**
 * The least stock of a regrind and what it leaves.
 * @param leftAfter  such regrinds that are left after this one
 */
export function sayRegrind(
  { steps, stockMm, alongMm }: Regrind,
  wear: WearSeen,
  leftAfter: number,
  units: UnitSystem,
): SaidRegrind {
  const size = (mm: number): string => joined(formatLength(mm, units));
  const ground = steps.filter(({ key }) => key !== 'hone').map(({ key }) => STEP_NAMES[key].toLowerCase());
  return {
    stock:
      ground.length > 0 ? `${size(stockMm)} off ${listed(ground)}` : `${size(stockMm)} by the stone alone`,
    left:
      alongMm > 0
        ? `The bit gets ${size(alongMm)} shorter; ${leftAfter} such regrinds are left after it.`
        : `Its length stays; the top comes down by ${size(stockMm)}. Set the height again.`,
    note:
      wear === 'flank-land' || wear === 'nose-worn'
        ? 'A worn land goes when the flank is ground back by its width times the tangent of the clearance, and a margin.'
        : 'Then hone, and look with a lens before it goes back.',
  };
}
