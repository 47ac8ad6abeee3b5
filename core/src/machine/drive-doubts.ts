import { reduction } from './belt-table';
import type { Drive } from './drive';

/** A figure of a drive that contradicts another, with the part (from 0) to look at. */
export type DriveDoubt =
  /** The gears that should slow the spindle would make it faster. */
  | { readonly is: 'gears-speed-up'; readonly stage: number }
  /** One belt would not fit this pair and the others: their two diameters add up to another length. */
  | {
      readonly is: 'belt-length';
      readonly stage: number;
      readonly pair: number;
      /** Sum of the pair's diameters over the usual sum, less 1: above 0 is longer. */
      readonly longer: number;
    };

/** One belt must be as tight on every pair: the two diameters together stay this nearly the same. */
const SAME_LENGTH = 0.06;

const lowerMedian = (values: readonly number[]): number =>
  [...values].sort((a, b) => a - b)[Math.floor((values.length - 1) / 2)]!;

/**
 * Figures of a drive that cannot all be true, for a person to measure again; none is refused for it.
 *
 * @example two pairs of 100 + 100 and one of 100 + 120 give { is: 'belt-length', stage: 0, pair: 2, longer: 0.1 }
 */
export function driveDoubts({ stages }: Drive): readonly DriveDoubt[] {
  return stages.flatMap((part, stage): DriveDoubt[] => {
    if (part.kind === 'back-gear') return reduction(part) > 1 ? [] : [{ is: 'gears-speed-up', stage }];
    if (part.kind !== 'belt') return [];
    const sums = part.pairs.map(({ driverMm, drivenMm }) => driverMm + drivenMm);
    const usual = lowerMedian(sums);
    return sums.flatMap((sum, pair): DriveDoubt[] => {
      const longer = sum / usual - 1;
      return Math.abs(longer) > SAME_LENGTH ? [{ is: 'belt-length', stage, pair, longer }] : [];
    });
  });
}
