import { DEG } from '../quantity/angle';
import { clamp } from '../quantity/clamp';
import { OutOfRange, positive, within } from '../quantity/out-of-range';
import { wholeIn } from '../quantity/whole';

/**
 * A chip breaker ground into the rake face, in the section square to the edge. u runs in the flat
 * face from the original edge inward.
 *
 * ```
 *  edge  land a    w           the back wall curls the chip
 *   O----------.        .-----
 *    \          `-.__.-'       rake at u on the arc = gamma_n + asin((uc - u)/r)
 *     \ flank      uc
 * ```
 */
export interface ChipGroove {
  /** From the edge to the groove. */
  readonly landMm: number;
  readonly widthMm: number;
  /** Of the wheel or stone that made it; at least half the width. */
  readonly radiusMm: number;
}

interface Arc {
  readonly r: number;
  /** Middle of the groove, and where it ends. */
  readonly uc: number;
  readonly end: number;
  /** Centre of the arc above the flat face. */
  readonly vc: number;
}

function arcOf({ landMm, widthMm, radiusMm }: ChipGroove): Arc {
  within('land', landMm, 0, 100);
  positive('groove width', widthMm);
  if (widthMm >= 2 * positive('groove radius', radiusMm))
    throw new OutOfRange('groove width', widthMm, 0, 2 * radiusMm);
  return {
    r: radiusMm,
    uc: landMm + widthMm / 2,
    end: landMm + widthMm,
    vc: Math.sqrt(radiusMm ** 2 - widthMm ** 2 / 4),
  };
}

const inArc = (arc: Arc, landMm: number, u: number): boolean => u > landMm && u < arc.end;

/** Depth of a groove: r - sqrt(r^2 - w^2/4), mm. */
export const grooveDepth = (groove: ChipGroove): number => arcOf(groove).r - arcOf(groove).vc;

/** Radius of a groove of a width and depth: (w^2/4 + t^2) / 2t, mm. */
export const grooveRadius = (widthMm: number, depthMm: number): number =>
  (widthMm ** 2 / 4 + positive('groove depth', depthMm) ** 2) / (2 * depthMm);

/**
 * Normal rake of an edge that stands at a place of the groove, and how far it lies below the flat face.
 *
 * @param baseRakeDeg  gamma_n of the flat face
 * @param edgeMm       place of the edge from where it was before any regrind
 * @example rakeInGroove(8, { landMm: 0.2, widthMm: 2, radiusMm: 3 }, 0.3).rakeDeg // 25.5
 */
export function rakeInGroove(baseRakeDeg: number, groove: ChipGroove, edgeMm: number) {
  const arc = arcOf(groove);
  if (!inArc(arc, groove.landMm, edgeMm)) return { rakeDeg: baseRakeDeg, dropMm: 0 };
  return {
    rakeDeg: baseRakeDeg + Math.asin((arc.uc - edgeMm) / arc.r) / DEG,
    dropMm: Math.sqrt(arc.r ** 2 - (edgeMm - arc.uc) ** 2) - arc.vc,
  };
}

/**
 * What grinding the flank back does to an edge with a groove behind it. The flank's line meets the
 * arc; until the land is used up the flat face stays the rake.
 *
 * @param clearanceDeg  alpha_n of the flank
 * @param stockMm       taken so far, square to the flank
 * @returns place, drop, rake and wedge of the edge now
 * @throws OutOfRange when the groove is used up
 */
export function groundBack(baseRakeDeg: number, groove: ChipGroove, clearanceDeg: number, stockMm: number) {
  const arc = arcOf(groove);
  const betaDeg = within('wedge', 90 - baseRakeDeg - clearanceDeg, 1, 179);
  const beta = betaDeg * DEG;
  const flatMm = within('stock', stockMm, 0, 1000) / Math.sin(beta);
  if (!inArc(arc, groove.landMm, flatMm))
    return { edgeMm: flatMm, dropMm: 0, rakeDeg: baseRakeDeg, wedgeDeg: betaDeg };
  const dx = flatMm - arc.uc;
  const b = dx * Math.cos(beta) + arc.vc * Math.sin(beta);
  const p = -b + Math.sqrt(b ** 2 - (dx ** 2 + arc.vc ** 2 - arc.r ** 2));
  const edgeMm = flatMm + p * Math.cos(beta);
  const { rakeDeg } = rakeInGroove(baseRakeDeg, groove, edgeMm);
  return { edgeMm, dropMm: p * Math.sin(beta), rakeDeg, wedgeDeg: 90 - rakeDeg - clearanceDeg };
}

/**
 * Stock until the rake is down to the least that is wanted, and the regrinds until the groove has to
 * be cut again.
 *
 * @param leastRakeDeg  gamma_n that is just enough
 * @param stepMm        stock of one regrind, square to the flank, above 0
 */
export function untilRecut(
  baseRakeDeg: number,
  groove: ChipGroove,
  clearanceDeg: number,
  leastRakeDeg: number,
  stepMm: number,
) {
  const arc = arcOf(groove);
  const beta = (90 - baseRakeDeg - clearanceDeg) * DEG;
  const edgeMm = clamp(arc.uc - arc.r * Math.sin((leastRakeDeg - baseRakeDeg) * DEG), groove.landMm, arc.end);
  const { dropMm } = rakeInGroove(baseRakeDeg, groove, edgeMm);
  const stockMm = (edgeMm - dropMm / Math.tan(beta)) * Math.sin(beta);
  return { stockMm, regrinds: wholeIn(stockMm / positive('stock of a regrind', stepMm)) };
}
