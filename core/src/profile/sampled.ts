import type { PlanePoint } from '../quantity/circle-fit';
import { positive } from '../quantity/out-of-range';
import { piecesOf, pointOn, type Piece, type Profile } from './profile';

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
 * @param errorMm  more than 0
 * @example sampled([[0, 0, 0], [2, 0, 0]], 0.01) // [[0, 0], [2, 0]]
 */
export function sampled(profile: Profile, errorMm: number): readonly PlanePoint[] {
  positive('chord error', errorMm);
  const pieces = piecesOf(profile);
  return [
    ...pieces.slice(0, 1).map(({ from }) => from),
    ...pieces.flatMap((piece) => {
      const count = chordCount(piece, errorMm);
      return Array.from({ length: count }, (_, i) => pointOn(piece, (i + 1) / count));
    }),
  ];
}

/** Points along a profile not farther apart than a step, corners included. */
export function steppedPoints(profile: Profile, stepMm: number): readonly PlanePoint[] {
  positive('step', stepMm);
  const pieces = piecesOf(profile);
  return [
    ...pieces.slice(0, 1).map(({ from }) => from),
    ...pieces.flatMap((piece) => {
      const length =
        piece.kind === 'line'
          ? Math.hypot(piece.to[0] - piece.from[0], piece.to[1] - piece.from[1])
          : piece.radiusMm * Math.abs(piece.sweepRad);
      const count = Math.max(1, Math.ceil(length / stepMm));
      return Array.from({ length: count }, (_, i) => pointOn(piece, (i + 1) / count));
    }),
  ];
}
