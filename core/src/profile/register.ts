import { EigenvalueDecomposition, Matrix } from 'ml-matrix';
import { minus, turnedBy, type PlanePoint } from '../quantity/plane';
import { OutOfRange, atLeast } from '../quantity/out-of-range';
import { signedDistances } from './nearest';
import type { Piece } from './profile';

/** How measured points may be moved onto the nominal form: turned and shifted, turned about the datum, or not. */
export type Fit = 'free' | 'turn' | 'none';

/** A motion that the form does not fix: along a line, or round a circle. */
export type FreeMotion = { readonly kind: 'turn' } | { readonly kind: 'slide'; readonly along: PlanePoint };

/** Where a measured point lies against the form after the fit. */
export interface Deviation {
  readonly at: PlanePoint;
  /** Nearest point of the form. */
  readonly onForm: PlanePoint;
  /** Positive on the left of travel, mm. */
  readonly distanceMm: number;
  /** Number of the line or arc it is nearest to. */
  readonly piece: number;
}

export interface Registration {
  /** Turn about the origin, radians, then shift, mm: from measured to nominal. */
  readonly thetaRad: number;
  readonly shiftMm: PlanePoint;
  readonly deviations: readonly Deviation[];
  readonly free: readonly FreeMotion[];
}

const SHIFT_DONE_MM = 1e-9;
const TURN_DONE = 1e-10;
const MOST_STEPS = 100;
const MOST_HALVINGS = 20;
/** Share of the largest eigenvalue below which a motion is not fixed by the form. */
const FREE_SHARE = 1e-8;

/** A turn about the origin, radians, and then a shift, mm. */
interface Pose {
  readonly theta: number;
  readonly t: PlanePoint;
}

const placed = ({ theta, t }: Pose, point: PlanePoint): PlanePoint => {
  const [x, y] = turnedBy(theta, point);
  return [x + t[0], y + t[1]];
};

/** Turns a pose by w about a point and shifts it by (dx, dy). */
const nudged = ({ theta, t }: Pose, about: PlanePoint, [dx, dy, w]: readonly number[]): Pose => {
  const [x, y] = turnedBy(w!, minus(t, about));
  return { theta: theta + w!, t: [x + about[0] + dx!, y + about[1] + dy!] };
};

/** Step of Gauss-Newton by the pseudo-inverse of the normal equations, and the motions left at zero. */
function stepOf(rows: readonly (readonly number[])[], rest: readonly number[]) {
  const jacobian = new Matrix(rows.map((row) => [...row]));
  const transposed = jacobian.transpose();
  const pull = transposed.mmul(Matrix.columnVector([...rest])).to1DArray();
  const normal = new EigenvalueDecomposition(transposed.mmul(jacobian), { assumeSymmetric: true });
  const vectors = normal.eigenvectorMatrix;
  const largest = Math.max(...normal.realEigenvalues);
  const step = pull.map(() => 0);
  const free: number[][] = [];
  normal.realEigenvalues.forEach((value, k) => {
    const vector = vectors.getColumn(k);
    if (!(value > FREE_SHARE * largest)) {
      free.push(vector);
      return;
    }
    const share = -vector.reduce((sum, one, i) => sum + one * pull[i]!, 0) / value;
    vector.forEach((one, i) => {
      step[i] = step[i]! + share * one;
    });
  });
  return { step, free };
}

function freeMotion(vector: readonly number[]): FreeMotion {
  const [x, y, turn] = vector as readonly [number, number, number];
  const length = Math.hypot(x, y);
  return Math.abs(turn) > length ? { kind: 'turn' } : { kind: 'slide', along: [x / length, y / length] };
}

/**
 * Lays measured points on the nominal form by least squares of their signed distances (Gauss-Newton with the
 * closest points sought again at each step). The measured form should lie within about 10 degrees and a fifth
 * of the smallest radius; `start` moves it there first.
 *
 * @param pieces  lines and arcs of the form in the order of travel
 * @param points  measured, mm; three at least for a fit
 */
export function register(
  pieces: readonly Piece[],
  points: readonly PlanePoint[],
  fit: Fit,
  start: { readonly thetaRad: number; readonly shiftMm: PlanePoint } = { thetaRad: 0, shiftMm: [0, 0] },
): Registration {
  atLeast('pieces of the form', pieces, 1);
  atLeast('measured points', points, fit === 'none' ? 1 : 3);
  for (const [x, y] of points)
    if (!Number.isFinite(x) || !Number.isFinite(y)) throw new OutOfRange('measured point', NaN, -1e6, 1e6);
  const against = signedDistances(pieces);
  const signedAt = (pose: Pose) =>
    points.map((point) => {
      const at = placed(pose, point);
      const { at: onForm, normal, distanceMm, piece } = against(at);
      return { at, onForm, normal, distanceMm, piece };
    });
  const squares = (list: ReturnType<typeof signedAt>): number =>
    list.reduce((sum, { distanceMm }) => sum + distanceMm * distanceMm, 0);

  let pose: Pose = { theta: start.thetaRad, t: start.shiftMm };
  let signed = signedAt(pose);
  let free: readonly FreeMotion[] = [];
  for (let i = 0; fit !== 'none' && i < MOST_STEPS; i += 1) {
    const mean: PlanePoint = [
      signed.reduce((sum, { at }) => sum + at[0], 0) / signed.length,
      signed.reduce((sum, { at }) => sum + at[1], 0) / signed.length,
    ];
    const about: PlanePoint = fit === 'turn' ? [0, 0] : mean;
    const spread =
      Math.sqrt(
        signed.reduce((sum, { at }) => sum + (at[0] - about[0]) ** 2 + (at[1] - about[1]) ** 2, 0)
          / signed.length,
      ) || 1;
    const rows = signed.map(({ at, normal: [nx, ny] }) => {
      const arm = (ny * (at[0] - about[0]) - nx * (at[1] - about[1])) / spread;
      return fit === 'turn' ? [arm] : [nx, ny, arm];
    });
    const solved = stepOf(
      rows,
      signed.map(({ distanceMm }) => distanceMm),
    );
    if (fit === 'free') free = solved.free.map(freeMotion);
    const full =
      fit === 'turn'
        ? [0, 0, solved.step[0]! / spread]
        : [solved.step[0]!, solved.step[1]!, solved.step[2]! / spread];
    let step = full;
    let next = nudged(pose, about, step);
    let moved = signedAt(next);
    for (let halving = 0; halving < MOST_HALVINGS && squares(moved) > squares(signed); halving += 1) {
      step = step.map((one) => one / 2);
      next = nudged(pose, about, step);
      moved = signedAt(next);
    }
    if (squares(moved) > squares(signed)) break;
    [pose, signed] = [next, moved];
    if (Math.hypot(step[0]!, step[1]!) < SHIFT_DONE_MM && Math.abs(step[2]!) < TURN_DONE) break;
  }
  return {
    thetaRad: pose.theta,
    shiftMm: pose.t,
    deviations: signed.map(({ at, onForm, distanceMm, piece }) => ({ at, onForm, distanceMm, piece })),
    free,
  };
}
