import { honeBands, noseFlats, type HonedFrom } from '@pike-stone/core/grind';
import { formatLength, joined, type UnitSystem } from '../format';

/** A stone of the order, with what must be seen before the next. */
export interface SaidStone {
  readonly stone: string;
  readonly until: string;
}

/** Stones in their order, from the wheel that the edge came off. */
export function sayStones(from: HonedFrom, carbide: boolean): readonly SaidStone[] {
  const until = 'until the marks of the one before are gone';
  if (carbide)
    return [
      { stone: 'Diamond 400', until: 'until the wheel’s marks are gone' },
      { stone: 'Diamond 800', until },
      { stone: 'Diamond 1200, or a cast-iron lap with 3 µm paste', until },
    ];
  return [
    ...(from <= 60 ? [{ stone: '320 to 400', until: 'until the wheel’s marks are gone' }] : []),
    { stone: '600 to 800', until: from <= 60 ? until : 'until the wheel’s marks are gone' },
    { stone: '1000 to 1200', until },
    { stone: 'Fine natural or ceramic stone', until: 'until the edge line reflects no light' },
  ];
}

/** What a flat stone shows on a hollow land. */
export function sayBands(landMm: number, wheelMm: number, depthMm: number, units: UnitSystem): string {
  const size = (mm: number): string => joined(formatLength(mm, units));
  const { bandMm, flatAllOver, sagittaMm } = honeBands(landMm, wheelMm / 2, depthMm);
  return flatAllOver
    ? `Bright all over: the hollow of ${size(sagittaMm)} is honed out. Grind it again.`
    : `Two bright bands of ${size(bandMm)}, along edge and heel, unbroken; ink stays between them.`;
}

/** Small flats of a nose before it is rolled. */
export function sayNoseFlats(radiusMm: number, arcDeg: number, units: UnitSystem): string {
  const { flats, deviationUm } = noseFlats(radiusMm, arcDeg, 10);
  const size = joined(formatLength(radiusMm, units));
  return flats === 0
    ? `A radius of ${size} is rolled at once, from flank to flank.`
    : `A radius of ${size}: ${flats === 1 ? 'one small flat' : `${flats} small flats`} first, then roll from flank to flank; ${deviationUm.toFixed(0)}\u00a0µm of corners are left to the rolling.`;
}

/** Whether honing an edge pays for the finish that is wanted. */
export const sayHonePays = (pays: boolean, marksUm: number, rzUm: number): string =>
  pays
    ? `It pays: the edge’s own ${rzUm.toFixed(0)}\u00a0µm would stand beside feed marks of ${marksUm.toFixed(1)}\u00a0µm.`
    : `It does not pay for the finish: feed marks of ${marksUm.toFixed(1)}\u00a0µm hide the edge’s ${rzUm.toFixed(0)}\u00a0µm. Hone only to make the edge last.`;

/** What is done with an insert. */
export const INSERT_HONE =
  'An insert comes honed: a stone pays only where a worn or ground one must scrape a fine finish or cut soft metal. Diamond card, two or three light strokes on the top, never on a coating.';

export const HONE_RULES =
  'Never rock the stone, never round the edge over; hone the top flat, last, with few strokes. Stop when the bands are unbroken, no light comes from the edge line, and no burr catches on a nail.';
