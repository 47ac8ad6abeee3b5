import { directionOn, piecesOf, type Profile } from '../profile/profile';
import { angleBetween, type PlanePoint } from '../quantity/plane';

/** A stone fits a hollow with room up to this share of its radius. */
const STONE_SHARE = 0.9;
/** Corners sharper than this count as corners, radians. */
const CORNER_RAD = 0.02;

/** Radius of the tightest hollow of a tool's form, with the wheel on the right of travel; Infinity without one. */
export const smallestHollow = (profile: Profile): number =>
  Math.min(
    Infinity,
    ...piecesOf(profile).map((piece) =>
      piece.kind === 'arc' && piece.sweepRad < 0 ? piece.radiusMm : Infinity,
    ),
  );

/** Largest stone or wheel radius that makes every hollow of a form. */
export const largestStone = (profile: Profile): number => STONE_SHARE * smallestHollow(profile);

/** Inside corners of a tool's form: a round wheel leaves a fillet of its own radius in each. */
export function insideCorners(profile: Profile): readonly PlanePoint[] {
  const pieces = piecesOf(profile);
  return pieces.slice(1).flatMap((piece, i) => {
    const turn = angleBetween(directionOn(pieces[i]!, 1), directionOn(piece, 0));
    return turn < -CORNER_RAD ? [piece.from] : [];
  });
}
