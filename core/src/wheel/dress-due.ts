import { DRESS_CAPACITY, dressInterval, USUAL_DRESS_MM } from './dressing';
import { FINISHING_GRIT, GRINDING_RATIO } from './abrasive';
import type { Abrasive } from './wheel-names';

/** A wheel as its next dress is reckoned for. */
export interface DressedWheel {
  readonly abrasive: Abrasive;
  /** Null when it is not known: taken as a finishing wheel, which is dressed sooner. */
  readonly grit: number | null;
  readonly widthMm: number;
  readonly diameterMm: number;
  readonly leastMm: number;
  /** Volume ground since the last dress, mm3, and in how many pieces. */
  readonly groundMm3: number;
  readonly pieces: number;
  /** What it removed between dresses in the shop's own book, mm3 per mm of width; null when there is none. */
  readonly ownCapacity: number | null;
}

/** Volume of a regrind where nothing was ground yet, mm3. */
const USUAL_PIECE_MM3 = 30;
/** Abrasives that are not dressed regularly. */
const NEVER_DUE: readonly Abrasive[] = ['cbn', 'diamond'];

/**
 * When a wheel is due to be dressed, from what was ground on it since the last time, and how many
 * dresses are left in it.
 *
 * @returns `share` is 1 when it is due; null for cubic boron nitride and diamond, which need no regular dress
 */
export function dressDue(wheel: DressedWheel) {
  const { abrasive, grit, widthMm, groundMm3, pieces, ownCapacity } = wheel;
  const finishes = grit === null || grit >= FINISHING_GRIT;
  const capacity = ownCapacity ?? DRESS_CAPACITY[finishes ? 'finishing' : 'roughing'];
  const each = pieces > 0 ? groundMm3 / pieces : USUAL_PIECE_MM3;
  const cycle = dressInterval({
    ...wheel,
    volumePerPieceMm3: each > 0 ? each : USUAL_PIECE_MM3,
    capacityMm3PerMm: capacity,
    gRatio: GRINDING_RATIO[abrasive],
    dressMm: USUAL_DRESS_MM,
  });
  const share = groundMm3 / (capacity * widthMm);
  return {
    finishes,
    capacity,
    ownCapacity: ownCapacity !== null,
    share: NEVER_DUE.includes(abrasive) ? null : share,
    piecesToDress: NEVER_DUE.includes(abrasive) ? null : Math.max(0, Math.ceil(cycle.pieces * (1 - share))),
    dressesLeft: cycle.dressesLeft,
  };
}
