import { distanceOf, type PlanePoint } from '../quantity/plane';
import { longestChain } from './chain';
import { pieceBetween, type Corner, type Profile } from './profile';

/** A line or arc as a drawing file holds it, in the unit of the file; the bulge of a line is 0. */
export interface DrawnPiece {
  readonly from: PlanePoint;
  readonly to: PlanePoint;
  /** tan(sweep / 4), positive to the left. */
  readonly bulge: number;
}

/** Ends of a drawing nearer than this are one corner, mm. */
const JOIN_MM = 0.005;
/** Lines shorter than this are dots, in the unit of the file. */
const NOTHING = 1e-9;

/**
 * The longest chain of lines and arcs of a drawing as a profile in mm.
 *
 * @param mmPerUnit  mm of one unit of the file
 * @returns null when there is no line or arc in it
 */
export function drawnProfile(pieces: readonly DrawnPiece[], mmPerUnit: number): Profile | null {
  const drawn = pieces.filter(({ from, to }) => distanceOf(from, to) > NOTHING);
  if (drawn.length === 0) return null;
  const corner = ([x, y]: PlanePoint, bulge: number): Corner => [x * mmPerUnit, y * mmPerUnit, bulge];
  return longestChain(
    drawn.map(({ from, to, bulge }) => pieceBetween(corner(from, bulge), corner(to, 0))),
    JOIN_MM,
  );
}
