import { DEG } from '../quantity/angle';
import { lastWhere } from '../quantity/bisection';
import { positive, within } from '../quantity/out-of-range';
import type { CutSide } from './centre-height';

/**
 * Half angle of a symmetric point (thread, chamfer): in plan, in the ground top, and as it is cut.
 * With back rake the edge x behind the nose stands x tan gamma_p low, so it cuts at hypot(r -/+ x, low).
 *
 * @param diameterMm  at the nose
 * @param depthMm     radial
 * @returns `cutDeg` is that of the chord in the plane of the axis
 * @example formAngle('outside', 45, 10, 20, 2).cutDeg // 44.93
 */
export function formAngle(
  side: CutSide,
  halfPlanDeg: number,
  backRakeDeg: number,
  diameterMm: number,
  depthMm: number,
) {
  within('half angle', halfPlanDeg, 1, 85);
  positive('depth', depthMm);
  const r0 = positive('diameter', diameterMm) / 2;
  const sign = side === 'outside' ? 1 : -1;
  const fall = Math.tan(backRakeDeg * DEG);
  const depthAt = (x: number): number => sign * (Math.hypot(r0 + sign * x, x * fall) - r0);
  const most = side === 'outside' ? 4 * (r0 + depthMm) : r0 / (1 + fall * fall);
  within('depth', depthMm, 0, depthAt(most));
  const planDepthMm = lastWhere((x) => depthAt(x) < depthMm, 0, most);
  const half = Math.tan(halfPlanDeg * DEG);
  return {
    inFaceDeg: Math.atan(half * Math.cos(backRakeDeg * DEG)) / DEG,
    cutDeg: Math.atan((planDepthMm * half) / depthMm) / DEG,
    planDepthMm,
  };
}
