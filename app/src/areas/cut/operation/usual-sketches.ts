import type { OperationKey } from '@pike-stone/core';
import type { OperationSketch } from '../sketch/drawing';
import { bore } from './bore';
import { drill } from './drill';
import { face } from './face';
import { faceMill } from './face-mill';
import { millSide } from './mill-side';
import { millSlot } from './mill-slot';
import { part } from './part';
import { ream } from './ream';
import { shape } from './shape';
import { turn } from './turn';

/** Sketches of the most usual operations, part of the first load. */
export const USUAL_SKETCHES = {
  turn,
  face,
  bore,
  drill,
  ream,
  part,
  shape,
  'mill-side': millSide,
  'mill-slot': millSlot,
  'face-mill': faceMill,
} as const satisfies Partial<Record<OperationKey, OperationSketch>>;
