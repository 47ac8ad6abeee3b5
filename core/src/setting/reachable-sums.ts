import { commonDivisor } from '../quantity/fraction';

/**
 * Which sums a list of pieces makes with exactly k of them, each used once, kept as bits. Sums are whole steps;
 * all pieces are divided by what they have in common, so that the bits stay few.
 */

const WORD = 32;

type Bits = Uint32Array;

const hasBit = (bits: Bits, at: number): boolean =>
  at >= 0 && at < bits.length * WORD && ((bits[at >>> 5]! >>> (at & 31)) & 1) === 1;

/** Bits of `from` moved up by a shift, added to a copy of `to`. */
function withShifted(to: Bits, from: Bits, shift: number): Bits {
  const out = to.slice();
  const [words, rest] = [shift >>> 5, shift & 31];
  for (let i = out.length - 1; i >= words; i -= 1) {
    const low = from[i - words]!;
    const carried = rest > 0 && i > words ? from[i - words - 1]! >>> (WORD - rest) : 0;
    out[i] = out[i]! | (rest > 0 ? low << rest : low) | carried;
  }
  return out;
}

export interface ReachableSums {
  /** Step that all pieces share. */
  readonly common: number;
  /** Whether k of the first `pieces` pieces make a sum, in common steps. */
  makes(pieces: number, k: number, sum: number): boolean;
  /** Nearest sum at or below a place with exactly k pieces, in common steps, or null. */
  below(k: number, sum: number): number | null;
  /** Nearest sum at or above a place, or null. */
  above(k: number, sum: number): number | null;
  /** Largest sum looked at, in common steps. */
  readonly top: number;
  /** Sizes in common steps. */
  readonly sizes: readonly number[];
}

/**
 * @param pieces   sizes in whole steps
 * @param most     largest sum looked at, in whole steps
 * @param mostK    pieces at most
 */
export function reachableSums(pieces: readonly number[], most: number, mostK: number): ReachableSums {
  const common = pieces.reduce(commonDivisor, 0) || 1;
  const sizes = pieces.map((piece) => piece / common);
  const top = Math.floor(most / common);
  const empty = new Uint32Array((top >>> 5) + 1);
  const one = empty.slice();
  one[0] = 1;
  let layer: readonly Bits[] = Array.from({ length: mostK + 1 }, (_, k) => (k === 0 ? one : empty));
  const layers = [layer];
  for (const size of sizes) {
    const before = layer;
    layer = before.map((bits, k) => (k === 0 || size > top ? bits : withShifted(bits, before[k - 1]!, size)));
    layers.push(layer);
  }
  const last = layer;
  const search = (k: number, from: number, way: 1 | -1): number | null => {
    for (let sum = Math.min(from, top); sum >= 0 && sum <= top; sum += way)
      if (hasBit(last[k]!, sum)) return sum;
    return null;
  };
  return {
    common,
    top,
    sizes,
    makes: (count, k, sum) => k >= 0 && hasBit(layers[count]![k]!, sum),
    below: (k, sum) => search(k, sum, -1),
    above: (k, sum) => (sum > top ? null : search(k, Math.max(0, sum), 1)),
  };
}

/**
 * All selections of k pieces that make a sum, as lists of piece numbers, until there are enough.
 */
export function* selections(sums: ReachableSums, k: number, sum: number): Generator<readonly number[]> {
  yield* choose(sums, sums.sizes.length, k, sum, []);
}

function* choose(
  sums: ReachableSums,
  count: number,
  k: number,
  sum: number,
  taken: readonly number[],
): Generator<readonly number[]> {
  if (k === 0) {
    if (sum === 0) yield taken;
    return;
  }
  if (count === 0) return;
  const size = sums.sizes[count - 1]!;
  if (sums.makes(count - 1, k - 1, sum - size))
    yield* choose(sums, count - 1, k - 1, sum - size, [...taken, count - 1]);
  if (sums.makes(count - 1, k, sum)) yield* choose(sums, count - 1, k, sum, taken);
}
