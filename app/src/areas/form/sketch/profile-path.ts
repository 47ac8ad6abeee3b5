import { piecesOf, type Bounds, type PlanePoint, type Profile } from '@pike-stone/core/form';

/** Where millimetres lie on paper: y runs up in the form and down on paper. */
export interface Placing {
  readonly at: (point: PlanePoint) => PlanePoint;
  readonly pxPerMm: number;
}

/** Puts a place of the form on a place of the paper. */
export const placing = (pxPerMm: number, form: PlanePoint, paper: PlanePoint): Placing => ({
  pxPerMm,
  at: ([x, y]) => [paper[0] + (x - form[0]) * pxPerMm, paper[1] - (y - form[1]) * pxPerMm],
});

/** Room on paper: its size, and what stays free on each side. */
export interface Room {
  readonly width: number;
  readonly height: number;
  readonly side: number;
  readonly top: number;
  readonly foot: number;
}

/** Room with the same margin all round. */
export const roomWithin = (width: number, height: number, margin: number): Room => ({
  width,
  height,
  side: margin,
  top: margin,
  foot: margin,
});

/** Puts what lies within bounds into the middle of the room, as large as it fits. */
export function fitted(
  { left, right, low, high }: Bounds,
  { width, height, side, top, foot }: Room,
): Placing {
  const pxPerMm = Math.min((width - 2 * side) / (right - left), (height - top - foot) / (high - low));
  return placing(pxPerMm, [(left + right) / 2, (low + high) / 2], [width / 2, (height - foot + top) / 2]);
}

/**
 * A profile as an SVG path of lines and arcs.
 * @param digits  of its figures
 */
export function profilePath(profile: Profile, { at, pxPerMm }: Placing, digits = 2): string {
  const pieces = piecesOf(profile);
  const place = (point: PlanePoint): string =>
    at(point)
      .map((value) => value.toFixed(digits))
      .join(' ');
  return pieces.reduce(
    (path, piece) => {
      if (piece.kind === 'line') return `${path}L${place(piece.to)}`;
      const r = (piece.radiusMm * pxPerMm).toFixed(digits);
      const large = Math.abs(piece.sweepRad) > Math.PI ? 1 : 0;
      return `${path}A${r} ${r} 0 ${large} ${piece.sweepRad > 0 ? 0 : 1} ${place(piece.to)}`;
    },
    `M${place(pieces[0]!.from)}`,
  );
}
