import { formCutterWidthMm, type FormCutter } from '@pike-stone/core';
import { onArbor } from '../sketch/disc';
import type { OperationSketch } from '../sketch/drawing';

/** A form cutter on its arbor. */
export const formMill: OperationSketch<FormCutter> = {
  draw: (input) => onArbor(input, formCutterWidthMm(input.setup), false),
};
