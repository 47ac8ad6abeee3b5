import type { CutBody } from '@pike-stone/contract';
import { OPERATIONS } from '@pike-stone/core';
import { formatLength, joined, type UnitSystem } from '@pike-stone/words';

/** The size a cut was planned for: a diameter, or the length under a shaper. */
export const sizeWords = (
  { operation, diameterMm, workDiameterMm }: Pick<CutBody, 'operation' | 'diameterMm' | 'workDiameterMm'>,
  units: UnitSystem,
): string =>
  OPERATIONS[operation].turns === 'stroke'
    ? `${joined(formatLength(workDiameterMm, units))} long`
    : `⌀${joined(formatLength(diameterMm, units))}`;
