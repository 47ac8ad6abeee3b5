import { fromFlatTool, toolBody } from '@pike-stone/contract';
import type { Tool } from '@pike-stone/core';
import { coversArea } from '@pike-stone/core/forecast';
import flatTools from './flat-tools.json';

/** The cutters that a flat face is compared with. */
export const CUTTERS: readonly Tool[] = flatTools
  .map((flat) => toolBody.parse(fromFlatTool(flat)))
  .filter(({ kind }) => coversArea(kind));
