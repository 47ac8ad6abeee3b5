import type { ToolMaterial } from './tool-material';

/** What edges are made of: our own typical values. */
export const TOOL_MATERIALS: readonly ToolMaterial[] = [
  {
    key: 'carbon-steel',
    name: 'Carbon tool steel',
    family: 'hss',
    speedSource: 'hss',
    speedFactor: 0.4,
    edgeRadiusUm: 5,
    minChipRatio: 0.3,
    leastUsefulFactor: 0.05,
    interruptedFactor: 0.85,
    sharpening: 'yes, by hand; never let it colour',
    hotLimitC: 340,
    life: { minutes: 60, n: 0.1 },
  },
  {
    key: 'hss',
    name: 'High speed steel',
    family: 'hss',
    speedSource: 'hss',
    speedFactor: 1.0,
    edgeRadiusUm: 6,
    minChipRatio: 0.3,
    leastUsefulFactor: 0.1,
    interruptedFactor: 0.9,
    sharpening: 'yes, by hand on any wheel that suits',
    hotLimitC: 590,
    life: { minutes: 60, n: 0.125 },
  },
  {
    key: 'hss-co',
    name: 'Cobalt high speed steel',
    family: 'hss',
    speedSource: 'hss-co',
    speedFactor: 1.0,
    edgeRadiusUm: 7,
    minChipRatio: 0.3,
    leastUsefulFactor: 0.1,
    interruptedFactor: 0.8,
    sharpening: 'yes, by hand, lighter pressure',
    hotLimitC: 630,
    life: { minutes: 75, n: 0.14 },
  },
  {
    key: 'brazed-carbide',
    name: 'Brazed carbide',
    family: 'carbide',
    speedSource: 'brazed-carbide',
    speedFactor: 1.0,
    edgeRadiusUm: 15,
    minChipRatio: 0.3,
    leastUsefulFactor: 0.4,
    interruptedFactor: 0.7,
    sharpening: 'yes, silicon carbide or diamond wheel; do not quench',
    hotLimitC: 800,
    life: { minutes: 45, n: 0.22 },
  },
  {
    key: 'carbide-uncoated',
    name: 'Uncoated polished carbide insert',
    family: 'carbide',
    speedSource: 'carbide-uncoated',
    speedFactor: 1.0,
    edgeRadiusUm: 10,
    minChipRatio: 0.25,
    leastUsefulFactor: 0.35,
    interruptedFactor: 0.7,
    sharpening: 'indexed; can be honed with diamond',
    hotLimitC: 850,
    life: { minutes: 45, n: 0.22 },
  },
  {
    key: 'carbide-coated',
    name: 'Coated carbide insert',
    family: 'carbide',
    speedSource: 'carbide-coated',
    speedFactor: 1.0,
    edgeRadiusUm: 40,
    minChipRatio: 0.35,
    leastUsefulFactor: 0.55,
    interruptedFactor: 0.8,
    sharpening: 'no: indexed (a reground face loses its coating)',
    hotLimitC: 980,
    life: { minutes: 30, n: 0.27 },
  },
  {
    key: 'solid-carbide',
    name: 'Solid carbide (end mills, drills, small bars)',
    family: 'carbide',
    speedSource: 'carbide-uncoated',
    speedFactor: 0.9,
    edgeRadiusUm: 7,
    minChipRatio: 0.3,
    leastUsefulFactor: 0.35,
    interruptedFactor: 0.75,
    sharpening: 'yes, diamond wheel on a fixture',
    hotLimitC: 870,
    life: { minutes: 45, n: 0.22 },
  },
];

const BY_KEY = new Map<string, ToolMaterial>(TOOL_MATERIALS.map((row) => [row.key, row]));

/**
 * The row of a tool material.
 * @throws Error when no row has this key: keys are checked where they come in
 */
export function toolMaterial(key: string): ToolMaterial {
  const found = BY_KEY.get(key);
  if (!found) throw new Error(`no tool material called "${key}"`);
  return found;
}
