import { angleBetween, cross, distanceOf, minus, type PlanePoint } from '../quantity/plane';
import { OutOfRange, positive, within } from '../quantity/out-of-range';
import { wholeOver } from '../quantity/whole';
import { distanceFrom } from '../profile/nearest';
import { clamp } from '../quantity/clamp';
import {
  directionOn,
  isOnSweep,
  piecesOf,
  pointOn,
  type ArcPiece,
  type Piece,
  type Profile,
} from '../profile/profile';
import { largestStone } from './stone-choice';

/** Ends of two shifted pieces that count as one point, mm. */
const SAME_MM = 1e-9;
/** Cross product of two lines below which they are parallel. */
const PARALLEL = 1e-15;
/** Depth into the form from which a stop counts as cutting into it, mm: beyond arithmetic. */
const GOUGE_MM = 1e-7;

/** More stops than this along one line or arc are no table for a person. */
const MOST_STOPS = 5000;

/** A piece of the wheel's path with the piece of the profile it came from. */
interface PathPiece {
  readonly piece: Piece | { readonly kind: 'point'; readonly at: PlanePoint };
  readonly source: Piece;
}

export interface Fillet {
  readonly at: PlanePoint;
  /** From the corner to the fillet, mm: rho (1 / cos(turn / 2) - 1). */
  readonly leftMm: number;
}

export interface SlideStops {
  /** Places of the wheel's centre, in order, mm. */
  readonly stops: readonly PlanePoint[];
  /** Inside corners at which the wheel leaves a fillet of its own radius, and how much metal that is. */
  readonly fillets: readonly Fillet[];
  /** Number of the profile's piece that each stop belongs to. */
  readonly pieces: readonly number[];
  /** Stops at which the wheel would cut into another part of the form, which are left out. */
  readonly leftOut: number;
  /** Lines and arcs that the wheel does not reach at all, because others stand in its way. */
  readonly passedOver: number;
}

const startOf = ({ piece }: PathPiece): PlanePoint => (piece.kind === 'point' ? piece.at : piece.from);
const endOf = ({ piece }: PathPiece): PlanePoint => (piece.kind === 'point' ? piece.at : piece.to);

/** The path of the wheel's centre along one piece, the wheel on the right of travel. */
function shifted(source: Piece, rhoMm: number): PathPiece {
  const moveBy = (share: number): PlanePoint => {
    const [x, y] = pointOn(source, share);
    const [dx, dy] = directionOn(source, share);
    return [x + dy * rhoMm, y - dx * rhoMm];
  };
  if (source.kind === 'line') return { piece: { kind: 'line', from: moveBy(0), to: moveBy(1) }, source };
  const radiusMm = source.radiusMm + Math.sign(source.sweepRad) * rhoMm;
  if (radiusMm < -SAME_MM) throw new OutOfRange('wheel radius', rhoMm, 0, source.radiusMm);
  if (radiusMm <= SAME_MM) return { piece: { kind: 'point', at: source.centre }, source };
  return { piece: { ...source, from: moveBy(0), to: moveBy(1), radiusMm }, source };
}

/** Points that two lines, a line and an arc, or two arcs have in common, anywhere on their full extent. */
function commonPoints(a: Piece, b: Piece): readonly PlanePoint[] {
  if (a.kind === 'line' && b.kind === 'line') {
    const [along, other] = [minus(a.to, a.from), minus(b.to, b.from)];
    const across = cross(along, other);
    if (Math.abs(across) < PARALLEL) return [];
    const share = cross(minus(b.from, a.from), other) / across;
    return [[a.from[0] + along[0] * share, a.from[1] + along[1] * share]];
  }
  if (a.kind === 'line') return lineAndArc(a, b as ArcPiece);
  if (b.kind === 'line') return lineAndArc(b, a);
  const [dx, dy] = [b.centre[0] - a.centre[0], b.centre[1] - a.centre[1]];
  const apart = Math.hypot(dx, dy);
  if (apart < SAME_MM) return [];
  const along = (apart * apart + a.radiusMm ** 2 - b.radiusMm ** 2) / (2 * apart);
  const square = a.radiusMm ** 2 - along * along;
  if (square < 0) return [];
  return aside(a.centre, [dx / apart, dy / apart], along, Math.sqrt(square));
}

/** The two points at a distance along a direction and at another on either side of it. */
const aside = (
  from: PlanePoint,
  [ux, uy]: PlanePoint,
  along: number,
  across: number,
): readonly PlanePoint[] =>
  [across, -across].map((side): PlanePoint => [
    from[0] + ux * along - uy * side,
    from[1] + uy * along + ux * side,
  ]);

function lineAndArc(line: Piece & { kind: 'line' }, arc: ArcPiece): readonly PlanePoint[] {
  const length = distanceOf(line.from, line.to);
  const [ux, uy] = [(line.to[0] - line.from[0]) / length, (line.to[1] - line.from[1]) / length];
  const [cx, cy] = [arc.centre[0] - line.from[0], arc.centre[1] - line.from[1]];
  const foot = cx * ux + cy * uy;
  const square = arc.radiusMm ** 2 - (cx * uy - cy * ux) ** 2;
  if (square < 0) return [];
  const half = Math.sqrt(square);
  return [foot - half, foot + half].map((along): PlanePoint => [
    line.from[0] + ux * along,
    line.from[1] + uy * along,
  ]);
}

/** Whether a common point lies on the piece itself. */
function isOn(piece: Piece, point: PlanePoint): boolean {
  if (piece.kind === 'arc') return isOnSweep(piece, minus(point, piece.centre));
  const length = distanceOf(piece.from, piece.to);
  const along =
    ((point[0] - piece.from[0]) * (piece.to[0] - piece.from[0])
      + (point[1] - piece.from[1]) * (piece.to[1] - piece.from[1]))
    / length;
  return along >= -SAME_MM && along <= length + SAME_MM;
}

/** The same piece ending or beginning at a point on it. */
function trimmed(one: PathPiece, end: 'from' | 'to', at: PlanePoint): PathPiece {
  const { piece } = one;
  if (piece.kind === 'point') return one;
  const cut = { ...piece, [end]: at };
  if (cut.kind === 'line') return { ...one, piece: cut };
  const angle = (point: PlanePoint): number => Math.atan2(point[1] - cut.centre[1], point[0] - cut.centre[0]);
  const way = Math.sign(cut.sweepRad);
  const turn = ((((angle(cut.to) - angle(cut.from)) * way) % (2 * Math.PI)) + 2 * Math.PI) % (2 * Math.PI);
  return { ...one, piece: { ...cut, sweepRad: way * turn } };
}

/** Where two neighbouring pieces of the path cross near a corner, or null. */
function crossingNear(a: PathPiece, b: PathPiece, corner: PlanePoint): PlanePoint | null {
  if (a.piece.kind === 'point' || b.piece.kind === 'point') return null;
  const [first, second] = [a.piece, b.piece];
  const found = commonPoints(first, second).filter((point) => isOn(first, point) && isOn(second, point));
  return found.sort((p, q) => distanceOf(p, corner) - distanceOf(q, corner))[0] ?? null;
}

/** Angle step on an arc of the profile that leaves a cusp: cos(D / 2) = (q^2 + s^2 - rho^2) / (2 q s). */
function arcStep(source: ArcPiece, rhoMm: number, cuspMm: number): number {
  const way = Math.sign(source.sweepRad);
  const q = source.radiusMm + way * rhoMm;
  const s = source.radiusMm + way * cuspMm;
  return 2 * Math.acos(clamp((q * q + s * s - rhoMm * rhoMm) / (2 * q * s), -1, 1));
}

/** Stops along one piece of the path, both ends included. */
function stopsOn({ piece, source }: PathPiece, rhoMm: number, cuspMm: number): readonly PlanePoint[] {
  if (piece.kind === 'point') return [piece.at];
  const lineStep = 2 * Math.sqrt(2 * rhoMm * cuspMm - cuspMm * cuspMm);
  const count = Math.max(
    1,
    piece.kind === 'line' || source.kind === 'line'
      ? wholeOver(distanceOf(piece.from, piece.to) / lineStep)
      : wholeOver(Math.abs(piece.sweepRad) / arcStep(source, rhoMm, cuspMm)),
  );
  if (!(count <= MOST_STOPS)) throw new OutOfRange('stops of the table', count, 1, MOST_STOPS);
  return Array.from({ length: count + 1 }, (_, i) => pointOn(piece, i / count));
}

/**
 * Stops of a round wheel, stone or tool that is brought along a profile on slides, so that the metal left
 * between two stops stays within a cusp. The wheel is on the right of travel; its centre runs on the profile
 * shifted by its radius. Outside corners are passed by stops at both ends; at inside corners the path is cut
 * at its crossing and the corner keeps a fillet of the wheel's radius.
 *
 *      profile  ______        wheel centre   o   o   o   at the distance rho
 *
 * @param rhoMm   radius of the wheel; a hollow of the profile needs at least this radius
 * @param cuspMm  more than 0, less than the radius
 */
export function slideStops(profile: Profile, rhoMm: number, cuspMm: number): SlideStops {
  positive('wheel radius', rhoMm);
  within('cusp', cuspMm, 1e-5, rhoMm * 0.999);
  const pieces = piecesOf(profile);
  const path: PathPiece[] = [];
  const fillets: Fillet[] = [];
  let passedOver = 0;
  for (const source of pieces) {
    let next = shifted(source, rhoMm);
    while (path.length > 0) {
      const before = path[path.length - 1]!;
      if (distanceOf(endOf(before), startOf(next)) <= SAME_MM) break;
      const corner = source.from;
      const turn = angleBetween(directionOn(before.source, 1), directionOn(next.source, 0));
      // A left turn opens a gap on the wheel's side; a right turn makes the shifted pieces overlap.
      if (turn > 0 && isNeighbour(pieces, before.source, source)) break;
      const crossing = crossingNear(before, next, corner);
      if (crossing !== null) {
        fillets.push({ at: corner, leftMm: rhoMm * (1 / Math.cos(turn / 2) - 1) });
        path[path.length - 1] = trimmed(before, 'to', crossing);
        next = trimmed(next, 'from', crossing);
        break;
      }
      // The wheel cannot reach the piece before at all.
      path.pop();
      passedOver += 1;
    }
    path.push(next);
  }
  const stops: PlanePoint[] = [];
  const numbers: number[] = [];
  let gouging = 0;
  for (const one of path)
    for (const stop of stopsOn(one, rhoMm, cuspMm)) {
      const before = stops[stops.length - 1];
      if (before !== undefined && distanceOf(before, stop) <= SAME_MM) continue;
      if (distanceFrom(profile, stop) < rhoMm - GOUGE_MM) {
        gouging += 1;
        continue;
      }
      stops.push(stop);
      numbers.push(pieces.indexOf(one.source));
    }
  return { stops, fillets, pieces: numbers, leftOut: gouging, passedOver };
}

/** Whether one piece of a profile comes right after another. */
const isNeighbour = (pieces: readonly Piece[], a: Piece, b: Piece): boolean =>
  pieces.indexOf(b) === pieces.indexOf(a) + 1;

/** A stone to begin with where no hollow asks for a smaller one, mm. */
const USUAL_STONE_MM = 3;
/** Stones are tried from the largest down to a tenth of it, in whole steps of so many to a millimetre. */
const TENTHS = 10;
const STEPS_PER_MM = 20;

/**
 * Radius of a stone to begin a slide table with: the largest that fits the hollows of a form and reaches all of it.
 * @returns the smallest that is tried where none reaches all, mm
 */
export function stoneToBeginWith(profile: Profile, cuspMm: number): number {
  const largest = Math.min(USUAL_STONE_MM, largestStone(profile));
  const tried = Array.from({ length: TENTHS }, (_, i) => {
    const radiusMm = (largest * (TENTHS - i)) / TENTHS;
    return Math.floor(radiusMm * STEPS_PER_MM) / STEPS_PER_MM || radiusMm;
  }).filter((radiusMm) => radiusMm > 2 * cuspMm);
  const reaches = (radiusMm: number): boolean => {
    const { leftOut, passedOver } = slideStops(profile, radiusMm, cuspMm);
    return leftOut + passedOver === 0;
  };
  return tried.find(reaches) ?? tried.at(-1) ?? largest;
}
