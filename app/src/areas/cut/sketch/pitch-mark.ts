import { formatLength, joined } from '@pike-stone/words';
import type { CutMark } from './cut-mark';
import type { SketchInput } from './drawing';

/** Least drawn pitch, so that teeth can be told apart at any scale, px. */
export const TEETH_SHOWN = 14;

/** The pitch figure; an inch thread is given in threads per inch. */
export const pitchMark = (
  { units }: Pick<SketchInput, 'units'>,
  mm: number,
  byNumber: boolean,
  x: number,
  y: number,
  anchor: CutMark['anchor'] = 'right',
): CutMark => {
  const shown = formatLength(mm, units);
  const perInch = units === 'inch' && byNumber;
  const tpi = Number((25.4 / mm).toFixed(1));
  return {
    key: 'pitch',
    x,
    y,
    anchor,
    figure: perInch ? String(tpi) : shown.figure,
    after: perInch ? 'tpi' : 'pitch',
    says: perInch ? `${tpi} threads to the inch` : `Pitch ${joined(shown)}`,
  };
};
