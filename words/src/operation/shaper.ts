import type { TurningTool } from '@pike-stone/core';
import { formatLength, joined } from '../format';
import type { OperationWords } from './operation-words';

const shape: OperationWords<TurningTool> = {
  verb: 'Shape',
  about: 'a flat, stroke by stroke',
  figures: { diameter: 'Length of the work', width: 'Width of the face' },
  diameter: 'the mean of the cutting stroke; in the middle it is half as fast again',
  pass: 'one pass over the face',
  width: 'Width of the face',
  depthWhy: (_plan, units) => `shaping start: ${joined(formatLength(1.5, units))}`,
};

/** Words of the operations of a shaper. */
export const SHAPER_WORDS = { shape } as const;
