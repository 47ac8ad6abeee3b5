import table from '../../tables/materials.json';
import type { Material } from '../material/material';
import { clamp } from '../quantity/check';
import type { ToolMaterial } from '../tool/tool-material';

export const FACTOR_NAMES = [
  'tired-machine',
  'light-machine',
  'no-fluid',
  'interrupted-cut',
  'scale-first-pass',
  'long-overhang',
  'very-long-overhang',
  'full-width-slot',
  'deep-cut',
  'light-finishing',
  'unknown-alloy',
  'dull-tool',
] as const;
export type FactorName = (typeof FACTOR_NAMES)[number];

/** One burden on the cut and what it does to the start. */
export interface AppliedFactor {
  readonly name: FactorName;
  readonly speed: number;
  readonly feed: number;
  readonly depth: number;
}

export interface FactorChain {
  readonly applied: readonly AppliedFactor[];
  readonly speedRaw: number;
  readonly feedRaw: number;
  readonly depthRaw: number;
  readonly speedFactor: number;
  readonly feedFactor: number;
  readonly depthFactor: number;
  /** So many burdens at once that the floor acted: another set-up is called for. */
  readonly floorActed: boolean;
}

const ROWS = new Map(table.factors.map((row) => [row.key, row]));
const { factor_floor: FLOOR, factor_ceiling: CEILING } = table;

/** The reason a machinist would give for each factor. */
export const FACTOR_WHY: Readonly<Record<FactorName, { readonly title: string; readonly why: string }>> = {
  'tired-machine': { title: 'Tired machine', why: 'spindle play and worn gibs: chatter and snatching' },
  'light-machine': { title: 'Light machine', why: 'small castings bend' },
  'no-fluid': { title: 'No fluid', why: 'nothing carries the heat away or keeps the chip from sticking' },
  'interrupted-cut': { title: 'Interrupted cut', why: 'each entry is a blow' },
  'scale-first-pass': {
    title: 'Hard skin, first pass',
    why: 'scale and sand abrade; the depth goes under the skin',
  },
  'long-overhang': { title: 'Long overhang', why: 'it sticks out further than it should and springs away' },
  'very-long-overhang': { title: 'Very long overhang', why: 'half as far again as it should stick out' },
  'full-width-slot': { title: 'Full-width slot', why: 'heat stays in the slot and chips are cut twice' },
  'deep-cut': { title: 'Deep cut', why: 'more of the edge works at once' },
  'light-finishing': {
    title: 'Light finishing',
    why: 'little heat in a thin cut; a fine feed for the surface',
  },
  'unknown-alloy': { title: 'Metal not certain', why: 'it may be a harder row of the chart' },
  'dull-tool': { title: 'Dull tool', why: 'a worn edge heats; sharpening is the better answer' },
};

function rowFactor(
  name: FactorName,
  metal: Material,
  tool: ToolMaterial,
): AppliedFactor & { group: string | null } {
  const row = ROWS.get(name);
  if (!row) throw new RangeError(`factor: no row called "${name}"`);
  const speed =
    name === 'no-fluid'
      ? metal.noFluidFactor[tool.family]
      : name === 'interrupted-cut'
        ? tool.interruptedFactor
        : (row.speed as number);
  return { name, speed, feed: row.feed, depth: row.depth, group: row.group };
}

/**
 * Multiplies the named burdens on starting speed, feed and depth.
 *
 * A name counts once; `light-finishing` is dropped beside a deep cut or a hard
 * skin; in one group only the smallest value of each quantity counts; the
 * product is kept within 0.40 and 1.25 (`*Raw` is before that).
 *
 * @example factorChain(material('medium-carbon'), toolMaterial('hss'), ['tired-machine', 'no-fluid']).speedFactor // 0.68
 */
export function factorChain(metal: Material, tool: ToolMaterial, names: readonly FactorName[]): FactorChain {
  // The same burdens come back with every touch; what a shop puts in place of a row leaves these factors as they are.
  let ofMetal = KNOWN.get(metal.noFluidFactor);
  if (!ofMetal) KNOWN.set(metal.noFluidFactor, (ofMetal = new Map()));
  const key = `${tool.key} ${names.join(' ')}`;
  let chain = ofMetal.get(key);
  if (!chain) ofMetal.set(key, (chain = multiplied(metal, tool, names)));
  return chain;
}
const KNOWN = new WeakMap<Material['noFluidFactor'], Map<string, FactorChain>>();

function multiplied(metal: Material, tool: ToolMaterial, names: readonly FactorName[]): FactorChain {
  const heavy = names.includes('deep-cut') || names.includes('scale-first-pass');
  const rows = [...new Set(names)]
    .filter((name) => !(heavy && name === 'light-finishing'))
    .map((name) => rowFactor(name, metal, tool));
  const applied: AppliedFactor[] = [];
  for (const { group, ...row } of rows) {
    const rivals = group === null ? [] : rows.filter((other) => other.group === group);
    if (rivals.length < 2) applied.push(row);
    else if (rivals[0]?.name === row.name) applied.push({ ...strongest(rivals), name: harshest(rivals) });
  }
  const product = (of: (factor: AppliedFactor) => number): number =>
    applied.reduce((total, factor) => total * of(factor), 1);
  const speedRaw = product((f) => f.speed);
  const feedRaw = product((f) => f.feed);
  const depthRaw = product((f) => f.depth);
  return {
    applied,
    speedRaw,
    feedRaw,
    depthRaw,
    speedFactor: clamp(speedRaw, FLOOR, CEILING),
    feedFactor: clamp(feedRaw, FLOOR, CEILING),
    depthFactor: clamp(depthRaw, FLOOR, CEILING),
    floorActed: Math.min(speedRaw, feedRaw, depthRaw) < FLOOR,
  };
}

const strongest = (rows: readonly AppliedFactor[]) => ({
  speed: Math.min(...rows.map((r) => r.speed)),
  feed: Math.min(...rows.map((r) => r.feed)),
  depth: Math.min(...rows.map((r) => r.depth)),
});

const harshest = (rows: readonly AppliedFactor[]): FactorName =>
  rows.reduce((worst, row) => (row.speed < worst.speed ? row : worst)).name;
