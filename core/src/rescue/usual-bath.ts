import { causticBath, type Bath } from './caustic-bath';

/** Two and a half times the lye that the reaction needs, 100 g in a litre, in a room at sea level. */
const USUAL = { excess: 2.5, strengthGPerL: 100, temperatureC: 20, pressureKPa: 101.325 } as const;

/**
 * The bath for so much aluminium at the usual strength and excess.
 *
 * @throws OutOfRange for a mass that is not above 0
 */
export const usualBath = (aluminiumG: number): Bath => causticBath({ aluminiumG, ...USUAL });
