import type { Material } from '../material/material';
import { metalFamily, type MetalFamily } from '../material/metal-family';

/** Energy for each cubic millimetre, J/mm³, from and to. */
export type EnergyRange = readonly [low: number, high: number];

/** What is usually met in turning. */
const USUAL: Readonly<Partial<Record<MetalFamily, EnergyRange>>> = {
  aluminium: [0.6, 1],
  brass: [0.8, 1.5],
  steel: [2, 4],
  stainless: [2.5, 4.5],
};
/** Of other metals: from what a chip of a millimetre takes to twice that, because chips are thinner. */
const THIN_CHIP = 2;
/** Beyond so many times the usual, something was read or put in wrongly. */
const FAR = 2;

/**
 * The specific energy that a metal usually takes, J/mm³. For a metal without figures of
 * its own it lies between kc1.1 and twice that.
 */
export function usualEnergy(metal: Material): EnergyRange {
  const kc11 = metal.kc11 / 1000;
  return USUAL[metalFamily(metal)] ?? [kc11, THIN_CHIP * kc11];
}

/**
 * Whether a specific energy is less than half or more than twice what the metal usually
 * takes: then feed, depth, volts or power factor are not what they were put in as.
 *
 * @param jMm3  J/mm³
 */
export function isOddEnergy(jMm3: number, metal: Material): boolean {
  const [low, high] = usualEnergy(metal);
  return jMm3 < low / FAR || jMm3 > high * FAR;
}
