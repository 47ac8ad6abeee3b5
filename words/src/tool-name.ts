import { SIZELESS, type ToolWish } from '@pike-stone/core/forecast';
import { toolMaterial, type ToolKind, type ToolMaterialKey } from '@pike-stone/core';
import { formatLength, joined, type UnitSystem } from './format';

/** Short names of what an edge is made of. */
export const EDGE_NAMES: Readonly<Record<ToolMaterialKey, string>> = {
  'carbon-steel': 'Carbon steel',
  hss: 'HSS',
  'hss-co': 'Cobalt',
  'brazed-carbide': 'Brazed carbide',
  'carbide-uncoated': 'Polished insert',
  'carbide-coated': 'Coated insert',
  'solid-carbide': 'Solid carbide',
};

const KIND_NAMES: Readonly<Record<ToolKind, string>> = {
  'turning-tool': 'turning tool',
  'boring-bar': 'boring bar',
  'parting-blade': 'parting blade',
  'threading-tool': 'threading tool',
  'form-tool': 'form tool',
  'knurling-tool': 'knurling tool',
  file: 'file',
  drill: 'drill',
  'centre-drill': 'centre drill',
  reamer: 'reamer',
  'end-mill': 'end mill',
  'face-mill': 'face mill',
  'fly-cutter': 'fly cutter',
  'slitting-saw': 'slitting saw',
  'form-cutter': 'form cutter',
  't-slot-cutter': 'T-slot cutter',
  'dovetail-cutter': 'dovetail cutter',
};

/** Fractions of an inch that sizes are called by: sixteenths, and 64ths up to an eighth. */
const SIXTY_FOURTHS = 64;
const NEAR_IN = 1e-4;

/** A size as it is called: 12 mm, 3/8 in, 0.393 in. */
export function sizeCalled(mm: number, units: UnitSystem): string {
  const inches = mm / 25.4;
  if (units === 'mm') return joined(formatLength(mm, 'mm'));
  for (let below = 1; below <= SIXTY_FOURTHS; below *= 2) {
    const above = Math.round(inches * below);
    if (above > 0 && Math.abs(above / below - inches) < NEAR_IN) {
      const whole = Math.floor(above / below);
      const rest = above - whole * below;
      const fraction = rest === 0 ? '' : `${rest}/${below}`;
      return `${[whole || '', fraction].filter(Boolean).join(' ')}\u00a0in`;
    }
  }
  return joined(formatLength(mm, 'inch'));
}

/** A tool by what it is: "HSS end mill 12 mm, 4 flutes". */
export function nameTool({ kind, material, sizeMm, teeth }: ToolWish, units: UnitSystem): string {
  const edge = EDGE_NAMES[material] ?? toolMaterial(material).name;
  const size = SIZELESS.includes(kind) || kind === 'threading-tool' ? '' : ` ${sizeCalled(sizeMm, units)}`;
  const nose = kind === 'turning-tool' ? ', nose' : '';
  const flutes = teeth === null ? '' : `, ${teeth} ${kind === 'end-mill' ? 'flutes' : 'teeth'}`;
  return `${edge} ${KIND_NAMES[kind]}${nose}${size}${flutes}`;
}
