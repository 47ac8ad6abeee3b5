import { slideStops } from '@pike-stone/core/form';
import { corners, points } from './gear-fields';
import * as z from 'zod';
import { figure, result } from './schema';
import { topic } from './topic';

export const slideTableTopic = topic({
  heavy: true,
  input: z.strictObject({ vertices: corners, wheelRadiusMm: figure, cuspMm: figure }),
  output: z.strictObject({ count: result, positions: points }),
  run: (i) => {
    const { stops } = slideStops(i.vertices, i.wheelRadiusMm, i.cuspMm);
    return { count: stops.length, positions: stops };
  },
});
