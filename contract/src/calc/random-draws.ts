import { inverseNormal, seededDraws } from '@pike-stone/core/choose';
import * as z from 'zod';
import { results, whole } from './schema';
import { topic } from './topic';

export const randomDrawsTopic = topic({
  input: z.strictObject({ seed: whole(0, 4_294_967_295), count: whole(1, 10_000) }),
  output: z.strictObject({ u: results, z: results }),
  run: (i) => {
    const draw = seededDraws(i.seed);
    const u = Array.from({ length: i.count }, draw);
    return { u, z: u.map(inverseNormal) };
  },
});
