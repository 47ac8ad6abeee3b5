import { taylorThrough } from '@pike-stone/core/choose';
import * as z from 'zod';
import { figure, result } from './schema';
import { topic } from './topic';

export const taylorFitTopic = topic({
  input: z.strictObject({ v1_m_min: figure, t1_min: figure, v2_m_min: figure, t2_min: figure }),
  output: z.strictObject({ n: result, c_m_min: result }),
  run: (i) => {
    const line = taylorThrough([i.v1_m_min, i.t1_min], [i.v2_m_min, i.t2_min]);
    return { n: line.n, c_m_min: line.cMPerMin };
  },
});
