import type { Fluid } from '@pike-stone/core';

/** How a cut is wetted. */
export const FLUID_WORDS: Readonly<Record<Fluid, string>> = {
  dry: 'no fluid',
  brush: 'oil by brush',
  flood: 'flood',
};
