import { positive } from '../quantity/out-of-range';
import { wholeIn } from '../quantity/whole';

/** What is left of an end mill, and what a sharpening takes. */
export interface MillStock {
  readonly fluteMm: number;
  readonly leastFluteMm: number;
  /** Off the end face by a sharpening. */
  readonly endMm: number;
  readonly diameterMm: number;
  readonly leastDiameterMm: number;
  /** Off the radius by a sharpening; 0 when only the end is ground. */
  readonly radialMm: number;
}

const times = (room: number, each: number): number => Math.max(0, wholeIn(room / each));

/**
 * Sharpenings that an end mill has left, by its flutes and by its diameter; the smaller counts, a tie
 * goes to the flutes. After k of them its cutter radius is smaller by k times the radial stock.
 * @example millRegrinds({ fluteMm: 22, leastFluteMm: 12, endMm: 0.5, diameterMm: 10, leastDiameterMm: 9.2, radialMm: 0.05 }).regrinds // 8
 */
export function millRegrinds(stock: MillStock) {
  const { fluteMm, leastFluteMm, endMm, diameterMm, leastDiameterMm, radialMm } = stock;
  const byFlute = times(fluteMm - leastFluteMm, positive('stock off the end', endMm));
  const byDiameter = radialMm > 0 ? times(diameterMm - leastDiameterMm, 2 * radialMm) : null;
  const regrinds = Math.min(byFlute, byDiameter ?? Infinity);
  return {
    byFlute,
    byDiameter,
    regrinds,
    limitedBy: regrinds === byFlute ? ('flute' as const) : ('diameter' as const),
    fluteAtScrapMm: fluteMm - regrinds * endMm,
    diameterAtScrapMm: diameterMm - 2 * regrinds * radialMm,
  };
}
