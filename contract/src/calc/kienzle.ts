import type { ForceConstants, ForceEdge } from '@pike-stone/core/forecast';

/** Kienzle's constants of a metal and the edge, as the topics of force name them. */
interface KienzleInput {
  readonly kc11_N_mm2: number;
  readonly mc: number;
  readonly rake0_deg: number;
  readonly speed_exponent: number;
}

export const metalOf = (i: KienzleInput): ForceConstants => ({
  kc11: i.kc11_N_mm2,
  mc: i.mc,
  rake0Deg: i.rake0_deg,
  speedExponent: i.speed_exponent,
});

export const edgeOf = (i: { readonly rake_deg: number; readonly wear_land_mm: number }): ForceEdge => ({
  rakeDeg: i.rake_deg,
  wearLandMm: i.wear_land_mm,
});
