import { noseFlats } from '@pike-stone/core/grind';
import * as z from 'zod';
import { figure, result } from './schema';
import { topic } from './topic';

export const noseFacetsTopic = topic({
  input: z.strictObject({ nose_radius_mm: figure, arc_deg: figure, max_deviation_um: figure }),
  output: z.strictObject({ facets: result, deviation_um: result }),
  run: (i) => {
    const r = noseFlats(i.nose_radius_mm, i.arc_deg, i.max_deviation_um);
    return { facets: r.flats, deviation_um: r.deviationUm };
  },
});
