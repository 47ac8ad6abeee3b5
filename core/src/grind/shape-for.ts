import type { OperationKey } from '../operation/registry';
import type { BitShape } from './bit-plan';

/** Shape of the bit that an operation is done with. */
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

/** The shape that a bit is ground to for an operation; null where it is done with another tool. */
export const shapeFor = (operation: OperationKey): BitShape | null => SHAPE_FOR[operation] ?? null;
