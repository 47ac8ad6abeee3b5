/** Angles that a hand-ground tool was really ground to, degrees, and what else was ground into it. */
export interface GroundAngles {
  readonly sideRakeDeg: number;
  readonly backRakeDeg: number;
  readonly sideClearanceDeg: number;
  readonly frontClearanceDeg: number;
  /** Angles that were measured on it; the others are as it was planned. */
  readonly measured: readonly GroundAngle[];
  /** From the nose to the bottom of the tool. */
  readonly heelMm: number;
  /** Second clearance under a land, read along the shank; left out where there is none. */
  readonly heel?: { readonly clearanceDeg: number; readonly landMm: number } | undefined;
  /** Chip breaker ground into the top; left out where there is none. */
  readonly groove?:
    { readonly landMm: number; readonly widthMm: number; readonly depthMm: number } | undefined;
}

export const GROUND_ANGLES = ['sideRakeDeg', 'backRakeDeg', 'sideClearanceDeg', 'frontClearanceDeg'] as const;
export type GroundAngle = (typeof GROUND_ANGLES)[number];
