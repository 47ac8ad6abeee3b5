import {
  arcOfError,
  type CompoundIndexing,
  type DifferentialDividing,
  type SimpleIndexing,
} from '@pike-stone/core/setting';
import { sayLength } from '../forecast/row';
import { formatAngle, type UnitSystem } from '../format';
import { sayFine } from './fine';

const ARCSEC_PER_DEG = 3600;

type Exact = Extract<SimpleIndexing, { exact: true }>;
type Inexact = Extract<SimpleIndexing, { exact: false }>;

const turns = (full: number): string => (full === 0 ? '' : `${full} full ${full === 1 ? 'turn' : 'turns'}`);

/** The move of the crank for simple indexing on one circle. */
export function sayIndexing(found: SimpleIndexing, circle?: number): string {
  if (!found.exact)
    return `Not exact on these plates. Each division to its own nearest hole of the ${found.circle} circle.`;
  const choice =
    found.choices.find((one) => one.circle === circle) ?? found.choices[found.choices.length - 1]!;
  const full = turns(found.fullTurns);
  if (choice.spaces === 0) return full;
  const spaces = `${choice.spaces} ${choice.spaces === 1 ? 'space' : 'spaces'} of the ${choice.circle} circle`;
  return full === '' ? spaces : `${full} and ${spaces}`;
}

/** Gears, circle and direction of differential dividing. */
export function sayDifferential({
  trialDivisions,
  gears,
  plateDirection,
  crankTurns,
  circle,
}: DifferentialDividing): readonly string[] {
  const full = Math.floor(crankTurns.num / crankTurns.den);
  const spaces = ((crankTurns.num - full * crankTurns.den) * circle) / crankTurns.den;
  const crank = [turns(full), spaces === 0 ? '' : `${spaces} spaces of the ${circle} circle`]
    .filter(Boolean)
    .join(' and ');
  return [
    `Index ${trialDivisions}: ${crank}.`,
    `Gears: ${gears.drivers.join(' × ')} driving, ${gears.driven.join(' × ')} driven.`,
    `The plate turns ${plateDirection === 'with-crank' ? 'with' : 'against'} the crank: choose the idlers so, and prove it by one turn.`,
  ];
}

/** The smaller circles that divide exactly too; null when there is one circle only. */
export function sayOtherCircles({ choices }: Exact): string | null {
  const others = choices.slice(0, -1).map(({ circle, spaces }) => `${spaces} of ${circle}`);
  return others.length === 0 ? null : `Also ${others.join(', ')}: the largest circle errs least.`;
}

const ONE_WAY = 'Turn one way only, and lock the spindle for the cut.';

/** How the sector arms are set on the largest circle; full turns need none. */
export function saySectorArms({ choices }: Exact): string {
  const { spaces } = choices.at(-1)!;
  if (spaces === 0) return ONE_WAY;
  return `Set the sector arms to ${spaces + 1} holes, the one with the pin counted. ${ONE_WAY}`;
}

/** Both moves of compound dividing. */
export const sayCompound = ({ first, second }: CompoundIndexing): string =>
  `${first.holes} spaces of the ${first.circle} circle with the pin, then ${Math.abs(second.holes)} of the ${second.circle} ${second.holes > 0 ? 'the same way' : 'back'}, plate and crank together from the back pin.`;

/** An error of an angle, and what it is on a circle when the circle is known. */
function sayArcError(arcsec: number, diameterMm: number | null, units: UnitSystem, places: number): string {
  const angle = formatAngle(Math.abs(arcsec) / ARCSEC_PER_DEG, places);
  if (diameterMm === null) return angle;
  const arc = sayFine(Math.abs(arcOfError(arcsec, diameterMm)), units);
  return `${angle}, ${arc} at ${sayLength(diameterMm, units)}`;
}

/** What is left over when each division goes to its own nearest hole, and when the same move is repeated. */
export const sayNearestHoles = (
  found: Inexact,
  diameterMm: number | null,
  units: UnitSystem,
): readonly string[] => [
  `${sayIndexing(found)} No division is off by more than ${sayArcError(found.maxErrorArcsec, diameterMm, units, 3)}; the errors do not add up.`,
  `Do not repeat the same move of ${found.stepHoles} holes: it piles up ${sayArcError(found.closingErrorArcsec, diameterMm, units, 2)} in the last one.`,
];

/** What dividing to the nearest holes leaves at the rim of a blank. */
export const sayRimError = (found: Inexact, diameterMm: number, units: UnitSystem): string =>
  `Not exact: up to ${sayFine(Math.abs(arcOfError(found.maxErrorArcsec, diameterMm)), units)} off at the rim if each division goes to its own hole. Set angles and circles has the exact ways.`;
