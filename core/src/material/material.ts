import table from '../../tables/materials.json';

/** Columns of the cutting speed table. */
export type SpeedSource = 'hss' | 'hss-co' | 'brazed-carbide' | 'carbide-uncoated' | 'carbide-coated';
export type Range = readonly [low: number, high: number];
export type SpeedOperation = 'turning' | 'milling' | 'drilling' | 'reaming' | 'parting' | 'threading';

/** A metal or plastic of the library; typical values that a shop overrides. */
export interface Material {
  readonly key: string;
  readonly name: string;
  readonly examples: string;
  /** Machinability group of ISO 513: P steel, M stainless, K iron, N non-ferrous, S heat-strong. */
  readonly iso513: 'P' | 'M' | 'K' | 'N' | 'S';
  readonly hardnessHb: Range | null;
  /** Cutting speed for turning, m/min, by tool material; null where it makes no sense. */
  readonly speedMPerMin: Readonly<Record<SpeedSource, Range | null>>;
  readonly operationFactor: Readonly<Record<SpeedOperation, number>>;
  /** End mill feed per tooth over cutter diameter. */
  readonly fzPerDiameter: number;
  readonly drillFeedFactor: number;
  /** Speed factor without cutting fluid, by tool family. */
  readonly noFluidFactor: Readonly<{ hss: number; carbide: number }>;
  readonly chipCharacter: string;
  readonly fluid: string;
  readonly skin: string | null;
  /** Kienzle: N/mm² at a chip of 1 mm, exponent of thickness, the rake both were found at, exponent of speed. */
  readonly kc11: number;
  readonly mc: number;
  readonly rake0Deg: number;
  readonly speedExponent: number;
  readonly eGPa: number;
  /** v T^n = C, m/min and minutes, by tool family. */
  readonly taylor: Readonly<Record<'hss' | 'carbide', { readonly n: number; readonly cMPerMin: number }>>;
  readonly builtUpEdge: { readonly level: number; readonly zoneMPerMin: Range };
  /** Chip thickness over uncut thickness at 6° rake, dry. */
  readonly chipRatio: number;
  readonly breakStrain: number;
  /** Null for plastics: there the work melts first. */
  readonly thermal: {
    readonly kWMK: number;
    readonly rhoCJMm3K: number;
    readonly coefficient: number;
  } | null;
}

export const MATERIALS: readonly Material[] = table.materials.map((row) => ({
  key: row.key,
  name: row.name,
  examples: row.examples,
  iso513: row.iso513 as Material['iso513'],
  hardnessHb: row.hardness_HB as Range | null,
  speedMPerMin: row.speed_m_min as unknown as Material['speedMPerMin'],
  operationFactor: row.operation_factor,
  fzPerDiameter: row.fz_per_D,
  drillFeedFactor: row.drill_feed_factor,
  noFluidFactor: row.no_fluid_factor,
  chipCharacter: row.chip_character,
  fluid: row.fluid,
  skin: row.skin,
  kc11: row.kc11_N_mm2,
  mc: row.mc,
  rake0Deg: row.rake0_deg,
  speedExponent: row.speed_exponent,
  eGPa: row.E_GPa,
  taylor: {
    hss: { n: row.taylor.hss.n, cMPerMin: row.taylor.hss.C_m_min },
    carbide: { n: row.taylor.carbide.n, cMPerMin: row.taylor.carbide.C_m_min },
  },
  builtUpEdge: {
    level: row.built_up_edge.level,
    zoneMPerMin: (row.built_up_edge.zone_m_min ?? [1, 2]) as unknown as Range,
  },
  chipRatio: row.chip_ratio,
  breakStrain: row.break_strain,
  thermal:
    row.thermal && row.thermal.k_W_mK !== null
      ? {
          kWMK: row.thermal.k_W_mK,
          rhoCJMm3K: row.thermal.rhoc_J_mm3K as number,
          coefficient: row.thermal.coefficient as number,
        }
      : null,
}));

const BY_KEY = new Map(MATERIALS.map((material) => [material.key, material]));

/**
 * The library row of a metal.
 * @throws RangeError when no row has this key
 */
export function material(key: string): Material {
  const found = BY_KEY.get(key);
  if (!found) throw new RangeError(`material: no row called "${key}"`);
  return found;
}

/** What a shop has put in place of library values for one metal. */
export interface MaterialOverride {
  readonly name?: string | undefined;
  readonly speedMPerMin?: Partial<Record<SpeedSource, Range>> | undefined;
  readonly fzPerDiameter?: number | undefined;
  readonly drillFeedFactor?: number | undefined;
}

/** A library row with the shop's own values on top; the shop's value always wins. */
export function withOverride(base: Material, own: MaterialOverride | undefined): Material {
  if (!own) return base;
  return {
    ...base,
    name: own.name ?? base.name,
    speedMPerMin: { ...base.speedMPerMin, ...own.speedMPerMin },
    fzPerDiameter: own.fzPerDiameter ?? base.fzPerDiameter,
    drillFeedFactor: own.drillFeedFactor ?? base.drillFeedFactor,
  };
}
