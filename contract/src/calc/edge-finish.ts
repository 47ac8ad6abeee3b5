import { honingPays } from '@pike-stone/core/grind';
import * as z from 'zod';
import { figure, result, yesNo } from './schema';
import { topic } from './topic';

export const edgeFinishTopic = topic({
  input: z.strictObject({ feed_mm_rev: figure, nose_radius_mm: figure, edge_rz_um: figure }),
  output: z.strictObject({ kinematic_rt_um: result, total_rt_um: result, hone_worthwhile: yesNo }),
  run: (i) => {
    const r = honingPays(i.feed_mm_rev, i.nose_radius_mm, i.edge_rz_um);
    return { kinematic_rt_um: r.marksUm, total_rt_um: r.totalUm, hone_worthwhile: r.pays };
  },
});
