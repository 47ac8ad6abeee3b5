import { OutOfRange, atLeast, positive } from '../quantity/out-of-range';
import { quantile } from '../quantity/quantile';

/** Inside the band, outside of it, or too near to its edge for what the measuring can tell. */
export type FormVerdict = 'inside' | 'outside' | 'undecided';

/** Share of the sorted distances that the 95 % value stands at. */
const P95 = 0.95;
/** A fit uses up three degrees of freedom: with fewer points than this its rms is flattered. */
export const FEW_POINTS = 10;

/**
 * Judges signed distances from a form against a band (rule of ISO 14253-1): inside when every one stays within
 * the band by the uncertainty of measuring, outside when one leaves it by more than that.
 *
 * @param distances    signed, in the unit of the band
 * @param uncertainty  0 or more
 * @example judgeForm([3, -2], [-20, 20], 3).verdict // 'inside'
 */
export function judgeForm(
  distances: readonly number[],
  [low, high]: readonly [low: number, high: number],
  uncertainty: number,
) {
  atLeast('measured points', distances, 1);
  if (!(uncertainty >= 0)) throw new OutOfRange('measuring uncertainty', uncertainty, 0);
  positive('width of the band', high - low);
  const sizes = distances.map(Math.abs).sort((a, b) => a - b);
  const [most, least] = [Math.max(...distances), Math.min(...distances)];
  const verdict: FormVerdict =
    least < low - uncertainty || most > high + uncertainty
      ? 'outside'
      : least >= low + uncertainty && most <= high - uncertainty
        ? 'inside'
        : 'undecided';
  return {
    most,
    least,
    rms: Math.sqrt(distances.reduce((sum, one) => sum + one * one, 0) / distances.length),
    p95: quantile(sizes, P95),
    outOfBand: distances.filter((one) => one < low || one > high).length,
    verdict,
  };
}
