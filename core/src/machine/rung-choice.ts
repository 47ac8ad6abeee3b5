import { atLeast, positive } from '../quantity/out-of-range';

export type RungRule = 'not-above' | 'overshoot' | 'nearest';

export interface RungChoice {
  readonly chosenRpm: number;
  /** chosen / target */
  readonly ratio: number;
  /** Nearest step at or under the target, null when there is none. */
  readonly belowRpm: number | null;
  readonly aboveRpm: number | null;
  /** No step satisfies the rule: even the slowest is too fast. */
  readonly machineTooFast: boolean;
  /** The target lies above the top step. */
  readonly machineTooSlow: boolean;
}

const SLACK = 1e-9;

/**
 * Chooses the step of a machine for a target speed.
 *
 * Schools: `not-above` the largest step not above the target; `overshoot` the
 * largest step within p percent above it (Taylor: 10 % costs HSS about half its
 * edge life); `nearest` on a logarithmic scale, a tie going to the slower.
 *
 * @param rungsRpm  the machine's real speeds, any order, at least one, all above 0
 * @example chooseRung([70, 130, 210, 410], 382, 'overshoot').chosenRpm // 410
 */
export function chooseRung(
  rungsRpm: readonly number[],
  targetRpm: number,
  rule: RungRule = 'overshoot',
  overshootPercent = 10,
): RungChoice {
  positive('target speed', targetRpm);
  atLeast('speeds', rungsRpm, 1);
  const rungs = [...rungsRpm].sort((a, b) => a - b);
  positive('slowest speed', rungs[0]!);

  let belowRpm: number | null = null;
  let aboveRpm: number | null = null;
  for (const rpm of rungs) {
    if (rpm <= targetRpm * (1 + SLACK)) belowRpm = rpm;
    else if (aboveRpm === null) aboveRpm = rpm;
  }
  const limit = rule === 'overshoot' ? targetRpm * (1 + overshootPercent / 100) : targetRpm;
  const satisfying = rule === 'nearest' ? nearest(rungs, targetRpm) : largestUpTo(rungs, limit);
  const chosenRpm = satisfying ?? rungs[0]!;
  return {
    chosenRpm,
    ratio: chosenRpm / targetRpm,
    belowRpm,
    aboveRpm,
    machineTooFast: satisfying === null,
    machineTooSlow: targetRpm > rungs.at(-1)! * (1 + SLACK),
  };
}

function largestUpTo(rungs: readonly number[], limit: number): number | null {
  let best: number | null = null;
  for (const rpm of rungs) if (rpm <= limit * (1 + SLACK)) best = rpm;
  return best;
}

function nearest(rungs: readonly number[], target: number): number {
  let best = rungs[0]!;
  for (const rpm of rungs)
    if (Math.abs(Math.log(rpm / target)) < Math.abs(Math.log(best / target)) - SLACK) best = rpm;
  return best;
}
