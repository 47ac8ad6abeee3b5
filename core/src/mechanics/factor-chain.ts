import type { Material } from '../material/material';
import { clamp } from '../quantity/clamp';
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
  'hand-fed-drill',
  'deep-hole',
  'very-deep-hole',
  'light-finishing',
  'unknown-alloy',
  'dull-tool',
] as const;
export type FactorName = (typeof FACTOR_NAMES)[number];

/** A factor that applies, by its name: multipliers of the starting speed, feed and depth. */
export interface AppliedFactor {
  readonly name: FactorName;
  readonly speed: number;
  readonly feed: number;
  readonly depth: number;
}

/** What the shop's own cuts say of one starting value. */
export interface Learned {
  /** Times the value of the table, and the band that holds the factor four times in five. */
  readonly factor: number;
  readonly low: number;
  readonly high: number;
  /** Number of cuts behind it, of the group and of the whole machine. */
  readonly cuts: number;
  readonly machineCuts: number;
}
/** The shop's own factors on the starting speed and feed; null where no cut told anything. */
export interface LearnedFactors {
  readonly speed: Learned | null;
  readonly feed: Learned | null;
}

export interface FactorChain {
  readonly applied: readonly AppliedFactor[];
  readonly speedRaw: number;
  readonly feedRaw: number;
  readonly depthRaw: number;
  readonly speedFactor: number;
  readonly feedFactor: number;
  readonly depthFactor: number;
  /** The factors together reached the floor: another set-up is called for. */
  readonly floorActed: boolean;
  /** The shop's own factors, as far as they are applied; `speedFactor` and `feedFactor` hold them already. */
  readonly learned?: LearnedFactors | undefined;
}

/** Factors on speed, feed and depth; of a group only the strongest counts. Speed null: the metal or the tool says it. */
interface FactorRow {
  readonly speed: number | null;
  readonly feed: number;
  readonly depth: number;
  readonly group?: 'machine' | 'overhang';
}
const ROWS: Readonly<Record<FactorName, FactorRow>> = {
  'tired-machine': { speed: 0.8, feed: 0.85, depth: 0.7, group: 'machine' },
  'light-machine': { speed: 0.85, feed: 0.75, depth: 0.6, group: 'machine' },
  'no-fluid': { speed: null, feed: 1, depth: 1 },
  'interrupted-cut': { speed: null, feed: 0.8, depth: 1 },
  'scale-first-pass': { speed: 0.75, feed: 1, depth: 1 },
  'long-overhang': { speed: 0.8, feed: 0.8, depth: 0.7, group: 'overhang' },
  'very-long-overhang': { speed: 0.6, feed: 0.6, depth: 0.5, group: 'overhang' },
  'full-width-slot': { speed: 0.8, feed: 0.7, depth: 1 },
  'deep-cut': { speed: 0.85, feed: 0.85, depth: 1 },
  'hand-fed-drill': { speed: 1, feed: 0.7, depth: 1 },
  'deep-hole': { speed: 0.85, feed: 0.85, depth: 1 },
  'very-deep-hole': { speed: 0.7, feed: 0.7, depth: 1 },
  'light-finishing': { speed: 1.2, feed: 0.5, depth: 1 },
  'unknown-alloy': { speed: 0.7, feed: 0.9, depth: 1 },
  'dull-tool': { speed: 0.75, feed: 0.9, depth: 1 },
};
/** All factors together never ease further than this, and never raise further. */
const FLOOR = 0.4;
const CEILING = 1.25;

function rowFactor(name: FactorName, metal: Material, tool: ToolMaterial) {
  const { speed, feed, depth, group = null } = ROWS[name];
  const own = name === 'no-fluid' ? metal.noFluidFactor[tool.family] : tool.interruptedFactor;
  return { name, speed: speed ?? own, feed, depth, group };
}

/**
 * Multiplies the named factors on starting speed, feed and depth.
 *
 * A name counts once; `light-finishing` is dropped beside a deep cut or a hard
 * skin; in one group only the smallest value of each quantity counts; the
 * product is kept within 0.40 and 1.25 (`*Raw` is before that).
 *
 * @example factorChain(material('medium-carbon'), toolMaterial('hss'), ['tired-machine', 'no-fluid']).speedFactor // 0.68
 */
export function factorChain(metal: Material, tool: ToolMaterial, names: readonly FactorName[]): FactorChain {
  // A plan is made at every touch, with the same factors: the product is kept. A shop's own values do not change it.
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

/** A learned factor goes no further than this from the table: beyond, the table itself is to be put right. */
const LEARNED_MOST = 1.6;
/** To hundredths, as it is shown: the working adds up from what it prints. */
const applied = (learned: Learned | null): Learned | null =>
  learned && {
    ...learned,
    factor: Math.round(100 * clamp(learned.factor, 1 / LEARNED_MOST, LEARNED_MOST)) / 100,
  };

/** The chain with the shop's own factors on speed and feed, beyond floor and ceiling of the others. */
export function withLearned(chain: FactorChain, own: LearnedFactors): FactorChain {
  const learned = { speed: applied(own.speed), feed: applied(own.feed) };
  return {
    ...chain,
    speedFactor: chain.speedFactor * (learned.speed?.factor ?? 1),
    feedFactor: chain.feedFactor * (learned.feed?.factor ?? 1),
    learned,
  };
}

const strongest = (rows: readonly AppliedFactor[]) => ({
  speed: Math.min(...rows.map((r) => r.speed)),
  feed: Math.min(...rows.map((r) => r.feed)),
  depth: Math.min(...rows.map((r) => r.depth)),
});

const harshest = (rows: readonly AppliedFactor[]): FactorName =>
  rows.reduce((worst, row) => (row.speed < worst.speed ? row : worst)).name;
