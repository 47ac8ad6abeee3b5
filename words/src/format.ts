import { convert } from '@pike-stone/core';

/** The two ways a shop writes its measures. */
export type UnitSystem = 'mm' | 'inch';

export interface Shown {
  readonly figure: string;
  readonly unit: string;
}

/** Whole above 10, two figures below: 8.4, 26, 140. */
export function formatSurfaceSpeed(mPerMin: number, units: UnitSystem): Shown {
  const value = units === 'mm' ? mPerMin : mPerMin / 0.3048;
  return {
    figure: value < 10 ? value.toPrecision(2) : value.toFixed(0),
    unit: units === 'mm' ? 'm/min' : 'sfm',
  };
}

/** A cutting speed to three figures, as a chain of arithmetic needs it: 25.6, 8.96, 126. */
export function formatChainSpeed(mPerMin: number, units: UnitSystem): Shown {
  const value = units === 'mm' ? mPerMin : mPerMin / 0.3048;
  return { figure: significant(value, 3), unit: units === 'mm' ? 'm/min' : 'sfm' };
}

/** Three figures below 1000, to 10 above: 65.4, 873, 1480; of a shaper in strokes a minute. */
export function formatSpindleSpeed(rpm: number, unit: 'rpm' | 'strokes/min' = 'rpm'): Shown {
  const figure = rpm >= 999.5 ? String(Math.round(rpm / 10) * 10) : trimZeros(rpm.toPrecision(3));
  return { figure, unit };
}

/** Lengths under this are told to a ten-thousandth, in. */
const SMALL_IN = 0.01;

/** A length to 0.01 mm or 0.001 in, small ones to 0.0001 in, without needless zeros in mm. */
export function formatLength(mm: number, units: UnitSystem): Shown {
  const inches = mm / 25.4;
  if (units === 'inch') {
    const figure = inches.toFixed(Math.abs(inches) < SMALL_IN ? 4 : 3);
    return { figure: Number(figure) === 0 ? '0' : figure, unit: 'in' };
  }
  return { figure: trimZeros(mm.toFixed(2)), unit: 'mm' };
}

/** The figure of a length no finer than the speeds it follows from: 8.5, 24, 140 mm; 0.33, 5.5 in. */
export const coarseLength = (mm: number, units: UnitSystem): string =>
  twoFigures(units === 'mm' ? mm : mm / 25.4);

/** Feed per turn or per tooth to 0.001 mm or 0.0001 in. */
export function formatFeedPerTurn(
  mm: number,
  units: UnitSystem,
  per: 'rev' | 'tooth' | 'stroke' = 'rev',
): Shown {
  if (units === 'inch') return { figure: (mm / 25.4).toFixed(4), unit: `in/${per}` };
  return { figure: trimZeros(mm.toFixed(3)), unit: `mm/${per}` };
}

/** Thickness of a chip to 0.001 mm or 0.0001 in. */
export const formatChip = (mm: number, units: UnitSystem): Shown => ({
  figure: formatFeedPerTurn(mm, units).figure,
  unit: units === 'mm' ? 'mm' : 'in',
});

/** Radius of a cutting edge: 40 μm, 0.0016 in. */
export const formatEdgeRadius = (um: number, units: UnitSystem): Shown =>
  units === 'mm' ? { figure: um.toFixed(0), unit: 'μm' } : formatChip(um / 1000, units);

/** Force on an edge for its width, to three figures: 260 N/mm, 1480 lbf/in. */
export const formatForcePerWidth = (nPerMm: number, units: UnitSystem): Shown =>
  units === 'mm'
    ? { figure: significant(nPerMm, 3), unit: 'N/mm' }
    : { figure: significant((nPerMm * 25.4) / 4.4482216153, 3), unit: 'lbf/in' };

/** Feed per turn, tooth or stroke to three figures, as a chain of arithmetic needs it: 0.102, 0.00402. */
export const formatChainFeed = (
  mm: number,
  units: UnitSystem,
  per: 'rev' | 'tooth' | 'stroke' = 'rev',
): Shown =>
  units === 'inch'
    ? { figure: significant(mm / 25.4, 3), unit: `in/${per}` }
    : { figure: significant(mm, 3), unit: `mm/${per}` };

/** Feed rate to three figures: 428, 16.9, 0.0441. */
export const formatChainRate = (mmPerMin: number, units: UnitSystem): Shown =>
  units === 'inch'
    ? { figure: significant(mmPerMin / 25.4, 3), unit: 'in/min' }
    : { figure: significant(mmPerMin, 3), unit: 'mm/min' };

/** Table feed, whole mm/min or 0.1 in/min. */
export function formatFeedRate(mmPerMin: number, units: UnitSystem): Shown {
  if (units === 'inch') return { figure: (mmPerMin / 25.4).toFixed(1), unit: 'in/min' };
  return { figure: mmPerMin < 10 ? mmPerMin.toPrecision(2) : mmPerMin.toFixed(0), unit: 'mm/min' };
}

/** Two figures below 10, whole above: 4.2, 38 N·m. */
export function formatTorque(newtonMetres: number, units: UnitSystem): Shown {
  const value = units === 'mm' ? newtonMetres : newtonMetres / 1.3558179483;
  return {
    figure: value < 10 ? value.toPrecision(2) : value.toFixed(0),
    unit: units === 'mm' ? 'N·m' : 'lbf·ft',
  };
}

/** Two figures: 260 N, 58 lbf. */
export function formatForce(newtons: number, units: UnitSystem): Shown {
  return units === 'mm'
    ? { figure: twoFigures(newtons), unit: 'N' }
    : { figure: twoFigures(convert(newtons, 'N', 'lbf')), unit: 'lbf' };
}

/** To 0.01 kW or hp. */
export function formatPower(kw: number, units: UnitSystem): Shown {
  return units === 'mm'
    ? { figure: kw.toFixed(2), unit: 'kW' }
    : { figure: (kw / 0.74569987).toFixed(2), unit: 'hp' };
}

/** Seconds as a hand can follow them: 0.8, 6.5, 14. */
export function formatSeconds(seconds: number): Shown {
  return { figure: seconds < 10 ? trimZeros(seconds.toFixed(1)) : seconds.toFixed(0), unit: 's' };
}

/** A factor with its sign: x 0.85. */
export const formatFactor = (factor: number): string => `× ${factor.toFixed(2)}`;

/** A relative standard uncertainty as most people mean it, twice as wide: ±0.8 %. */
export const formatUncertainty = (uRel: number): string =>
  `±${(200 * uRel).toFixed(uRel < 0.05 ? 1 : 0)}\u00a0%`;

/** Figure and unit as one piece of text that does not break. */
export const joined = (shown: Shown): string => `${shown.figure}\u00a0${shown.unit}`;

/** An angle to a hundredth of a degree without needless zeros: 1.43°, 30°. */
export const formatAngle = (deg: number, places = 2): string => `${Number(deg.toFixed(places))}°`;

/** Ra to two figures: 1.6 μm, 63 μin. The Greek letter, which the shipped fonts hold; they have no sign of its own. */
export const formatRa = (um: number, units: UnitSystem): string =>
  units === 'mm' ? `${twoFigures(um)}\u00a0μm` : `${twoFigures(um / 0.0254)}\u00a0μin`;

/** A temperature to ten degrees: it is known no better. */
export const formatHeat = (c: number, units: UnitSystem): string =>
  units === 'mm' ? `${toTen(c)}\u00a0°C` : `${toTen(c * 1.8 + 32)}\u00a0°F`;
const toTen = (value: number): number => Math.round(value / 10) * 10;

/** Time of a cut: seconds while they can be counted, then minutes. */
export function formatTime(seconds: number): string {
  if (seconds < COUNTED_S) return `${Math.round(seconds)}\u00a0s`;
  const minutes = seconds / 60;
  return `${minutes < TENTHS_UNDER_MIN ? minutes.toFixed(1) : Math.round(minutes)}\u00a0min`;
}
const COUNTED_S = 90;
const TENTHS_UNDER_MIN = 10;

/** A share as whole percents. */
export const formatPercent = (share: number): string => `${Math.round(100 * share)}\u00a0%`;

/** A value to so many figures, never as a power of ten, without needless zeros. */
export function significant(value: number, digits: number): string {
  if (value === 0) return '0';
  const places = Math.max(0, digits - 1 - Math.floor(Math.log10(Math.abs(value)) + 1e-12));
  return trimZeros(Number(value.toPrecision(digits)).toFixed(places));
}

const twoFigures = (value: number): string => String(Number(value.toPrecision(2)));

function trimZeros(figure: string): string {
  return figure.includes('.') ? figure.replace(/\.?0+$/, '') : figure;
}
