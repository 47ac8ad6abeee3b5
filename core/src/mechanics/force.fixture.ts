import type { MillingCut } from './milling-force';

/** Cutting force constants of a plain steel. */
export const STEEL = { kc11: 1500, mc: 0.22, rake0Deg: 6, speedExponent: 0.1 };
/** A fresh edge with the rake for which the constants hold. */
export const SHARP = { rakeDeg: 6, wearLandMm: 0 };
/** Turning 40 mm, 2 deep. */
export const CUT = {
  depthMm: 2,
  feedMmRev: 0.2,
  approachDeg: 90,
  noseRadiusMm: 0.4,
  diameterMm: 40,
  speedMPerMin: 25,
};
/** A 10 mm hole into the solid. */
export const DRILL = {
  diameterMm: 10,
  pilotMm: 0,
  feedMmRev: 0.17,
  rpm: 700,
  pointAngleDeg: 118,
  point: 'plain',
} as const;
/** A full slot with a 12 mm end mill. */
export const MILL: MillingCut = {
  diameterMm: 12,
  aeMm: 12,
  apMm: 4,
  teeth: 4,
  fzMm: 0.04,
  rpm: 700,
  approachDeg: 90,
  position: 'side',
};
