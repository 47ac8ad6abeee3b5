import { sawThicknessMm, type SlittingSaw } from '@pike-stone/core';
import { onArbor } from '../sketch/disc';
import type { OperationSketch } from '../sketch/drawing';

/** A slitting saw on its arbor. */
export const saw: OperationSketch<SlittingSaw> = {
  draw: (input) => onArbor(input, sawThicknessMm(input.setup), true),
};
