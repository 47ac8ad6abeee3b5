import { piecesOf, type PlanePoint, type Profile } from '@pike-stone/core/form';

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

const px = (value: number): string => value.toFixed(2);

/** A profile as an SVG path; `begin` moves to its start, otherwise the path goes on from where it is. */
export function profilePath(profile: Profile, { at, pxPerMm }: Placing): string {
  const pieces = piecesOf(profile);
  const [x0, y0] = at(pieces[0]!.from);
  return pieces.reduce(
    (path, piece) => {
      const [x, y] = at(piece.to);
      if (piece.kind === 'line') return `${path}L${px(x)} ${px(y)}`;
      const r = px(piece.radiusMm * pxPerMm);
      const large = Math.abs(piece.sweepRad) > Math.PI ? 1 : 0;
      return `${path}A${r} ${r} 0 ${large} ${piece.sweepRad > 0 ? 0 : 1} ${px(x)} ${px(y)}`;
    },
    `M${px(x0)} ${px(y0)}`,
  );
}
