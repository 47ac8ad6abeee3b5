import { MOST_LEAVES, MOST_PIECES, type GaugeUnit } from '@pike-stone/core/setting';
import { convert } from '@pike-stone/core';
import type { PiecesInUse } from './use-set';

/** A stack under a bar or a plate need not come nearer, mm. */
export const NEAREST_MM = 0.003;

/** A length in the unit of a set, rounded to what its pieces are made to. */
export const inUnit = (mm: number, unit: GaugeUnit): number =>
  Number((mm / convert(1, unit, 'mm')).toFixed(unit === 'mm' ? 4 : 5));

/** Pieces that may be stacked at the most. */
export const mostOf = ({ kind }: PiecesInUse): number => (kind === 'feelers' ? MOST_LEAVES : MOST_PIECES);
