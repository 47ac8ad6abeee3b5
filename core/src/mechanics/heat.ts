import type { Material } from '../material/material';
import { positive } from '../quantity/out-of-range';

export interface Thermal {
  /** Heat capacity, J/mm³K. */
  readonly rhoCJMm3K: number;
  /** Conductivity, W/mK. */
  readonly kWMK: number;
  readonly coefficient: number;
}

export interface InterfaceHeat {
  readonly diffusivityMm2S: number;
  readonly riseK: number;
  readonly interfaceC: number;
  /** The chip as a whole, after it has left. */
  readonly chipBodyC: number;
}

/** Temperature of the shop, °C. */
export const AMBIENT_C = 20;
const FLUID = 0.85;
/** The chip as a whole is this share as hot as where it slides on the edge. */
export const CHIP_SHARE = 0.45;

/**
 * Temperature between chip and tool: rise = c U/(rho c) (v h/K)^(1/3), K = k/(rho c).
 * Good to about 20 %. Source: Cook (1973), coefficient ours.
 *
 * @param kc  cutting force per mm² of chip section, N/mm²; its work is kc/1000 J/mm³
 */
export function interfaceHeat(
  kc: number,
  thermal: Thermal,
  speedMPerMin: number,
  chipMm: number,
  ambientC: number,
  fluid: boolean,
): InterfaceHeat {
  const diffusivityMm2S = thermal.kWMK / 1000 / positive('heat capacity', thermal.rhoCJMm3K);
  const vMmS = (positive('cutting speed', speedMPerMin) * 1000) / 60;
  const riseK =
    thermal.coefficient
    * (kc / 1000 / thermal.rhoCJMm3K)
    * Math.cbrt((vMmS * positive('chip thickness', chipMm)) / diffusivityMm2S)
    * (fluid ? FLUID : 1);
  return { diffusivityMm2S, riseK, interfaceC: ambientC + riseK, chipBodyC: ambientC + CHIP_SHARE * riseK };
}

/** In the middle of the chart an edge is at most this far on its way from the shop's temperature to its hot limit. */
const CHARTED_SHARE = 0.8;

/**
 * Share of the computed rise of temperature that is believed: the chart's speeds are
 * proved, so in its middle the edge stands at 80 % of what it bears at most. 1 where
 * the formula says less than that.
 *
 * @param chartedRiseK  computed rise in the middle of the chart, usual feed and fluid
 */
export const heatTrust = (hotLimitC: number, chartedRiseK: number): number =>
  Math.min(1, (CHARTED_SHARE * (hotLimitC - AMBIENT_C)) / positive('rise in temperature', chartedRiseK));

export type ColourTable = 'temper' | 'chip';

export interface OxideColour {
  readonly colour: string;
  readonly lowC: number;
  readonly highC: number | null;
}

/** Each colour and the temperature at which it begins, °C. */
type Bands = readonly (readonly [colour: string, fromC: number])[];
const BANDS: Readonly<Record<ColourTable, Bands>> = {
  temper: [
    ['bright', 0],
    ['pale straw', 200],
    ['straw', 225],
    ['brown', 245],
    ['purple', 265],
    ['dark blue', 285],
    ['light blue', 305],
    ['blue-grey', 335],
    ['grey', 400],
  ],
  chip: [
    ['bright', 0],
    ['pale straw', 250],
    ['straw', 290],
    ['brown', 320],
    ['purple', 345],
    ['dark blue', 375],
    ['light blue', 430],
    ['blue-grey', 500],
    ['grey', 600],
  ],
};
/** Above these steel glows. */
const END_C: Readonly<Record<ColourTable, number>> = { temper: 600, chip: 900 };

const banded = (bands: Bands, at: number): OxideColour => ({
  colour: bands[at]![0],
  lowC: bands[at]![1],
  highC: bands[at + 1]![1],
});

/**
 * Oxide colour of bare steel at a temperature, held a minute (`temper`) or hot for
 * a second (`chip`). A boundary belongs to the band that starts there.
 *
 * @returns null where no colour can be read: stainless, iron, non-ferrous, plastics, chips under flood
 */
export function oxideColour(
  metal: Pick<Material, 'showsOxideColours'>,
  which: ColourTable,
  temperatureC: number,
  flooded: boolean,
): OxideColour | null {
  if (!metal.showsOxideColours || (flooded && which === 'chip')) return null;
  const bands = BANDS[which];
  const at = bands.findIndex(([, lowC]) => temperatureC < lowC) - 1;
  if (at === -1) return banded(bands, 0);
  if (at >= 0) return banded(bands, at);
  const highest = bands.at(-1)!;
  return temperatureC < END_C[which]
    ? { colour: highest[0], lowC: highest[1], highC: END_C[which] }
    : { colour: 'glowing', lowC: END_C[which], highC: null };
}

/** The speed at which the interface reaches a limit, m/min; the inverse of `interfaceHeat` at a kc that does not move with speed. */
export function speedForHeat(
  kc: number,
  thermal: Thermal,
  chipMm: number,
  riseK: number,
  fluid: boolean,
): number {
  const K = thermal.kWMK / 1000 / thermal.rhoCJMm3K;
  return (
    ((riseK * thermal.rhoCJMm3K) / (thermal.coefficient * (kc / 1000) * (fluid ? FLUID : 1))) ** 3
    * (K / chipMm)
    * 0.06
  );
}
