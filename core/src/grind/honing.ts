import { OutOfRange, positive, within } from '../quantity/out-of-range';
import { sagitta } from './hollow';
import { wholeOver } from '../quantity/whole';

/**
 * What a flat stone does to a hollow face: it touches edge and heel only, in two bright bands that
 * widen as it takes the face down. Once it takes the sagitta the hollow is gone: regrind.
 *
 * ```
 *   band b = w/2 - sqrt(R^2 - (c + d)^2)     c = sqrt(R^2 - w^2/4)
 * ```
 *
 * @param widthMm  of the face from edge to heel
 * @param depthMm  d, taken square to the chord
 * @example honeBands(10, 75, 0.02).bandMm // 0.31
 */
export function honeBands(widthMm: number, wheelRadiusMm: number, depthMm: number) {
  const sagittaMm = sagitta(wheelRadiusMm, positive('land', widthMm));
  within('depth of honing', depthMm, 0, 10);
  const flatAllOver = depthMm >= sagittaMm;
  const chord = wheelRadiusMm - sagittaMm;
  const left = Math.sqrt(Math.max(0, wheelRadiusMm ** 2 - (chord + depthMm) ** 2));
  return { sagittaMm, bandMm: flatAllOver ? widthMm / 2 : widthMm / 2 - left, flatAllOver };
}

/**
 * Flats to stone on a nose before it is rolled, so that their corners stand off its round by no more
 * than a limit: n + 1 = ceil(theta / (2 acos(r / (r + e)))).
 *
 * @param arcDeg         between the two flanks
 * @param mostUm         that a corner may stand off
 * @returns how far the corners do stand off with so many flats, micrometres
 * @example noseFlats(0.8, 80, 10).flats // 4
 */
export function noseFlats(noseRadiusMm: number, arcDeg: number, mostUm: number) {
  positive('nose radius', noseRadiusMm);
  if (!(arcDeg > 0 && arcDeg < 180)) throw new OutOfRange('arc of the nose', arcDeg, 0, 180);
  const theta = (arcDeg * Math.PI) / 180;
  const limit = positive('deviation', mostUm) / 1000;
  const parts = Math.max(1, wholeOver(theta / (2 * Math.acos(noseRadiusMm / (noseRadiusMm + limit)))));
  return { flats: parts - 1, deviationUm: 1000 * noseRadiusMm * (1 / Math.cos(theta / (2 * parts)) - 1) };
}

/** Roughness Rz of an edge off a wheel of a grit, um: the middle of what is usual. */
export const EDGE_RZ_UM = { 36: 25, 46: 18, 60: 12, 80: 7, 100: 5, 120: 4 } as const;
export type HonedFrom = keyof typeof EDGE_RZ_UM;
/** The same of an insert as it comes. */
export const INSERT_RZ_UM = 2;

/** Honing pays while the edge's roughness is more than this share of the depth of the feed marks. */
const PAYS_FROM = 0.25;

/**
 * What an edge's own roughness adds to the feed marks, and whether honing it pays.
 *
 * @param edgeRzUm  of the edge: 20 to 30 off a 36 wheel, 3 to 6 off a 120, under 1 off a fine stone
 * @throws OutOfRange when the feed is more than the nose can leave marks of
 */
export function honingPays(feedMm: number, noseRadiusMm: number, edgeRzUm: number) {
  const r = positive('nose radius', noseRadiusMm);
  within('feed', feedMm, 0, 2 * r);
  const marksUm = 1000 * (r - Math.sqrt(r * r - (feedMm * feedMm) / 4));
  return { marksUm, totalUm: marksUm + edgeRzUm, pays: edgeRzUm > PAYS_FROM * marksUm };
}
