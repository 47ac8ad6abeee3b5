import type { UnitSystem } from '../format';

/** Millimetres in an inch, and so micrometres in a thousandth of one. */
const MM_PER_INCH = 25.4;

/** The unit in which a shop says roughness, and how many of it are in a micrometre. */
export const raUnit = (units: UnitSystem) =>
  units === 'mm'
    ? ({ unit: 'μm', perUm: 1, places: 2 } as const)
    : ({ unit: 'μin', perUm: 1000 / MM_PER_INCH, places: 1 } as const);
