import { distanceOf, minus, type PlanePoint } from '../quantity/plane';
import { OutOfRange, positive } from '../quantity/out-of-range';
import { directionOn, pieceLength, piecesOf, pointOn, type Profile } from '../profile/profile';

/** Metal that a wheel leaves standing at a place along the form. */
export interface MetalLeft {
  /** From the first place, along the form, mm. */
  readonly alongMm: number;
  readonly leftMm: number;
}

/** Stops on either side of one that are looked at. */
const EITHER_SIDE = 3;
/** Places between two stops. */
const PLACES_A_STOP = 60;
const MOST_PLACES = 200_000;

/** Height of metal from a place on the form to a wheel, along the normal; Infinity where the wheel is not above it. */
function heightTo(place: PlanePoint, [nx, ny]: PlanePoint, stop: PlanePoint, rhoMm: number): number {
  const [wx, wy] = minus(stop, place);
  const ahead = wx * nx + wy * ny;
  const square = rhoMm * rhoMm - (wx * wx + wy * wy - ahead * ahead);
  return square < 0 ? Infinity : ahead - Math.sqrt(square);
}

/**
 * Metal that a round wheel leaves between its stops, seen from a stop and the nearest on either side: the cusps.
 * Heights are square to the form, which the wheel stands on the right of.
 *
 * @param stops  of a slide table of this profile
 * @param at     number of the stop, from 0
 */
export function metalLeftNear(
  profile: Profile,
  stops: readonly PlanePoint[],
  rhoMm: number,
  at: number,
): readonly MetalLeft[] {
  positive('wheel radius', rhoMm);
  const near = stops.slice(Math.max(0, at - EITHER_SIDE), at + EITHER_SIDE + 1);
  const [first, last] = [near[0], near[near.length - 1]];
  if (first === undefined || last === undefined || near.length < 2)
    throw new OutOfRange('number of stops', near.length, 2);
  const gaps = near.slice(1).map((stop, i) => distanceOf(stop, near[i]!));
  const step = positive('distance of the stops', Math.max(...gaps)) / PLACES_A_STOP;
  let along = 0;
  const places = piecesOf(profile).flatMap((piece) => {
    const long = pieceLength(piece);
    const count = Math.max(2, Math.ceil(long / step));
    if (count > MOST_PLACES) throw new OutOfRange('places along the form', count, 1, MOST_PLACES);
    const begins = along;
    along += long;
    return Array.from({ length: count + 1 }, (_, i) => {
      const [dx, dy] = directionOn(piece, i / count);
      return {
        at: pointOn(piece, i / count),
        normal: [dy, -dx] as const,
        alongMm: begins + (long * i) / count,
      };
    });
  });
  const nearest = (stop: PlanePoint): number =>
    places.reduce(
      (best, place, i) => (distanceOf(place.at, stop) < distanceOf(places[best]!.at, stop) ? i : best),
      0,
    );
  const [from, to] = [nearest(first), nearest(last)];
  const shown = places.slice(Math.min(from, to), Math.max(from, to) + 1);
  return shown.flatMap(({ at: place, normal, alongMm }) => {
    const leftMm = Math.min(...near.map((stop) => heightTo(place, normal, stop, rhoMm)));
    return Number.isFinite(leftMm)
      ? [{ alongMm: alongMm - shown[0]!.alongMm, leftMm: Math.max(0, leftMm) }]
      : [];
  });
}
