import { GAUGE_SETS, GAUGE_SET_NAMES, gaugeStack, piecesInSteps } from '@pike-stone/core/setting';
import type * as z from 'zod';
import { figure, figures, oneOf, optional, result, results, whole, yesNo } from './schema';

/** The set of blocks or leaves a question is asked of. */
export const setFields = {
  unit: oneOf(['mm', 'in']),
  set: oneOf(['custom', ...GAUGE_SET_NAMES]),
  custom_pieces: optional(figures(200)),
};
type SetOfPieces = z.output<z.ZodObject<typeof setFields>>;

export const piecesOfSet = ({ unit, set, custom_pieces }: SetOfPieces): readonly number[] =>
  set === 'custom' ? piecesInSteps(custom_pieces ?? [], unit) : GAUGE_SETS[set].steps;

export const stackFields = {
  ...setFields,
  target: figure,
  tolerance: figure,
  wear_piece: figure.nullable(),
  max_pieces: whole(1, 8),
};

export const stackResult = {
  feasible: yesNo,
  count: result.optional(),
  achieved: result.optional(),
  error: result.optional(),
  pieces: results.optional(),
  nearest_below: result.nullable().optional(),
  nearest_above: result.nullable().optional(),
};

export function stackSaid(i: z.output<z.ZodObject<typeof stackFields>>) {
  const r = gaugeStack({
    unit: i.unit,
    pieces: piecesOfSet(i),
    target: i.target,
    tolerance: i.tolerance,
    wearPiece: i.wear_piece,
    mostPieces: i.max_pieces,
  });
  return r.feasible
    ? { feasible: true, count: r.count, achieved: r.achieved, error: r.error, pieces: r.pieces }
    : { feasible: false, nearest_below: r.nearestBelow, nearest_above: r.nearestAbove };
}
