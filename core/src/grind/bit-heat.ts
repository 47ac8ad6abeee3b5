import { surfaceSpeed } from '../mechanics/spindle-speed';
import type { BitPlan } from './bit-plan';
import type { TipHeat } from './tip-temperature';

export type BitSteel = 'hss' | 'hss-co' | 'carbon-steel' | 'brazed-carbide';

/** Length of the tip that heats as one lump, and from it to the cool shank, mm. */
const TIP_MM = 7.7;
const TO_SHANK_MM = 20;
/** Hand pressure along the wheel, N, and the share of the heat that goes into the steel (dry alumina). */
const HAND_N = 5;
const SHARE = 0.6;
/** A two-pole motor under load, rpm. */
const GRINDER_RPM = 2850;
const ROOM_C = 20;
/** Into still water from a wetted tip, W/(m2 K). */
const WATER = 2000;

/** Density (g/mm³), heat it takes (J/kg K), conductivity (W/m K), and the mean temperature to stay under. */
const STEEL: Readonly<
  Record<
    BitSteel,
    { readonly density: number; readonly c: number; readonly k: number; readonly limitC: number }
  >
> = {
  hss: { density: 0.0082, c: 460, k: 25, limitC: 300 },
  'hss-co': { density: 0.0083, c: 460, k: 25, limitC: 300 },
  'carbon-steel': { density: 0.0079, c: 470, k: 45, limitC: 150 },
  'brazed-carbide': { density: 0.0145, c: 210, k: 80, limitC: 400 },
};

/** Steels for which there are two schools: cooled in air, or dipped while only warm. */
export const choosesHeat = (steel: BitSteel): boolean => steel === 'hss' || steel === 'hss-co';

/** Tip temperature to stay under, as the mean of the lump: the skin under the wheel is hotter. */
export const heatLimit = (steel: BitSteel): number => STEEL[steel].limitC;
/** How a steel takes and leads heat. */
export const steelHeat = (steel: BitSteel) => ({
  conductivityWMK: STEEL[steel].k,
  densityKgM3: STEEL[steel].density * 1e6,
  heatCapacityJKgK: STEEL[steel].c,
});
/** Cool enough to go on with, by hand, °C. */
export const COOL_C = 60;

/**
 * The tip of a bit at its wheel, as one lump, for the timer at the grinder: an estimate.
 * @example tipOf(general, 'hss').shankKPerW // 8 for a 10 mm bit
 */
export function tipOf({ blank, wheel }: Pick<BitPlan, 'blank' | 'wheel'>, steel: BitSteel): TipHeat {
  const { density, c, k } = STEEL[steel];
  const area = blank.widthMm * blank.heightMm * (blank.section === 'round' ? Math.PI / 4 : 1);
  const wetM2 = (area + 2 * (blank.widthMm + blank.heightMm) * TIP_MM) / 1e6;
  return {
    ambientC: ROOM_C,
    startC: ROOM_C,
    forceN: HAND_N,
    wheelMPerS: surfaceSpeed(GRINDER_RPM, wheel.diameterMm) / 60,
    heatShare: SHARE,
    tipG: area * TIP_MM * density,
    heatCapacityJKgK: c,
    shankKPerW: TO_SHANK_MM / 1000 / (k * (area / 1e6)),
    dipKPerW: 1 / (WATER * wetM2),
    coolantC: ROOM_C,
  };
}
