import table from '../../tables/materials.json';
import type { Material } from '../material/material';
import { positive } from '../quantity/check';

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

const FLUID = 0.85;
const CHIP_SHARE = 0.45;

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

export type ColourTable = 'temper' | 'chip';

export interface OxideColour {
  readonly colour: string;
  readonly lowC: number;
  readonly highC: number | null;
}

/** Metals whose colours mean something: plain and low-alloy steel. */
const colours = ({ iso513, key }: Pick<Material, 'iso513' | 'key'>): boolean =>
  iso513 === 'P' && key !== 'ferritic-martensitic-stainless';

/**
 * Oxide colour of bare steel at a temperature, held a minute (`temper`) or hot for
 * a second (`chip`). A boundary belongs to the band that starts there.
 *
 * @returns null where no colour can be read: stainless, iron, non-ferrous, plastics, chips under flood
 */
export function oxideColour(
  metal: Pick<Material, 'iso513' | 'key'>,
  which: ColourTable,
  temperatureC: number,
  flooded: boolean,
): OxideColour | null {
  if (!colours(metal) || (flooded && which === 'chip')) return null;
  const bands = which === 'chip' ? table.chip_colours : table.temper_colours;
  const band = bands.find(({ low_C: low, high_C: high }) => temperatureC >= low && temperatureC < high);
  if (band) return { colour: band.colour, lowC: band.low_C, highC: band.high_C };
  const [first, last] = [bands[0]!, bands.at(-1)!];
  return temperatureC < first.low_C
    ? { colour: first.colour, lowC: first.low_C, highC: first.high_C }
    : { colour: 'glowing', lowC: last.high_C, highC: null };
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
