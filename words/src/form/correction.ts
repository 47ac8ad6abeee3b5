import { USUAL_FACE_GRIND_MM, type DepthError, type FormKept } from '@pike-stone/core/form';
import type { UnitSystem } from '../format';
import { sayFine, saySigned, saySmall } from './fine';
import { FORM_KEPT_WORDS } from './tool';

/** An error below this is arithmetic, mm. */
const NOTHING_MM = 1e-6;

/** What a tool would cut that is shaped to the form itself, without correction. */
export const sayUncorrected = ({ errorMm }: DepthError, units: UnitSystem): string =>
  Math.abs(errorMm) < NOTHING_MM
    ? 'This tool needs no correction: shaped to the form itself it cuts it.'
    : `Shaped to the form itself it would cut up to ${saySigned(errorMm, units)} in depth. The dashed line is what its face shows once corrected.`;

/** What an edge does that stands too high, and too low, by the same. */
export const sayHeightErrors = (outMm: number, highMm: number, lowMm: number, units: UnitSystem): string =>
  `Edge ${saySmall(outMm, units)} too high: ${saySigned(highMm, units)}; too low: ${saySigned(lowMm, units)}, at the worst place.`;

/** How a tool is sharpened, and what of the form that costs. */
export const saySharpening = (kept: FormKept, faceMm: number, losesMm: number, units: UnitSystem): string =>
  losesMm === 0
    ? FORM_KEPT_WORDS[kept]
    : `${FORM_KEPT_WORDS[kept]} ${sayFine(Math.abs(losesMm), units)} after ${saySmall(faceMm, units)} off the face.`;

/** Sharpenings that are left, and what those so far have taken of the face and of the form. */
export function saySharpeningsLeft(
  count: number,
  groundMm: number,
  lostMm: number,
  units: UnitSystem,
): string {
  const left = `About ${count} sharpenings left, at ${saySmall(USUAL_FACE_GRIND_MM[units], units)} each.`;
  if (groundMm === 0) return left;
  const lost = lostMm === 0 ? '' : `, which is ${sayFine(Math.abs(lostMm), units)} of the form`;
  return `${left} ${saySmall(groundMm, units)} are off its face${lost}.`;
}
