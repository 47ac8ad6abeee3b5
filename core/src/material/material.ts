/** Columns of the cutting speed table. */
export type SpeedSource = 'hss' | 'hss-co' | 'brazed-carbide' | 'carbide-uncoated' | 'carbide-coated';
export type Range = readonly [low: number, high: number];
export type SpeedOperation = 'turning' | 'milling' | 'drilling' | 'reaming' | 'parting' | 'threading';

/** How the chip comes off as a rule. */
export type ChipCharacter =
  'short' | 'medium' | 'long' | 'tough' | 'gummy' | 'stringy' | 'serrated' | 'powder';
/** How strongly a metal builds up on the edge: 0 not at all. */
export type BuiltUpLevel = 0 | 1 | 2 | 3;
/** Rows of the older table of drill feeds. */
export type DrillGroup =
  | 'free-cutting-steel'
  | 'mild-steel'
  | 'alloy-steel'
  | 'stainless'
  | 'tool-steel'
  | 'grey-iron'
  | 'aluminium'
  | 'free-brass'
  | 'bronze'
  | 'thermoplastic';

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
  /** Row of the older table of drill feeds it belongs to. */
  readonly drillGroup: DrillGroup;
  /** Speed factor without cutting fluid, by tool family. */
  readonly noFluidFactor: Readonly<{ hss: number; carbide: number }>;
  readonly chipCharacter: ChipCharacter;
  /** The oxide colour of its chips tells their temperature: plain and low-alloy steel. */
  readonly showsOxideColours: boolean;
  /** A coating that holds aluminium welds to it. */
  readonly weldsToAluminiumCoating: boolean;
  readonly fluid: string;
  readonly skin: string | null;
  /** Kienzle: N/mm² at a chip of 1 mm, exponent of thickness, the rake both were found at, exponent of speed. */
  readonly kc11: number;
  readonly mc: number;
  readonly rake0Deg: number;
  readonly speedExponent: number;
  readonly eGPa: number;
  readonly densityKgM3: number;
  readonly builtUpEdge: { readonly level: BuiltUpLevel; readonly zoneMPerMin: Range };
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
