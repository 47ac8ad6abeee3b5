import { MATERIALS } from '@pike-stone/core';

/** A metal of the library as it stands in a sentence. */
export const metalName = (key: string): string =>
  MATERIALS.find((metal) => metal.key === key)?.name.toLowerCase() ?? 'a metal no longer here';
