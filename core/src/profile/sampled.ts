import type { PlanePoint } from '../quantity/plane';
import { OutOfRange, positive, within } from '../quantity/out-of-range';
import { pieceLength, piecesOf, pointOn, type Piece, type Profile } from './profile';

/** Finest chord error, mm, and the most points of a chain. */
const LEAST_ERROR_MM = 1e-7;
const MOST_POINTS = 200_000;

/**
 * Number of equal chords that stay within an error of an arc: n = ceil(|sweep| / (2 acos(1 - e / R))); an
 * error of a radius or more takes one chord for each half turn.
 */
function chordCount(piece: Piece, errorMm: number): number {
  if (piece.kind === 'line') return 1;
  const step = errorMm >= piece.radiusMm ? Math.PI : 2 * Math.acos(1 - errorMm / piece.radiusMm);
  return Math.max(1, Math.ceil(Math.abs(piece.sweepRad) / step));
}

/**
 * Points along a profile whose chords leave it by at most an error.
 * @param errorMm  a tenth of a nanometre or more
 * @example sampled([[0, 0, 0], [2, 0, 0]], 0.01) // [[0, 0], [2, 0]]
 */
export function sampled(profile: Profile, errorMm: number): readonly PlanePoint[] {
  within('chord error', errorMm, LEAST_ERROR_MM, 1e6);
  return pointsAlong(profile, (piece) => chordCount(piece, errorMm));
}

/** Each line and arc of a profile divided into a number of equal parts, as the points that part them. */
function pointsAlong(profile: Profile, partsOf: (piece: Piece) => number): readonly PlanePoint[] {
  const pieces = piecesOf(profile);
  const parts = pieces.map(partsOf);
  const count = parts.reduce((sum, one) => sum + one, 0);
  if (!(count <= MOST_POINTS)) throw new OutOfRange('points of the chain', count, 1, MOST_POINTS);
  return [
    ...pieces.slice(0, 1).map(({ from }) => from),
    ...pieces.flatMap((piece, k) =>
      Array.from({ length: parts[k]! }, (_, i) => pointOn(piece, (i + 1) / parts[k]!)),
    ),
  ];
}

/** Points along a profile not farther apart than a step, corners included. */
export function steppedPoints(profile: Profile, stepMm: number): readonly PlanePoint[] {
  positive('step', stepMm);
  return pointsAlong(profile, (piece) => Math.max(1, Math.ceil(pieceLength(piece) / stepMm)));
}
