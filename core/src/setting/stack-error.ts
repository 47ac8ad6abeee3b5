import { atLeast, positive, within } from '../quantity/out-of-range';

export type BlockGrade = 'K' | '0' | '1' | '2';

/** Nominal lengths up to which the limits of a grade hold, mm. */
const UP_TO_MM = [10, 25, 50, 75, 100] as const;
/** Limit deviation of the length of a block by grade, um (ISO 3650). */
const LIMIT_UM: Readonly<Record<BlockGrade, readonly number[]>> = {
  K: [0.2, 0.3, 0.4, 0.5, 0.6],
  '0': [0.12, 0.14, 0.2, 0.25, 0.3],
  '1': [0.2, 0.3, 0.4, 0.5, 0.6],
  '2': [0.45, 0.6, 0.8, 1, 1.2],
};
export const BLOCK_GRADES = Object.keys(LIMIT_UM) as BlockGrade[];
/** Temperature at which lengths are true, C. */
const REFERENCE_C = 20;
/** Expansion of steel blocks, per K. */
export const STEEL_EXPANSION = 11.5e-6;
/** Film between two wrung blocks, um. */
export const WRING_FILM_UM = 0.02;
const UM_PER_MM = 1000;

/**
 * Doubt of a stack: the worst case adds every limit and film; the likely one is the root of the sum of squares
 * of the limits and of the whole film; heat is L x expansion x (T - 20).
 */
export function stackError(
  piecesMm: readonly number[],
  grade: BlockGrade,
  wringUm: number,
  temperatureC: number,
  expansionPerK: number,
) {
  within('film of a joint', wringUm, 0, 5);
  const limits = atLeast('pieces', piecesMm, 1).map((piece) => {
    within('piece', positive('piece', piece), 0, UP_TO_MM[UP_TO_MM.length - 1]!);
    return LIMIT_UM[grade][UP_TO_MM.findIndex((most) => piece <= most)]!;
  });
  const film = wringUm * (piecesMm.length - 1);
  const stackMm = piecesMm.reduce((sum, piece) => sum + piece, 0);
  return {
    stackMm,
    worstUm: limits.reduce((sum, limit) => sum + limit, 0) + film,
    likelyUm: Math.hypot(...limits, film),
    thermalUm: stackMm * UM_PER_MM * expansionPerK * (temperatureC - REFERENCE_C),
  };
}
