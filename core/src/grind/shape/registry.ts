import type { BitShape } from '../bit-plan';
import { chamfer, radiusConcave, radiusConvex, roundNose, thread } from './form';
import { parting } from './parting';
import { boring, brass, facing, flyCutter, general, knife, shear } from './pointed';
import type { ShapeFacts } from './shape-facts';

/** Facts of each shape; the compiler names one that is missing. */
export const SHAPES: Readonly<Record<BitShape, ShapeFacts>> = {
  general,
  'round-nose': roundNose,
  knife,
  facing,
  parting,
  boring,
  'thread-60': thread(60),
  'thread-55': thread(55),
  'chamfer-90': chamfer,
  'radius-convex': radiusConvex,
  'radius-concave': radiusConcave,
  'fly-cutter': flyCutter,
  brass,
  shear,
};
