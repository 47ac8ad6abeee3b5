import { distanceOf, type PlanePoint } from '../quantity/plane';
import { atLeast, positive } from '../quantity/out-of-range';
import { pieceLength, pointOn, profileOf, type Piece, type Profile } from './profile';

/** The piece run the other way. */
const turned = (piece: Piece): Piece =>
  piece.kind === 'line'
    ? { ...piece, from: piece.to, to: piece.from }
    : { ...piece, from: piece.to, to: piece.from, sweepRad: -piece.sweepRad };

/** Ends by the square of a grid they lie in, so that the next piece is found without trying all. */
function gridOf(pieces: readonly Piece[], joinMm: number) {
  const squares = new Map<string, number[]>();
  const square = ([x, y]: PlanePoint, dx: number, dy: number): string =>
    `${Math.floor(x / joinMm) + dx} ${Math.floor(y / joinMm) + dy}`;
  pieces.forEach(({ from, to }, i) => {
    for (const end of [from, to]) {
      const key = square(end, 0, 0);
      squares.set(key, [...(squares.get(key) ?? []), i]);
    }
  });
  /** Pieces that end within the joining distance of a place. */
  return (place: PlanePoint): readonly number[] =>
    [-1, 0, 1].flatMap((dx) => [-1, 0, 1].flatMap((dy) => squares.get(square(place, dx, dy)) ?? []));
}

/** An arc of more than half a turn, which no profile has, as its two halves; any other piece as it is. */
function halved(piece: Piece): readonly Piece[] {
  if (piece.kind === 'line' || Math.abs(piece.sweepRad) <= Math.PI) return [piece];
  const [middle, sweepRad] = [pointOn(piece, 0.5), piece.sweepRad / 2];
  return [
    { ...piece, to: middle, sweepRad },
    { ...piece, from: middle, sweepRad },
  ];
}

/**
 * The longest chain of lines and arcs that lie in any order and direction, as in a drawing: pieces whose ends
 * lie within a distance are joined. From a fork the first piece is taken.
 *
 * @param joinMm  more than 0
 */
export function longestChain(pieces: readonly Piece[], joinMm: number): Profile {
  atLeast('lines and arcs', pieces, 1);
  const near = gridOf(pieces, positive('joining distance', joinMm));
  const used = new Set<number>();
  const chains: Piece[][] = [];
  const nextAt = (place: PlanePoint): Piece | null => {
    const i = near(place).find(
      (one) =>
        !used.has(one)
        && Math.min(distanceOf(pieces[one]!.from, place), distanceOf(pieces[one]!.to, place)) <= joinMm,
    );
    if (i === undefined) return null;
    used.add(i);
    const piece = pieces[i]!;
    return distanceOf(piece.from, place) <= joinMm ? piece : turned(piece);
  };
  pieces.forEach((piece, i) => {
    if (used.has(i)) return;
    used.add(i);
    const chain = [piece];
    for (let next = nextAt(piece.to); next; next = nextAt(next.to)) chain.push(next);
    for (let before = nextAt(piece.from); before; before = nextAt(chain[0]!.from))
      chain.unshift(turned(before));
    chains.push(chain);
  });
  const longest = chains.reduce((best, one) => (lengthOf(one) > lengthOf(best) ? one : best));
  return profileOf(longest.flatMap(halved));
}

const lengthOf = (chain: readonly Piece[]): number =>
  chain.reduce((sum, piece) => sum + pieceLength(piece), 0);
