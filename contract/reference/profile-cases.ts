import {
  distanceFrom,
  steppedPoints,
  type Corner,
  type PlanePoint,
  type Profile,
} from '@pike-stone/core/form';
import type { Values } from './values';

/** A step along the program's profile, and what a chord of the given points may hide, mm. */
const STEP_MM = 0.02;
const CHORD_MM = 0.01;
/** Cut at the tip circle to this, mm. */
const TIP_MM = 1e-6;

const isOutline = (got: unknown): got is { readonly profile: Profile } =>
  got !== null && typeof got === 'object' && 'profile' in got;

const chainOf = (points: readonly PlanePoint[]): Profile => points.map(([x, y]): Corner => [x, y, 0]);

/** Whether both halves of a profile run through the points of a case, and the right half nowhere else. */
function runsThrough(profile: Profile, points: readonly PlanePoint[], tolerance: number): boolean {
  const tip = Math.max(...points.map(([x, y]) => Math.hypot(x, y)));
  const own = steppedPoints(profile, STEP_MM).filter(([x, y]) => x >= 0 && Math.hypot(x, y) <= tip + TIP_MM);
  const chain = chainOf(points);
  return (
    points.every(
      ([x, y]) => distanceFrom(profile, [x, y]) <= tolerance && distanceFrom(profile, [-x, y]) <= tolerance,
    ) && own.every((point) => distanceFrom(chain, point) <= tolerance + CHORD_MM)
  );
}

/** Bounds of a fit by the key of what they bound. */
const BOUNDS = { arcCountMax: 'arcCount', deviationMaxMm: 'deviationMm' } as const;

/**
 * What a case expects, in the terms of what was got: a list of points on a profile becomes a yes once the
 * profile runs through them, an upper bound becomes the value once it is kept.
 */
export function expectedOf(expected: Values, got: unknown, tolerance: number): Values {
  const out: Record<string, unknown> = { ...expected };
  if (
    Array.isArray(out.points)
    && isOutline(got)
    && runsThrough(got.profile, out.points as PlanePoint[], tolerance)
  )
    delete out.points;
  for (const [key, value] of Object.entries(BOUNDS)) {
    const [bound, reached] = [out[key], (got as Values | null)?.[value]];
    if (typeof bound === 'number' && typeof reached === 'number' && reached <= bound + 1e-9) delete out[key];
  }
  return out;
}
