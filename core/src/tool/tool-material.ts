import type { SpeedSource } from '../material/material';

export type ToolMaterialKey =
  | 'carbon-steel'
  | 'hss'
  | 'hss-co'
  | 'brazed-carbide'
  | 'carbide-uncoated'
  | 'carbide-coated'
  | 'solid-carbide';

/** What inserts are made of: their edges are not ground again but turned to the next. */
export const INSERT_MATERIALS = ['carbide-coated', 'carbide-uncoated'] as const satisfies ToolMaterialKey[];
export const isInsert = (material: ToolMaterialKey): boolean =>
  INSERT_MATERIALS.some((one) => one === material);

/** What a cutting edge is made of. */
export interface ToolMaterial {
  readonly key: ToolMaterialKey;
  readonly name: string;
  readonly family: 'hss' | 'carbide';
  /** Column of the speed table it reads, and the factor on it. */
  readonly speedSource: SpeedSource;
  readonly speedFactor: number;
  /** Typical radius of the cutting edge itself, micrometres. */
  readonly edgeRadiusUm: number;
  /** Least chip thickness over edge radius: below it the edge rubs. */
  readonly minChipRatio: number;
  /** Least useful speed as a share of the low end of the range. */
  readonly leastUsefulFactor: number;
  readonly interruptedFactor: number;
  readonly sharpening: string;
  /** Temperature between chip and tool at which the edge goes quickly, °C. */
  readonly hotLimitC: number;
  /** Minutes that an edge lasts in the middle of the chart, and Taylor's exponent. */
  readonly life: { readonly minutes: number; readonly n: number };
}
