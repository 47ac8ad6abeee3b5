import type { PlanePoint } from '../quantity/plane';
import { FEW_POINTS, judgeForm } from '../profile/form-verdict';
import { piecesOf, type Piece, type Profile } from '../profile/profile';
import { register, type Deviation, type Fit, type FreeMotion } from '../profile/register';

/** What is measured: points on the tool's edge or on the part it cut, and how they are judged. */
export interface FormInspection {
  readonly points: readonly PlanePoint[];
  readonly fit: Fit;
  /** Allowed distances, the lower not above 0, mm. */
  readonly lowMm: number;
  readonly highMm: number;
  /** Uncertainty of the measuring, mm. */
  readonly doubtMm: number;
}

/** A line or arc of the form that is out most, and how the points on it lie. */
export interface WorstFacet {
  readonly piece: Piece;
  /** Mean of the signed distances on it, mm; positive on the tool's side. */
  readonly meanMm: number;
  readonly worst: Deviation;
  readonly count: number;
}

/** Middle of some points, for a first place near the form. */
const middleOf = (points: readonly PlanePoint[]): PlanePoint => [
  (Math.min(...points.map(([x]) => x)) + Math.max(...points.map(([x]) => x))) / 2,
  Math.min(...points.map(([, y]) => y)),
];

/**
 * Lays measured points on the form and judges them. A free fit first puts the middle of the points on the
 * middle of the form, so that any zero of the microscope will do.
 */
export function inspectForm(profile: Profile, { points, fit, lowMm, highMm, doubtMm }: FormInspection) {
  const pieces = piecesOf(profile);
  const [px, py] = middleOf(points);
  const [fx, fy] = middleOf(profile.map(([x, y]): PlanePoint => [x, y]));
  const start = { thetaRad: 0, shiftMm: fit === 'free' ? ([fx - px, fy - py] as const) : ([0, 0] as const) };
  const { deviations, free, thetaRad, shiftMm } = register(pieces, points, fit, start);
  const judged = judgeForm(
    deviations.map(({ distanceMm }) => distanceMm),
    [lowMm, highMm],
    doubtMm,
  );
  const worst = deviations.reduce((most, one) =>
    Math.abs(one.distanceMm) > Math.abs(most.distanceMm) ? one : most,
  );
  const onFacet = deviations.filter(({ piece }) => piece === worst.piece);
  const facet: WorstFacet = {
    piece: pieces[worst.piece]!,
    meanMm: onFacet.reduce((sum, { distanceMm }) => sum + distanceMm, 0) / onFacet.length,
    worst,
    count: onFacet.length,
  };
  return {
    ...judged,
    deviations,
    facet,
    free: free satisfies readonly FreeMotion[],
    thetaRad,
    shiftMm,
    /** A fit of so few points flatters the rms. */
    isFlattered: fit !== 'none' && points.length < FEW_POINTS,
  };
}
