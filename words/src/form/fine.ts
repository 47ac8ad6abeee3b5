import { MM_PER_INCH } from '@pike-stone/core';
import { sayLength } from '../forecast/row';
import { joined, type Shown, type UnitSystem } from '../format';

const THOU_MM = MM_PER_INCH / 1000;
const MILLIONTHS_PER_UM = 1000 / MM_PER_INCH;
/** From here on a size is said as a length, mm. */
const LENGTH_FROM_MM = 1;

/** Shortest useful form of a number: one decimal below ten. */
const short = (value: number): string => String(Number(value.toFixed(Math.abs(value) < 10 ? 1 : 0)));

/** Units that small errors are said in. */
export const FINE_UNIT: Readonly<Record<UnitSystem, string>> = { mm: 'µm', inch: 'thou' };

/** The figure of a small error without its unit. */
export const fineFigure = (mm: number, units: UnitSystem): string =>
  units === 'mm' ? short(mm * 1000) : String(Number((mm / THOU_MM).toFixed(Math.abs(mm) < THOU_MM ? 2 : 1)));

/**
 * An error or a fit: micrometres, or thou; from a millimetre on a length.
 * @example sayFine(0.0367, 'mm') // 37 µm
 */
export const sayFine = (mm: number, units: UnitSystem): string =>
  Math.abs(mm) >= LENGTH_FROM_MM ? sayLength(mm, units) : `${fineFigure(mm, units)}\u00a0${FINE_UNIT[units]}`;

/** A size that is set by gauges: to a micrometre, or a tenth of a thou. */
export const gaugeLength = (mm: number, units: UnitSystem): Shown =>
  units === 'mm'
    ? { figure: mm.toFixed(3), unit: 'mm' }
    : { figure: (mm / MM_PER_INCH).toFixed(4), unit: 'in' };

/** The same with its unit. */
export const sayGauge = (mm: number, units: UnitSystem): string => joined(gaugeLength(mm, units));

/** The doubt of a gauge block: hundredths of a micrometre, or millionths of an inch. */
export const sayVeryFine = (um: number, units: UnitSystem): string =>
  units === 'mm'
    ? `${um.toFixed(2)}\u00a0µm`
    : `${Math.round(um * MILLIONTHS_PER_UM)}\u00a0millionths of an inch`;

/** A small size that is set or taken off: mm, or thou. */
export const saySmall = (mm: number, units: UnitSystem): string =>
  units === 'mm' ? sayLength(mm, units) : sayFine(mm, units);

/** An error with its sign. */
export const saySigned = (mm: number, units: UnitSystem): string =>
  mm < 0 ? `−${sayFine(-mm, units)}` : `+${sayFine(mm, units)}`;
