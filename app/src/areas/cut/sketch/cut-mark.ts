import type { DimensionMark } from '../../../kit/drawing/dimensions';

/** Names of the figures on a sketch that can be changed. */
export type DimensionKey =
  'diameter' | 'depth' | 'width' | 'stickOut' | 'length' | 'angle' | 'pitch' | 'feed';

/** A figure on the sketch of a cut. */
export type CutMark = DimensionMark<DimensionKey>;
