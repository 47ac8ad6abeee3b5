import type { OperationKey } from '@pike-stone/core';
import type { BitBody } from '@pike-stone/contract';
import type { BitShape } from '@pike-stone/core/grind';
import type { Cut } from '../cut/useCut';
import { freshBit } from './bit-model';

/** Shape of the bit that an operation is done with; operations done with other tools are left out. */
const SHAPE_FOR: Readonly<Partial<Record<OperationKey, BitShape>>> = {
  turn: 'general',
  face: 'facing',
  shoulder: 'knife',
  taper: 'general',
  bore: 'boring',
  part: 'parting',
  groove: 'parting',
  chamfer: 'chamfer-90',
  thread: 'thread-60',
  form: 'radius-convex',
  shape: 'general',
  'fly-cut': 'fly-cutter',
};

export const shapeFor = (operation: OperationKey): BitShape | null => SHAPE_FOR[operation] ?? null;

/** A bit for the cut that is set up: its shape, its metal and its size; null where none is ground for it. */
export function bitForCut({ setup, plan }: Cut, name: string): BitBody | null {
  const shape = shapeFor(setup.operation);
  if (!shape) return null;
  return freshBit({
    shape,
    name,
    metalKey: plan.metal.key,
    use: {
      side: setup.operation === 'bore' ? 'bore' : 'outside',
      diameterMm: Math.max(0.5, plan.diameterMm),
      depthMm: Math.min(100, Math.max(0.005, plan.depth.mm)),
      feedMm: Math.min(25, Math.max(0.001, plan.feed.mmRev)),
      heightErrorMm: 0,
    },
  });
}
