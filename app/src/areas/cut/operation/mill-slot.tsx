import type { EndMill } from '@pike-stone/core';
import type { OperationSketch } from '../sketch/drawing';
import { milled } from '../sketch/mill';

/** A slot as wide as the cutter. */
export const millSlot: OperationSketch<EndMill> = {
  draw: (input) => milled(input, 'slot', input.setup.tool.fluteLengthMm),
};
