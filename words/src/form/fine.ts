import { formatLength, joined, type UnitSystem } from '../format';

const THOU_MM = 0.0254;
/** From here on a size is said as a length, mm. */
const LENGTH_FROM_MM = 1;

/** Shortest useful form of a number: one decimal below ten. */
const short = (value: number): string => String(Number(value.toFixed(Math.abs(value) < 10 ? 1 : 0)));

/**
 * An error or a fit: micrometres, or thou; from a millimetre on a length.
 * @example sayFine(0.0367, 'mm') // 37 µm
 */
export function sayFine(mm: number, units: UnitSystem): string {
  if (Math.abs(mm) >= LENGTH_FROM_MM) return joined(formatLength(mm, units));
  return units === 'mm'
    ? `${short(mm * 1000)}\u00a0µm`
    : `${Number((mm / THOU_MM).toFixed(Math.abs(mm) < THOU_MM ? 2 : 1))}\u00a0thou`;
}

/** A small size that is set or taken off: mm, or thou. */
export const saySmall = (mm: number, units: UnitSystem): string =>
  units === 'mm' ? joined(formatLength(mm, units)) : sayFine(mm, units);

/** An error with its sign. */
export const saySigned = (mm: number, units: UnitSystem): string =>
  mm < 0 ? `−${sayFine(-mm, units)}` : `+${sayFine(mm, units)}`;
