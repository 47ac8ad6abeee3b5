import type { FaceMill } from '@pike-stone/core';
import type { OperationSketch } from '../sketch/drawing';
import { milled } from '../sketch/mill';

/** A face mill over a broad flat. */
export const faceMill: OperationSketch<FaceMill> = { draw: (input) => milled(input, 'face', null) };
