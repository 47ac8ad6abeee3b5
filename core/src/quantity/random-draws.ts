const STEP = 0x6d2b79f5;
const TWO_TO_32 = 4294967296;

/** Gives the next draw, inside 0 to 1. */
export type Draw = () => number;

/**
 * Draws that are the same for the same seed, evenly spread inside 0 to 1, ends left out.
 *
 * A counter of 32 bit is scrambled by shifts and multiplications. For scatter in a
 * simulation only: not a secret.
 *
 * @example seededDraws(1)() // 0.6270739407
 */
export function seededDraws(seed: number): Draw {
  let counter = seed >>> 0;
  return () => {
    counter = (counter + STEP) >>> 0;
    let mixed = Math.imul(counter ^ (counter >>> 15), counter | 1);
    mixed ^= mixed + Math.imul(mixed ^ (mixed >>> 7), mixed | 61);
    return (((mixed ^ (mixed >>> 14)) >>> 0) + 0.5) / TWO_TO_32;
  };
}
