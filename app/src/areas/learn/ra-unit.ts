import type { UnitSystem } from '@pike-stone/words';

/** Micro-inches in a micrometre. */
const UIN_PER_UM = 1000 / 25.4;

/** The unit in which a shop says roughness, and how many of it are in a micrometre. */
export const raUnit = (units: UnitSystem) =>
  units === 'mm' ? ({ unit: 'μm', perUm: 1 } as const) : ({ unit: 'μin', perUm: UIN_PER_UM } as const);
