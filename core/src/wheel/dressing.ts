import type { DressWay } from './wheel-names';
import { positive, within } from '../quantity/out-of-range';
import { wholeIn } from '../quantity/whole';

const GUARD = 1e-9;

interface DiamondPass {
  readonly traverseMmMin: number;
  readonly wheelRpm: number;
  /** Radius of the diamond's tip: 0.3 mm is usual. */
  readonly tipMm: number;
  readonly depthMm: number;
  readonly widthMm: number;
}

/**
 * A pass of a single diamond across a wheel: its lead for each turn, and the ridge that it leaves.
 *
 * ```
 *   width that cuts  b = 2 sqrt(2 r a - a^2)        overlap  b / s        s = traverse / rpm
 *   ridge            r - sqrt(r^2 - s^2/4)  where the cuts meet; else a, and strips stay undressed
 * ```
 *
 * Lead 0.05 to 0.15 mm leaves a wheel to finish with, 0.2 to 0.5 an open one to rough with.
 *
 * @example dressLead({ traverseMmMin: 290, wheelRpm: 2900, tipMm: 0.3, depthMm: 0.02, widthMm: 20 }).overlap // 2.15
 */
export function dressLead({ traverseMmMin, wheelRpm, tipMm, depthMm, widthMm }: DiamondPass) {
  const leadMm = positive('traverse', traverseMmMin) / positive('wheel speed', wheelRpm);
  const r = positive('radius of the diamond', tipMm);
  const a = within('depth of dressing', positive('depth of dressing', depthMm), 0, r);
  const activeMm = 2 * Math.sqrt(2 * r * a - a * a);
  const covers = leadMm <= activeMm + GUARD;
  return {
    leadMm,
    activeMm,
    overlap: activeMm / leadMm,
    covers,
    ridgeUm: 1000 * (covers ? r - Math.sqrt(r * r - (leadMm * leadMm) / 4) : a),
    passS: (60 * positive('wheel width', widthMm)) / traverseMmMin,
  };
}

interface DressCycle {
  readonly volumePerPieceMm3: number;
  readonly widthMm: number;
  /** Removed for each mm of width until the wheel is dull, mm3/mm. */
  readonly capacityMm3PerMm: number;
  /** Volume removed for the volume of wheel that it costs. */
  readonly gRatio: number;
  readonly diameterMm: number;
  readonly leastMm: number;
  /** Taken off the radius by a whole dressing. */
  readonly dressMm: number;
}

/**
 * Pieces until a wheel is due to be dressed, and how many dresses it has left:
 * pieces = floor(V' B / V), wear = pieces V / (G pi D B), left = floor((D - Dmin) / 2 / (wear + dress)).
 * @example dressInterval({ volumePerPieceMm3: 30, widthMm: 20, capacityMm3PerMm: 200, gRatio: 12, diameterMm: 150, leastMm: 110, dressMm: 0.06 }).pieces // 133
 */
export function dressInterval(cycle: DressCycle) {
  const { volumePerPieceMm3, widthMm, capacityMm3PerMm, gRatio, diameterMm, leastMm, dressMm } = cycle;
  const volume = positive('volume of a piece', volumePerPieceMm3);
  const capacity = positive('capacity', capacityMm3PerMm) * positive('wheel width', widthMm);
  const pieces = Math.max(1, wholeIn(capacity / volume));
  const wearMm =
    (pieces * volume)
    / (positive('grinding ratio', gRatio) * Math.PI * positive('wheel diameter', diameterMm) * widthMm);
  const lossMm = positive('loss of a cycle', wearMm + dressMm);
  const dressesLeft = Math.max(0, wholeIn((diameterMm - leastMm) / 2 / lossMm));
  return { pieces, wearMm, lossMm, dressesLeft, piecesLeft: dressesLeft * pieces };
}

/** What a wheel removes for each mm of its width until it is dull, mm3/mm: the middle of what is usual. */
export const DRESS_CAPACITY = { roughing: 400, finishing: 125 } as const;
/** Taken off the radius by a usual dressing, mm: two or three passes. */
export const USUAL_DRESS_MM = 0.06;

/** Ways that true a wheel as well; the others follow its lumps. */
export const truesToo = (way: DressWay): boolean => way.startsWith('diamond');

/**
 * The way that a wheel is usually dressed: a finishing wheel stays as the diamond left it, a roughing
 * wheel is then opened with the star wheel or a coarse stick.
 */
export const usualDress = (finishes: boolean): DressWay => (finishes ? 'diamond' : 'diamond-then-star');
