import { positive, within } from '../quantity/out-of-range';

/** Aluminium on edges to be dissolved, and the bath to do it in. */
export interface BathJob {
  readonly aluminiumG: number;
  /** Sodium hydroxide over what the reaction needs: 2 to 3. */
  readonly excess: number;
  readonly strengthGPerL: number;
  readonly temperatureC: number;
  readonly pressureKPa: number;
}

export interface Bath {
  readonly neededG: number;
  readonly doseG: number;
  /** Before the least that covers the edges. */
  readonly litres: number;
  /** What to make: the litres above, a quarter of a litre at least. */
  readonly litresToMake: number;
  readonly waterUsedG: number;
  readonly hydrogenMol: number;
  readonly hydrogenL: number;
  /** Air that keeps the hydrogen below a tenth of what can burn, m3. */
  readonly airM3: number;
}

const GRAMS_PER_MOL = { aluminium: 26.9815, sodiumHydroxide: 39.9968, water: 18.0153 } as const;
/** 2 Al + 2 NaOH + 6 H2O -> 2 Na[Al(OH)4] + 3 H2. */
const PER_ALUMINIUM = { sodiumHydroxide: 1, water: 3, hydrogen: 1.5 } as const;
const GAS_J_MOL_K = 8.314462618;
const ZERO_C_K = 273.15;
/** A tenth of hydrogen's lower limit of 4 % in air. */
const SAFE_SHARE = 0.004;
const LEAST_BATH_L = 0.25;

/**
 * Sodium hydroxide, bath, and hydrogen for the aluminium that welded to carbide edges.
 *
 * @throws OutOfRange for a mass, strength or pressure that is not above 0, an excess below 1
 * @example one gram of aluminium at 20 degC: 1.482 g of sodium hydroxide, 1.34 litres of hydrogen
 */
export function causticBath(job: BathJob): Bath {
  const mol = positive('mass of aluminium', job.aluminiumG) / GRAMS_PER_MOL.aluminium;
  const neededG = mol * PER_ALUMINIUM.sodiumHydroxide * GRAMS_PER_MOL.sodiumHydroxide;
  const doseG = neededG * within('excess', job.excess, 1, 10);
  const litres = doseG / positive('strength of the bath', job.strengthGPerL);
  const hydrogenMol = mol * PER_ALUMINIUM.hydrogen;
  const kelvin = positive('temperature above absolute zero', job.temperatureC + ZERO_C_K);
  const hydrogenL = (hydrogenMol * GAS_J_MOL_K * kelvin) / positive('pressure', job.pressureKPa);
  return {
    neededG,
    doseG,
    litres,
    litresToMake: Math.max(LEAST_BATH_L, litres),
    waterUsedG: mol * PER_ALUMINIUM.water * GRAMS_PER_MOL.water,
    hydrogenMol,
    hydrogenL,
    airM3: hydrogenL / 1000 / SAFE_SHARE,
  };
}

/** What a rescue brings and takes. */
export interface RescueCost {
  readonly edges: number;
  readonly valuePerEdge: number;
  readonly minutesAttended: number;
  readonly ratePerMin: number;
  readonly chemicalCost: number;
}

/**
 * Saving of a rescue: edges x value less the minutes and the chemicals.
 * Below 0 it is not worth it: turn the insert.
 *
 * @example rescueSaving({ edges: 8, valuePerEdge: 2.5, minutesAttended: 15, ratePerMin: 0.5, chemicalCost: 2 }) // 10.5
 */
export const rescueSaving = (of: RescueCost): number =>
  within('edges', of.edges, 0, 1e5) * within('value of an edge', of.valuePerEdge, 0, 1e6)
  - within('minutes attended', of.minutesAttended, 0, 1e5) * within('cost of a minute', of.ratePerMin, 0, 1e5)
  - within('cost of the chemicals', of.chemicalCost, 0, 1e6);
