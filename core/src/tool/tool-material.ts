import table from '../../tables/materials.json';
import type { SpeedSource } from '../material/material';

export type ToolMaterialKey =
  | 'carbon-steel'
  | 'hss'
  | 'hss-co'
  | 'brazed-carbide'
  | 'carbide-uncoated'
  | 'carbide-coated'
  | 'solid-carbide';

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
}

const HSS_FAMILY: readonly string[] = ['carbon-steel', 'hss', 'hss-co'];

export const TOOL_MATERIALS: readonly ToolMaterial[] = table.tools.map((row) => ({
  key: row.key as ToolMaterialKey,
  name: row.name,
  family: HSS_FAMILY.includes(row.key) ? 'hss' : 'carbide',
  speedSource: row.speed_source as SpeedSource,
  speedFactor: row.speed_factor,
  edgeRadiusUm: row.edge_radius_um,
  minChipRatio: row.min_chip_ratio,
  leastUsefulFactor: row.least_useful_factor,
  interruptedFactor: row.interrupted_factor,
  sharpening: row.resharpen,
  hotLimitC: row.hot_limit_C,
}));

const BY_KEY = new Map(TOOL_MATERIALS.map((row) => [row.key as string, row]));

/**
 * The row of a tool material.
 * @throws RangeError when no row has this key
 */
export function toolMaterial(key: string): ToolMaterial {
  const found = BY_KEY.get(key);
  if (!found) throw new RangeError(`tool material: no row called "${key}"`);
  return found;
}
