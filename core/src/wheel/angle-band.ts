import { within } from '../quantity/out-of-range';

/** Bands of angles that are good enough, degrees below and above the wanted one: typical. */
export const ANGLE_BANDS = {
  'bit-relief': [1, 2],
  'bit-rake': [2, 2],
  'plan-angle': [1, 1],
  'thread-half-angle': [0.25, 0.25],
  'form-angle': [0.5, 0.5],
  'end-tooth-relief': [1, 1.5],
  'secondary-relief': [2, 3],
  'dish-angle': [0.5, 1],
} as const;
export type JudgedAngle = keyof typeof ANGLE_BANDS;
export const JUDGED_ANGLES = Object.keys(ANGLE_BANDS) as JudgedAngle[];

export type AngleAnswer = 'accept' | 'uncertain' | 'regrind';
const GUARD = 1e-9;

/**
 * Whether a measured angle is good enough, with what the instrument cannot tell: it is accepted or
 * refused only when the whole of its uncertainty says so. On a hollow land a protractor reads the
 * chord and not the edge.
 * @example acceptAngle('end-tooth-relief', 6, 4.8, 0.5).verdict // 'uncertain'
 */
export function acceptAngle(
  feature: JudgedAngle,
  targetDeg: number,
  measuredDeg: number,
  uncertaintyDeg: number,
) {
  const [below, above] = ANGLE_BANDS[feature];
  const u = within('uncertainty', uncertaintyDeg, 0, 90);
  const [lowDeg, highDeg] = [targetDeg - below, targetDeg + above];
  const sure = measuredDeg >= lowDeg + u - GUARD && measuredDeg <= highDeg - u + GUARD;
  const wrong = measuredDeg < lowDeg - u - GUARD || measuredDeg > highDeg + u + GUARD;
  const verdict: AngleAnswer = sure ? 'accept' : wrong ? 'regrind' : 'uncertain';
  return { deviationDeg: measuredDeg - targetDeg, lowDeg, highDeg, verdict };
}
