import { plus, times, unit, type RestSetting, type Vector } from '@pike-stone/core/grind';
import type { Eye } from '../solid/project';

const RAD = Math.PI / 180;

/** Directions of the rest in the shank frame of a bit that lies on it. */
interface RestFrame {
  /** Along the rest from the wheel to the operator. */
  readonly toOperator: Vector;
  /** To the operator's right. */
  readonly toRight: Vector;
  /** Out of the rest. */
  readonly outward: Vector;
}

/**
 * How a bit lies: with no turn its nose looks at the wheel. Roll turns it about its shank, turn about
 * the rest's own normal, clockwise from above.
 */
function restFrame({ turnDeg, rollDeg }: Pick<RestSetting, 'turnDeg' | 'rollDeg'>): RestFrame {
  const [c, s] = [Math.cos(rollDeg * RAD), Math.sin(rollDeg * RAD)];
  const [ct, st] = [Math.cos(turnDeg * RAD), Math.sin(turnDeg * RAD)];
  const nose: Vector = [1, 0, 0];
  const right: Vector = [0, -c, s];
  return {
    toOperator: plus(times(nose, -ct), times(right, st)),
    toRight: plus(times(nose, st), times(right, ct)),
    outward: [0, s, c],
  };
}

/** Seen from above the rest: the wheel at the top of the paper, the operator at the bottom. */
export function fromAbove(setting: Pick<RestSetting, 'turnDeg' | 'rollDeg'>): Eye {
  const { toOperator, toRight, outward } = restFrame(setting);
  return { towards: outward, right: toRight, up: times(toOperator, -1) };
}

/** Seen along the axle from the operator's right: the wheel at the left, the rest leaning by its tilt. */
export function alongAxle(setting: RestSetting): Eye {
  const { toOperator, toRight, outward } = restFrame(setting);
  const [c, s] = [Math.cos(setting.tiltDeg * RAD), Math.sin(setting.tiltDeg * RAD)];
  return {
    towards: toRight,
    right: unit(plus(times(toOperator, c), times(outward, s))),
    up: unit(plus(times(outward, c), times(toOperator, -s))),
  };
}
