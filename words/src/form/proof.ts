import { BANK_CARD_MM } from '@pike-stone/core/form';
import type { Fit, FormVerdict, FreeMotion, WorstFacet, inspectForm } from '@pike-stone/core/form';
import { sayLength } from '../forecast/row';
import type { UnitSystem } from '../format';
import { sayFine, saySigned } from './fine';

/** Less is not said of a space that was cut: the mesh is no finer, mm. */
const SEEN_MM = 0.0002;

/** What was measured. */
export type MeasuredOn = 'tool' | 'part';

export const FORM_VERDICT_WORDS: Readonly<Record<FormVerdict, string>> = {
  inside: 'Within the band.',
  outside: 'Outside of the band.',
  undecided: 'Not decided: too near the edge of the band for how well it was measured.',
};

export const FIT_WORDS: Readonly<Record<Fit, string>> = {
  free: 'Best fit',
  turn: 'Turn only',
  none: 'As measured',
};

/** Where the form is out most, and which facet to touch. */
export function sayWorstFacet({ piece, worst }: WorstFacet, on: MeasuredOn, units: UnitSystem): string {
  const size = (mm: number): string => sayLength(mm, units);
  const [x, y] = worst.onForm;
  const side = Math.abs(x) < 1e-6 ? 'in the middle' : x > 0 ? 'on the right' : 'on the left';
  const what = piece.kind === 'line' ? 'the straight part' : `the arc of radius ${size(piece.radiusMm)}`;
  const where = `${what} ${side}, ${size(Math.max(0, y))} above the tip`;
  const much = sayFine(Math.abs(worst.distanceMm), units);
  const proud = worst.distanceMm < 0;
  if (on === 'tool')
    return proud
      ? `Stone ${where}: the tool stands proud there by ${much}, and would cut too deep.`
      : `Metal is missing on the tool at ${where}, ${much}: it leaves that much on the work. Grind the rest of the form back, or take it.`;
  return proud
    ? `The part is cut too far at ${where}, ${much}: stone the tool there.`
    : `Metal is left on the part at ${where}, ${much}: the tool is low there.`;
}

/** Motions that the form does not fix. */
export const sayFree = (free: readonly FreeMotion[]): string | null =>
  free.length === 0
    ? null
    : `The form does not fix every motion: ${free.map(({ kind }) => (kind === 'turn' ? 'it may turn' : 'it may slide along itself')).join(', ')}. Measure more of it.`;

/** How the measured points lie on the form. */
export const sayInspection = (
  { least, most, rms, p95, outOfBand, deviations }: ReturnType<typeof inspectForm>,
  units: UnitSystem,
): string =>
  `From ${saySigned(least, units)} to ${saySigned(most, units)}, rms ${sayFine(rms, units)}; 95 of 100 points within ${sayFine(p95, units)}. ${outOfBand} of ${deviations.length} outside of the band.`;

/** How many lines and arcs follow measured points, and how near. */
export const sayFollowed = (pieces: number, points: number, worstMm: number, units: UnitSystem): string =>
  `${pieces} ${pieces === 1 ? 'line or arc follows' : 'lines and arcs follow'} ${points} points within ${sayFine(worstMm, units)}. A wider tolerance takes fewer, each easier to make.`;

/** How near the space that a tooth cut comes to the form. */
export const saySpace = (worstMm: number, places: number, units: UnitSystem): string =>
  `A blank was cut with this solid: the space it leaves is within ${sayFine(Math.max(SEEN_MM, worstMm), units)} of the form at ${places} places.`;

/** How well points are usually measured, in the round figures of a metric or an inch shop. */
export const sayUsualDoubt = (units: UnitSystem): string =>
  units === 'mm'
    ? '2 to 5\u00a0µm by a good microscope, 10 to 20 by photo'
    : '0.1 to 0.2\u00a0thou by a good microscope, 0.5 to 1 by photo';

/** The known object that most people carry. */
export const sayBankCard = (units: UnitSystem): string =>
  `a bank card is ${sayLength(BANK_CARD_MM.width, units)} by ${sayLength(BANK_CARD_MM.height, units)}`;

/** Side of the form that a plus and a minus stand for. */
export const SIGN_WORDS: Readonly<Record<MeasuredOn, string>> = {
  part: 'Plus: metal is left on the part; minus: cut away too much.',
  tool: 'Plus: metal is missing on the tool; minus: it stands proud.',
};
