import type { EndMill } from '@pike-stone/core';
import type { OperationSketch } from '../sketch/drawing';
import { milled } from '../sketch/mill';

/** The side of an end mill along an edge. */
export const millSide: OperationSketch<EndMill> = {
  draw: (input) => milled(input, 'side', input.setup.tool.fluteLengthMm),
};
