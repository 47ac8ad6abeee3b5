import type { Abrasive } from './wheel-names';
import type { AbrasiveMark } from './marking';

/** What a tool's edge is, as its wheel is chosen for. */
export const GROUND_MATERIALS = ['carbon-steel', 'hss', 'carbide', 'soft-steel'] as const;
export type GroundMaterial = (typeof GROUND_MATERIALS)[number];

/** Never on these wheels: they load it, heat it and may burst it. */
export const FORBIDDEN_MATERIALS = [
  'aluminium',
  'brass',
  'copper',
  'magnesium',
  'lead',
  'plastic',
  'wood',
] as const;
export type ForbiddenMaterial = (typeof FORBIDDEN_MATERIALS)[number];

export type AbrasiveVerdict = 'suitable' | 'possible' | 'unsuitable' | 'forbidden';

/** Which abrasive grinds what: typical of the trade, a shop has its own. */
const MATCH: Readonly<Record<GroundMaterial, Readonly<Record<Abrasive, AbrasiveVerdict>>>> = {
  'carbon-steel': {
    'grey-alumina': 'suitable',
    'white-alumina': 'suitable',
    'pink-alumina': 'suitable',
    'green-silicon-carbide': 'unsuitable',
    cbn: 'possible',
    diamond: 'unsuitable',
  },
  hss: {
    'grey-alumina': 'possible',
    'white-alumina': 'suitable',
    'pink-alumina': 'suitable',
    'green-silicon-carbide': 'unsuitable',
    cbn: 'suitable',
    diamond: 'unsuitable',
  },
  carbide: {
    'grey-alumina': 'unsuitable',
    'white-alumina': 'unsuitable',
    'pink-alumina': 'unsuitable',
    'green-silicon-carbide': 'possible',
    cbn: 'unsuitable',
    diamond: 'suitable',
  },
  'soft-steel': {
    'grey-alumina': 'suitable',
    'white-alumina': 'possible',
    'pink-alumina': 'possible',
    'green-silicon-carbide': 'unsuitable',
    cbn: 'unsuitable',
    diamond: 'unsuitable',
  },
};

const isForbidden = (material: string): material is ForbiddenMaterial =>
  (FORBIDDEN_MATERIALS as readonly string[]).includes(material);

/**
 * Whether a wheel of an abrasive may grind a material.
 * @example abrasiveFor('hss', 'diamond') // 'unsuitable': carbon dissolves in hot steel
 */
export const abrasiveFor = (
  material: GroundMaterial | ForbiddenMaterial,
  abrasive: Abrasive,
): AbrasiveVerdict => (isForbidden(material) ? 'forbidden' : MATCH[material][abrasive]);

/** Family of a marking's abrasive. */
export const FAMILY_OF_MARK: Readonly<Record<AbrasiveMark, Abrasive>> = {
  A: 'grey-alumina',
  Z: 'grey-alumina',
  ZA: 'grey-alumina',
  WA: 'white-alumina',
  SA: 'white-alumina',
  PA: 'pink-alumina',
  C: 'green-silicon-carbide',
  GC: 'green-silicon-carbide',
};

/** From this grit on a wheel is one to finish on; coarser ones are to rough on. */
export const FINISHING_GRIT = 60;

/** Share of the heat of grinding that goes into the tool: the middle of what is usual. */
export const HEAT_SHARE: Readonly<Record<Abrasive, number>> = {
  'grey-alumina': 0.7,
  'white-alumina': 0.65,
  'pink-alumina': 0.65,
  'green-silicon-carbide': 0.6,
  cbn: 0.3,
  diamond: 0.35,
};

/** Grinding ratio: volume of tool removed for the volume of wheel worn away. The middle of what is usual. */
export const GRINDING_RATIO: Readonly<Record<Abrasive, number>> = {
  'grey-alumina': 12,
  'white-alumina': 8,
  'pink-alumina': 10,
  'green-silicon-carbide': 6,
  cbn: 600,
  diamond: 200,
};
