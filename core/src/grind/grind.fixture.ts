import type { BitPlan, BitShape } from './bit-plan';
import { SHAPES } from './shape/registry';

/** A bit of a shape as it begins, out of a 10 mm blank, on a 150 mm wheel. */
export function bitOf(shape: BitShape, over: Partial<BitPlan> = {}): BitPlan {
  const start = SHAPES[shape].start(null, 10);
  return {
    shape,
    hand: 'right',
    blank: { section: 'square', lengthMm: 63, widthMm: 10, heightMm: 10 },
    ...start,
    noseDownMm: 0.1,
    groove: null,
    wheel: { diameterMm: 150, contactMm: 0, hollow: false },
    ...over,
  };
}
