/** Least, usual and greatest of an angle (degrees) or of the nose radius (mm). */
export type AngleRange = readonly [least: number, usual: number, most: number];

/** Groups of metals that are ground for alike. */
export type BitGroup =
  | 'steel-free-cutting'
  | 'steel-low-carbon'
  | 'steel-medium-carbon'
  | 'steel-alloy-annealed'
  | 'steel-tool-annealed'
  | 'stainless-austenitic'
  | 'stainless-martensitic'
  | 'cast-iron-grey'
  | 'cast-iron-ductile'
  | 'brass-leaded'
  | 'bronze-tough'
  | 'copper-pure'
  | 'aluminium-wrought'
  | 'aluminium-cast-silicon'
  | 'nickel-titanium'
  | 'plastic-rigid';

export interface MetalAngles {
  readonly sideRakeDeg: AngleRange;
  readonly backRakeDeg: AngleRange;
  readonly sideClearanceDeg: AngleRange;
  readonly frontClearanceDeg: AngleRange;
  readonly noseRadiusMm: AngleRange;
  /** The one general bit does well enough here. */
  readonly generalServes: boolean;
}

/** Starting angles of a high speed steel turning bit, nose on centre: typical, a shop has its own. */
const METAL_ANGLES: Readonly<Record<BitGroup, MetalAngles>> = {
  'steel-free-cutting': {
    sideRakeDeg: [12, 15, 18],
    backRakeDeg: [8, 12, 14],
    sideClearanceDeg: [8, 10, 10],
    frontClearanceDeg: [7, 8, 10],
    noseRadiusMm: [0.4, 0.8, 1.2],
    generalServes: true,
  },
  'steel-low-carbon': {
    sideRakeDeg: [12, 15, 20],
    backRakeDeg: [8, 12, 16],
    sideClearanceDeg: [8, 10, 12],
    frontClearanceDeg: [7, 8, 10],
    noseRadiusMm: [0.4, 0.8, 1.2],
    generalServes: true,
  },
  'steel-medium-carbon': {
    sideRakeDeg: [10, 12, 14],
    backRakeDeg: [6, 8, 12],
    sideClearanceDeg: [7, 9, 10],
    frontClearanceDeg: [6, 8, 10],
    noseRadiusMm: [0.4, 0.8, 1.6],
    generalServes: true,
  },
  'steel-alloy-annealed': {
    sideRakeDeg: [8, 10, 14],
    backRakeDeg: [5, 8, 10],
    sideClearanceDeg: [7, 8, 10],
    frontClearanceDeg: [6, 8, 9],
    noseRadiusMm: [0.4, 0.8, 1.6],
    generalServes: true,
  },
  'steel-tool-annealed': {
    sideRakeDeg: [6, 10, 12],
    backRakeDeg: [4, 6, 8],
    sideClearanceDeg: [6, 8, 9],
    frontClearanceDeg: [6, 7, 8],
    noseRadiusMm: [0.4, 0.8, 1.2],
    generalServes: true,
  },
  'stainless-austenitic': {
    sideRakeDeg: [8, 12, 15],
    backRakeDeg: [5, 8, 12],
    sideClearanceDeg: [8, 10, 12],
    frontClearanceDeg: [8, 8, 10],
    noseRadiusMm: [0.4, 0.8, 1.2],
    generalServes: true,
  },
  'stainless-martensitic': {
    sideRakeDeg: [8, 10, 12],
    backRakeDeg: [5, 7, 10],
    sideClearanceDeg: [7, 8, 10],
    frontClearanceDeg: [6, 8, 10],
    noseRadiusMm: [0.4, 0.8, 1.2],
    generalServes: true,
  },
  'cast-iron-grey': {
    sideRakeDeg: [5, 8, 12],
    backRakeDeg: [0, 3, 6],
    sideClearanceDeg: [6, 8, 9],
    frontClearanceDeg: [6, 7, 8],
    noseRadiusMm: [0.8, 1.2, 2],
    generalServes: true,
  },
  'cast-iron-ductile': {
    sideRakeDeg: [6, 10, 12],
    backRakeDeg: [3, 6, 10],
    sideClearanceDeg: [6, 8, 10],
    frontClearanceDeg: [6, 8, 9],
    noseRadiusMm: [0.8, 1, 1.6],
    generalServes: true,
  },
  'brass-leaded': {
    sideRakeDeg: [0, 0, 3],
    backRakeDeg: [0, 0, 0],
    sideClearanceDeg: [8, 10, 12],
    frontClearanceDeg: [8, 8, 10],
    noseRadiusMm: [0.4, 0.8, 1.6],
    generalServes: false,
  },
  'bronze-tough': {
    sideRakeDeg: [4, 6, 10],
    backRakeDeg: [0, 4, 6],
    sideClearanceDeg: [8, 9, 12],
    frontClearanceDeg: [8, 8, 10],
    noseRadiusMm: [0.4, 0.8, 1.2],
    generalServes: true,
  },
  'copper-pure': {
    sideRakeDeg: [15, 20, 25],
    backRakeDeg: [10, 14, 18],
    sideClearanceDeg: [10, 12, 14],
    frontClearanceDeg: [10, 10, 13],
    noseRadiusMm: [0.8, 1.2, 1.6],
    generalServes: false,
  },
  'aluminium-wrought': {
    sideRakeDeg: [12, 16, 22],
    backRakeDeg: [12, 16, 25],
    sideClearanceDeg: [9, 12, 14],
    frontClearanceDeg: [8, 10, 12],
    noseRadiusMm: [0.4, 0.8, 1.6],
    generalServes: true,
  },
  'aluminium-cast-silicon': {
    sideRakeDeg: [10, 12, 16],
    backRakeDeg: [8, 10, 14],
    sideClearanceDeg: [9, 10, 12],
    frontClearanceDeg: [8, 9, 11],
    noseRadiusMm: [0.8, 1, 1.6],
    generalServes: true,
  },
  'nickel-titanium': {
    sideRakeDeg: [5, 8, 12],
    backRakeDeg: [3, 5, 8],
    sideClearanceDeg: [9, 10, 12],
    frontClearanceDeg: [8, 9, 11],
    noseRadiusMm: [0.8, 1.2, 1.6],
    generalServes: true,
  },
  'plastic-rigid': {
    sideRakeDeg: [0, 3, 8],
    backRakeDeg: [0, 0, 5],
    sideClearanceDeg: [12, 15, 20],
    frontClearanceDeg: [10, 12, 18],
    noseRadiusMm: [0.8, 1.2, 2],
    generalServes: false,
  },
};

/** Group of each metal of the library. */
const GROUPS: Readonly<Record<string, BitGroup>> = {
  'free-machining-steel': 'steel-free-cutting',
  'low-carbon-cold-drawn': 'steel-low-carbon',
  'low-carbon-hot-rolled': 'steel-low-carbon',
  'medium-carbon': 'steel-medium-carbon',
  'alloy-annealed': 'steel-alloy-annealed',
  'alloy-prehard': 'steel-alloy-annealed',
  'tool-steel-annealed': 'steel-tool-annealed',
  'drill-rod': 'steel-tool-annealed',
  'ferritic-martensitic-stainless': 'stainless-martensitic',
  'austenitic-stainless': 'stainless-austenitic',
  'grey-iron': 'cast-iron-grey',
  'ductile-iron': 'cast-iron-ductile',
  'malleable-iron': 'cast-iron-ductile',
  'aluminium-wrought': 'aluminium-wrought',
  'aluminium-soft': 'aluminium-wrought',
  'aluminium-cast-silicon': 'aluminium-cast-silicon',
  'brass-free-cutting': 'brass-leaded',
  'brass-other': 'bronze-tough',
  'phosphor-bronze': 'bronze-tough',
  'aluminium-bronze': 'bronze-tough',
  copper: 'copper-pure',
  'zinc-alloy': 'aluminium-cast-silicon',
  'titanium-alloy': 'nickel-titanium',
  acetal: 'plastic-rigid',
  nylon: 'plastic-rigid',
  acrylic: 'plastic-rigid',
};

/**
 * Angles to begin with for a metal; null for a metal that is not in the library.
 * @param materialKey  of the library of metals
 */
export function anglesForMetal(materialKey: string): MetalAngles | null {
  const group = GROUPS[materialKey];
  return group ? METAL_ANGLES[group] : null;
}
