import { OutOfRange, positive, within } from '../quantity/out-of-range';
import { bySubstance, entropyBits, shares, SUBSTANCES, type Odds, type Substance } from './substance';

/** A cutter that was weighed and measured; each `u` is the standard uncertainty of its neighbour. */
export type Weighing =
  | {
      readonly kind: 'cylinder';
      readonly massG: number;
      readonly uMassG: number;
      readonly diameterMm: number;
      readonly uDiameterMm: number;
      readonly lengthMm: number;
      readonly uLengthMm: number;
    }
  | {
      readonly kind: 'block';
      readonly massG: number;
      readonly uMassG: number;
      readonly sidesMm: readonly [a: number, b: number, c: number];
      readonly uSidesMm: readonly [a: number, b: number, c: number];
    }
  | {
      readonly kind: 'hung-in-water';
      readonly massG: number;
      readonly uMassG: number;
      /** Reading while it hangs in water on a thread. */
      readonly massInWaterG: number;
      readonly waterGCm3: number;
    };

export interface Density {
  readonly gCm3: number;
  readonly uGCm3: number;
}

const CM3_PER_MM3 = 1e-3;
/** Least and greatest density of anything a cutter is made of, with room: plastic is lighter. */
const BELIEVABLE_G_CM3 = { least: 2, most: 20 } as const;

const relative = (what: string, value: number, u: number): number =>
  within(`uncertainty of ${what}`, u, 0, 1e6) / positive(what, value);

/**
 * Density from mass and size, or from the weight that a cutter loses in water.
 *
 * ```
 * cylinder   rho = m / (pi/4 d^2 l)    u/rho = sqrt((u_m/m)^2 + (2 u_d/d)^2 + (u_l/l)^2)
 * block      rho = m / (a b c)         u/rho = sqrt of the sum of all squares
 * in water   rho = m rho_w/(m - m_w)   u = rho_w sqrt((m_w u)^2 + (m u)^2)/(m - m_w)^2
 * ```
 * A drill or a relieved bit has flutes: weigh it in water.
 *
 * @throws OutOfRange for a size or mass that is not above 0, a cutter not lighter in water than in air,
 *   or a density below 2 or above 20 g/cm3, which no cutter has
 * @example a rod of 10 x 100 mm that weighs 113.5 g: 14.45 g/cm3
 */
export function densityOf(weighing: Weighing): Density {
  const found = weighed(weighing);
  within('density', found.gCm3, BELIEVABLE_G_CM3.least, BELIEVABLE_G_CM3.most);
  return found;
}

function weighed(w: Weighing): Density {
  const ofMass = relative('mass', w.massG, w.uMassG);
  switch (w.kind) {
    case 'cylinder': {
      const ofLength = relative('length', w.lengthMm, w.uLengthMm);
      const ofDiameter = 2 * relative('diameter', w.diameterMm, w.uDiameterMm);
      const gCm3 = w.massG / ((Math.PI / 4) * w.diameterMm ** 2 * w.lengthMm * CM3_PER_MM3);
      return { gCm3, uGCm3: gCm3 * Math.hypot(ofMass, ofDiameter, ofLength) };
    }
    case 'block': {
      const ofSides = w.sidesMm.map((side, i) => relative('side', side, w.uSidesMm[i]!));
      const [a, b, c] = w.sidesMm;
      const gCm3 = w.massG / (a * b * c * CM3_PER_MM3);
      return { gCm3, uGCm3: gCm3 * Math.hypot(ofMass, ...ofSides) };
    }
    case 'hung-in-water': {
      const lost = w.massG - within('mass in water', w.massInWaterG, 0, Infinity);
      if (!(lost > 0)) throw new OutOfRange('mass in water', w.massInWaterG, 0, w.massG);
      const water = positive('density of water', w.waterGCm3);
      return {
        gCm3: (w.massG * water) / lost,
        uGCm3: (water * Math.hypot(w.massInWaterG * w.uMassG, w.massG * w.uMassG)) / lost ** 2,
      };
    }
  }
}

/** Density of each substance: mean and spread, g/cm3. Typical; a tipped tool has a body of steel or carbide. */
const DENSITY: Readonly<Record<Substance, readonly [mean: number, sd: number]>> = {
  'carbon-steel': [7.83, 0.06],
  hss: [8.15, 0.2],
  'cobalt-hss': [8.2, 0.18],
  carbide: [14.2, 0.9],
  cermet: [6.6, 0.5],
  ceramic: [3.8, 0.4],
  'pcd-tipped': [12, 3],
};
/** Share of odd parts and brazed bodies, whose density says nothing: anywhere within 20 g/cm3. */
const ODD = { share: 0.01, spanGCm3: 20 } as const;

/** How likely a density is with each substance: a normal spread, with a share of odd parts. */
export const densityLikelihood = ({ gCm3, uGCm3 }: Density): Record<Substance, number> =>
  bySubstance((substance) => {
    const [mean, sd] = DENSITY[substance];
    const spread = Math.hypot(sd, uGCm3);
    const normal = Math.exp(-0.5 * ((gCm3 - mean) / spread) ** 2) / (spread * Math.sqrt(2 * Math.PI));
    return (1 - ODD.share) * normal + ODD.share / ODD.spanGCm3;
  });

/** How well a balance to 0.1 g and a caliper tell the density of a cutter of usual size. */
const USUAL_RELATIVE_U = 0.01;
/** Densities looked at when a weighing is still to come, g/cm3. */
const GRID = { steps: 400, stepGCm3: 0.05 } as const;

/**
 * Doubt that weighing and measuring is expected to take away, bits: the doubt after each
 * density that could be found, by how often it would be.
 *
 * @example expectedOfWeighing(DRAWER_ODDS) // 1.27: it tells steel from carbide, not steel from steel
 */
export function expectedOfWeighing(odds: Odds): number {
  const found = Array.from({ length: GRID.steps }, (_, i) => {
    const gCm3 = (i + 0.5) * GRID.stepGCm3;
    const told = densityLikelihood({ gCm3, uGCm3: USUAL_RELATIVE_U * gCm3 });
    const together = bySubstance((substance) => odds[substance] * told[substance]);
    const chance = SUBSTANCES.reduce((sum, substance) => sum + together[substance], 0);
    return { chance, doubt: entropyBits(shares(together)) };
  });
  const all = found.reduce((sum, { chance }) => sum + chance, 0);
  return entropyBits(odds) - found.reduce((sum, { chance, doubt }) => sum + chance * doubt, 0) / all;
}
