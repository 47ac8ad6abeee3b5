import type { BitPlan } from './bit-plan';
import { STOCK_MM } from './grind-limits';
import { grindSteps } from './grind-steps';
import type { GrindStep, StepKey } from './grind-step';
import { alongShank } from './regrinds-left';
import { SHAPES } from './shape/registry';
import type { WearSeen } from './wear';

export interface RegrindWish {
  readonly wear: WearSeen;
  /** Width of the worn land under the edge, or depth of the chip, mm; null when it was not measured. */
  readonly sizeMm: number | null;
}

/** The least that brings an edge back. */
export interface Regrind {
  /** Faces to touch, in order. */
  readonly steps: readonly GrindStep[];
  /** Square to each face. */
  readonly stockMm: number;
  /** Off the length of the bit. */
  readonly alongMm: number;
}

/** Room for what cannot be seen under a worn land or a chip, mm. */
const MARGIN_MM = 0.05;

/**
 * Stock that takes a worn land off its flank: the land stands square to the motion, so grinding the
 * flank back by land x tan(clearance) is enough; a chip has to be ground out whole.
 */
function stockFor({ wear, sizeMm }: RegrindWish, clearanceDeg: number): number {
  const tan = Math.tan((clearanceDeg * Math.PI) / 180);
  switch (wear) {
    case 'blunt':
      return STOCK_MM.touchUp;
    case 'built-up':
      return STOCK_MM.hone;
    case 'flank-land':
    case 'nose-worn':
      return sizeMm === null ? STOCK_MM.regrind : sizeMm * tan + MARGIN_MM;
    case 'cratered':
      return sizeMm === null ? STOCK_MM.regrind : sizeMm + MARGIN_MM;
    case 'chipped':
      return sizeMm === null ? STOCK_MM.chipped : sizeMm + MARGIN_MM;
  }
}

/** Faces that a wear asks for besides those that the shape is reground on. */
const facesFor = (plan: BitPlan, wear: WearSeen): readonly StepKey[] => {
  const own = SHAPES[plan.shape].regrinds;
  if (wear === 'cratered') return [...own, 'rake'];
  return own;
};

/**
 * The least stock and the faces to touch for the wear that was seen. A form bit is ground on its top
 * alone, so that its form stays; a corner on its flanks, so that it only gets shorter.
 *
 * @example regrindFor(general, { wear: 'flank-land', sizeMm: 0.3 }).stockMm // 0.10: 0.3 tan 10° and a margin
 */
export function regrindFor(plan: BitPlan, wish: RegrindWish): Regrind {
  const keys = facesFor(plan, wish.wear);
  const all = grindSteps(plan);
  const steps = all.filter(({ key }) => keys.includes(key) || key === 'nose' || key === 'hone');
  const touched = wish.wear === 'built-up' ? steps.filter(({ key }) => key === 'hone') : steps;
  const clearanceDeg = Math.max(3, Math.min(plan.angles.sideClearanceDeg, plan.angles.frontClearanceDeg));
  const stockMm = stockFor(wish, clearanceDeg);
  const front = touched.find(({ normal, key }) => normal !== null && key !== 'rake' && normal[0] > 0.3);
  const x = front?.normal?.[0] ?? 0;
  const alongMm = x > 0 ? alongShank(stockMm, x) : 0;
  return { steps: touched, stockMm, alongMm };
}
