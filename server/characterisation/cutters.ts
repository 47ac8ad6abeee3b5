import type { Tool } from '@pike-stone/core';
import flatTools from './flat-tools.json';

/** The cutters that a flat face is compared with. */
export const CUTTERS: readonly Tool[] = (flatTools as unknown as readonly Tool[]).filter(
  ({ kind }) => kind === 'end-mill' || kind === 'face-mill' || kind === 'fly-cutter',
);
