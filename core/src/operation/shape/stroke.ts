import type { Machine } from '../../machine/machine';
import { returnRatioAt } from '../../mechanics/shaper-speed';

/** A shaper's stroke is this much longer than the work: the clapper settles before it, the tool clears it behind, mm. */
const BEYOND_MM = 25;

/** Length of the stroke over work of a length, as far as the ram goes, mm. */
export const strokeLength = (machine: Machine, workMm: number): number =>
  Math.min(workMm + BEYOND_MM, machine.limits?.strokeMm ?? Infinity);

/** Time of the cutting stroke over the return, at this stroke; 1 on machines without a ram. */
export function strokeReturnRatio(machine: Machine, workMm: number): number {
  if (machine.kind !== 'shaper') return 1;
  const longestMm = machine.limits?.strokeMm;
  return longestMm === undefined
    ? machine.returnRatio
    : returnRatioAt(strokeLength(machine, workMm), longestMm, machine.returnRatio);
}

/** Diameter whose rim moves as fast as the tool cuts in the mean of its stroke, mm: N L (1 + 1/R) = pi D n. */
export const strokeAsDiameter = (machine: Machine, workMm: number): number =>
  (strokeLength(machine, workMm) * (1 + 1 / strokeReturnRatio(machine, workMm))) / Math.PI;
