import type { Dial } from '../machine/dial';

/** Divisions between the marks of a dial that are easily found again. */
const EASY_DIVISIONS = 5;
/** Step of a depth where no dial sets it, mm. */
const WITHOUT_DIAL_MM = 0.01;

/**
 * A depth on the machine's own scale: to whole fives of the dial's divisions, to
 * single divisions when it is less than five, to 0.05 mm without a dial; never
 * less than one step.
 *
 * @example toDialStep(1.53, { travelPerTurnMm: 2.5, divisions: 100, reads: 'radius', backlashMm: 0 }) // 1.5
 */
export function toDialStep(
  mm: number,
  dial: Pick<Dial, 'travelPerTurnMm' | 'divisions'> | null,
  round: (steps: number) => number = Math.round,
): number {
  const division = dial ? dial.travelPerTurnMm / dial.divisions : WITHOUT_DIAL_MM;
  const step = mm < EASY_DIVISIONS * division ? division : EASY_DIVISIONS * division;
  return Math.max(step, round(mm / step - 1e-9) * step);
}

/** Steps of a dial that do not go beyond a depth; a depth that lies on a step is that step. */
export const wholeSteps = (steps: number): number => Math.floor(steps + 1e-6);
