import { DEG } from '../quantity/angle';
import { positive } from '../quantity/out-of-range';
import { wholeWithin } from '../quantity/whole-within';
import { leanAt } from './rest-tilt';
import { wheelDepth } from './end-tooth';

/** Most teeth of a cutter that is indexed here. */
const MOST_TEETH = 60;

/**
 * Angles at which the teeth of a cutter are indexed, and the worst error of a plate whose holes do not
 * divide by them.
 *
 * @param holes  of the plate; null when it is indexed by angle alone
 * @example indexAngles(3, 15, 40).worstDeg // 3
 */
export function indexAngles(teeth: number, startDeg: number, holes: number | null) {
  const z = wholeWithin('teeth', teeth, 1, MOST_TEETH);
  const stepDeg = 360 / z;
  const turns = Array.from({ length: z }, (_, i) => i * stepDeg);
  const pitch = holes === null ? null : 360 / positive('holes', holes);
  const off = (turn: number): number =>
    pitch === null ? 0 : Math.abs(turn - Math.round(turn / pitch) * pitch);
  return {
    stepDeg,
    anglesDeg: turns.map((turn) => (((turn + startDeg) % 360) + 360) % 360),
    exact: holes === null || holes % z === 0,
    worstDeg: holes === null ? null : Math.max(...turns.map(off)),
  };
}

/**
 * What an error of indexing does to one tooth: its corner lies y = D/2 sin(err) off, so it ends low and
 * has another relief. Half a degree is acceptable, two are not.
 *
 * @param errorDeg  positive turns the tooth towards the height of the wheel's centre
 * @example indexRunout(30, 3.1359, 12, 0.5).lowMm // 0.0055
 */
export function indexRunout(radiusMm: number, raiseMm: number, diameterMm: number, errorDeg: number) {
  const shiftMm = (positive('cutter diameter', diameterMm) / 2) * Math.sin(errorDeg * DEG);
  leanAt(raiseMm, radiusMm);
  return {
    shiftMm,
    lowMm: wheelDepth(radiusMm, raiseMm, shiftMm),
    reliefDeg: leanAt(raiseMm - shiftMm, radiusMm),
  };
}
