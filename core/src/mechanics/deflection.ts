import { positive, within } from '../quantity/out-of-range';

export type SupportedBy = 'chuck' | 'chuck-and-centre' | 'between-centres';
export type BarMaterial = 'steel' | 'heavy-metal' | 'carbide';

/** Length over diameter that is usual without a steady. */
export const ALLOWABLE_LENGTH: Readonly<Record<SupportedBy, number>> = {
  chuck: 3,
  'chuck-and-centre': 8,
  'between-centres': 6,
};
/** Stiffness of a bar's material, and the overhang over diameter that is usual with it. */
const BARS: Readonly<Record<BarMaterial, { readonly eGPa: number; readonly allowableRatio: number }>> = {
  steel: { eGPa: 205, allowableRatio: 4 },
  'heavy-metal': { eGPa: 340, allowableRatio: 6 },
  carbide: { eGPa: 600, allowableRatio: 7 },
};
const FLUTED_SHARE = 0.8;
const CUTTER_E_GPA = { hss: 210, carbide: 600 } as const;

/** Second moment of area of a round, mm⁴. */
export const roundInertia = (diameterMm: number, boreMm = 0): number =>
  (Math.PI * (positive('diameter', diameterMm) ** 4 - boreMm ** 4)) / 64;

export interface WorkDeflection {
  readonly inertiaMm4: number;
  /** At the tool, on the radius, mm. */
  readonly deflectionMm: number;
  readonly diameterErrorMm: number;
  readonly slenderness: number;
  readonly allowable: number;
  readonly overAllowable: boolean;
}

/**
 * How far slender work gives way under the tool; chuck and centres taken as rigid.
 *
 * ```
 *   chuck             F a³ / 3EI
 *   chuck and centre  F a³ b² (3L + b) / 12 EI L³
 *   between centres   F a² b² / 3 EI L        b = L - a
 * ```
 *
 * @param eGPa        of the work's metal
 * @param lengthMm    free length
 * @param positionMm  tool from the chuck or the left centre, 0 to the free length
 * @param forceN      radial force Fp
 */
export function workDeflection(
  support: SupportedBy,
  eGPa: number,
  diameterMm: number,
  boreMm: number,
  lengthMm: number,
  positionMm: number,
  forceN: number,
): WorkDeflection {
  const inertiaMm4 = roundInertia(diameterMm, boreMm);
  const [L, a] = [positive('free length', lengthMm), within('position', positionMm, 0, lengthMm)];
  const b = L - a;
  const EI = positive('modulus', eGPa) * 1000 * inertiaMm4;
  const deflectionMm =
    support === 'chuck'
      ? (forceN * a ** 3) / (3 * EI)
      : support === 'chuck-and-centre'
        ? (forceN * a ** 3 * b ** 2 * (3 * L + b)) / (12 * EI * L ** 3)
        : (forceN * a ** 2 * b ** 2) / (3 * EI * L);
  const slenderness = L / diameterMm;
  return {
    inertiaMm4,
    deflectionMm,
    diameterErrorMm: 2 * deflectionMm,
    slenderness,
    allowable: ALLOWABLE_LENGTH[support],
    overAllowable: slenderness > ALLOWABLE_LENGTH[support],
  };
}

/** Where work gives way most, as a share of its free length from the chuck or left centre. */
export const WORST_PLACE: Readonly<Record<SupportedBy, number>> = {
  chuck: 1,
  'chuck-and-centre': 0.586,
  'between-centres': 0.5,
};

/** A boring bar as a round cantilever, F L³ / 3EI, in both directions. */
export function barDeflection(
  material: BarMaterial,
  diameterMm: number,
  overhangMm: number,
  radialN: number,
  tangentialN: number,
) {
  const row = BARS[material];
  const perNewton = positive('overhang', overhangMm) ** 3 / (3 * row.eGPa * 1000 * roundInertia(diameterMm));
  const ratio = overhangMm / diameterMm;
  return {
    radialMm: perNewton * radialN,
    tangentialMm: perNewton * tangentialN,
    diameterErrorMm: 2 * perNewton * radialN,
    overhangRatio: ratio,
    allowable: row.allowableRatio,
    overAllowable: ratio > row.allowableRatio + 1e-9,
  };
}

/** An end mill at its tip: the fluted length as a round of 0.8 D, the rest as shank; y = F/3E (lf³/I1 + (l³ - lf³)/I2). */
export function endMillDeflection(
  family: 'hss' | 'carbide',
  cutterMm: number,
  shankMm: number,
  fluteMm: number,
  stickOutMm: number,
  forceN: number,
): number {
  const fluted = Math.min(fluteMm, positive('stick-out', stickOutMm));
  return (
    (forceN / (3 * CUTTER_E_GPA[family] * 1000))
    * (fluted ** 3 / roundInertia(FLUTED_SHARE * cutterMm)
      + (stickOutMm ** 3 - fluted ** 3) / roundInertia(shankMm))
  );
}
