import { positive, within } from '../quantity/out-of-range';
import type { Blank } from '../solid/solid-cut';
import { COOLING_SHARE, DRESS_FACTOR, RATE_BY_GRIT } from './grind-limits';

/**
 * Minutes that a volume takes at the wheel: volume / (rate x dress factor), and with the pauses that
 * keep it cool.
 *
 * @param rateMm3PerMin  of a freshly dressed wheel, hand pressure
 * @param dressFactor    1 fresh, 0.7 in use, 0.35 glazed or loaded
 * @param coolingShare   of the whole time, from 0 to below 1
 * @example grindTime(350, 80, 1, 0.4).totalMin // 7.29
 */
export function grindTime(
  volumeMm3: number,
  rateMm3PerMin: number,
  dressFactor: number,
  coolingShare: number,
) {
  const grindingMin = volumeMm3 / (positive('rate', rateMm3PerMin) * positive('dress factor', dressFactor));
  return { grindingMin, totalMin: grindingMin / (1 - within('cooling share', coolingShare, 0, 0.99)) };
}

/** Volume that a stock takes off a whole face of a blank, mm3: its section times the stock. */
export const volumeOffFace = (blank: Pick<Blank, 'widthMm' | 'heightMm'>, stockMm: number): number =>
  blank.widthMm * blank.heightMm * stockMm;

/**
 * Minutes that a volume takes by hand on a 60 grit wheel in use, with the pauses: typical.
 * @example minutesAtWheel(231) // 10.0: 231 / (55 x 0.7) / 0.6
 */
export const minutesAtWheel = (volumeMm3: number): number =>
  grindTime(volumeMm3, RATE_BY_GRIT[60], DRESS_FACTOR.inUse, COOLING_SHARE).totalMin;
