import { flankNormal, levelTrace, type LevelTrace } from '../bit/edge-trace';
import { DEG } from '../quantity/angle';
import { minus, plus, times, unit, type Vector } from '../quantity/vector';
import type { HalfSpace } from '../solid/convex';
import type { GrindStep } from './grind-step';
import { restLean, throughPoint, type Layout } from './layout';

/** Level direction at an azimuth. */
const at = (deg: number): Vector => [Math.cos(deg * DEG), Math.sin(deg * DEG), 0];

/** Flats that stand for an arc: within a micrometre or so of it. */
const ARC_STEP_DEG = 3;

/** Planes that keep what lies inside an arc from one trace to another, the bit swung on the rest. */
export function arcPlanes(
  centre: Vector,
  radiusMm: number,
  from: LevelTrace,
  to: LevelTrace,
): readonly HalfSpace[] {
  const steps = Math.max(2, Math.ceil(Math.abs(to.azimuthDeg - from.azimuthDeg) / ARC_STEP_DEG));
  return Array.from({ length: steps + 1 }, (_, i) => {
    const share = i / steps;
    const azimuthDeg = from.azimuthDeg + share * (to.azimuthDeg - from.azimuthDeg);
    const tiltDeg = from.tiltDeg + share * (to.tiltDeg - from.tiltDeg);
    return throughPoint(flankNormal({ azimuthDeg, tiltDeg }), plus(centre, times(at(azimuthDeg), radiusMm)));
  });
}

/** Flats that stand for the rounding of a nose. */
const NOSE_FLATS = 16;

/**
 * Rounds the corner between two flanks by rolling it on a fine wheel or a stone. The planes turn
 * about the line in which the flanks meet, so that the rounding takes nothing off either of them.
 */
export function noseStep(
  { plan, nose }: Layout,
  major: Vector,
  minor: Vector,
  reachMm: number,
): GrindStep | null {
  const r = plan.noseRadiusMm;
  if (r <= 0) return null;
  const [from, to] = [levelTrace(minor), levelTrace(major)];
  // The centre lies r behind both level traces through the nose.
  const half = ((to.azimuthDeg - from.azimuthDeg) / 2) * DEG;
  const middle = (to.azimuthDeg + from.azimuthDeg) / 2;
  const centre = minus(nose, times(at(middle), r / Math.cos(half)));
  const keep = Array.from({ length: NOSE_FLATS - 1 }, (_, i) => {
    const share = (i + 1) / NOSE_FLATS;
    const normal = unit(plus(times(minor, 1 - share), times(major, share)));
    return throughPoint(normal, plus(centre, times(unit([normal[0], normal[1], 0]), r)));
  });
  return {
    key: 'nose',
    cut: { by: 'nose', keep, reachMm },
    normal: null,
    setting: null,
    swing: {
      fromDeg: from.azimuthDeg,
      toDeg: to.azimuthDeg,
      tiltDeg: (from.tiltDeg + to.tiltDeg) / 2 - restLean(plan),
    },
    readings: [],
    wheel: 'fine',
    check: 'radius-gauge',
  };
}
