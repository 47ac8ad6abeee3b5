import type { DialPlace, DialStop, Fillet } from '@pike-stone/core/form';
import { sayLength } from '../forecast/row';
import type { UnitSystem } from '../format';
import { sayFine } from './fine';

/** A place on a dial: whole turns and a mark. */
export const sayDial = ({ turns, mark }: DialPlace): string =>
  `${turns === 0 ? '' : `${turns} ${Math.abs(turns) === 1 ? 'turn' : 'turns'}, `}mark ${Number(mark.toFixed(1))}`;

/** How many stops a table has, and what they leave. */
export const sayStops = (count: number, cuspMm: number, roundingMm: number, units: UnitSystem): string =>
  `${count} stops leave at most ${sayFine(cuspMm, units)} between them; rounding to the dials adds up to ${sayFine(roundingMm, units)}.`;

/** What the picture of the cusps shows, its heights much enlarged. */
export const sayCusps = (mostMm: number, cuspMm: number, units: UnitSystem): string =>
  `Left on the form around this stop, enlarged: up to ${sayFine(mostMm, units)}. The line is ${sayFine(cuspMm, units)}.`;

/** Inside corners at which the wheel leaves more than a cusp; null when there are none. */
export function sayFillets(
  fillets: readonly Fillet[],
  cuspMm: number,
  stoneMm: number,
  units: UnitSystem,
): string | null {
  const left = fillets.map(({ leftMm }) => leftMm).filter((mm) => mm > cuspMm);
  if (left.length === 0) return null;
  const keep = left.length === 1 ? 'An inside corner keeps' : `${left.length} inside corners keep`;
  return `${keep} a fillet of ${sayLength(stoneMm, units)}, which leaves up to ${sayFine(Math.max(...left), units)}.`;
}

/** Which slide comes to a stop the other way; null when neither does. */
export function sayTurnsBack({ xTurnsBack, yTurnsBack }: DialStop): string | null {
  if (!xTurnsBack && !yTurnsBack) return null;
  const which = xTurnsBack && yTurnsBack ? 'X and Y turn' : xTurnsBack ? 'X turns' : 'Y turns';
  return `${which} back here: go past by more than the play, then come to the stop.`;
}
