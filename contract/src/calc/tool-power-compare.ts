import { pushPerMm } from '@pike-stone/core/choose';
import * as z from 'zod';
import { figure, result } from './schema';
import { topic } from './topic';

const edge = z
  .strictObject({ rake_deg: figure, edge_radius_um: figure })
  .transform((of) => ({ rakeDeg: of.rake_deg, edgeRadiusUm: of.edge_radius_um }));

export const toolPowerCompareTopic = topic({
  input: z.strictObject({
    kc11_n_mm2: figure,
    mc: figure,
    per_degree: figure,
    plough_n_mm_per_um: figure,
    chip_thickness_mm: figure,
    a: edge,
    b: edge,
  }),
  output: z.strictObject({ force_a_n_mm: result, force_b_n_mm: result, ratio_a_to_b: result }),
  run: (i) => {
    const of = {
      kc11: i.kc11_n_mm2,
      mc: i.mc,
      perDegree: i.per_degree,
      ploughNMmPerUm: i.plough_n_mm_per_um,
      chipThicknessMm: i.chip_thickness_mm,
    };
    const [a, b] = [pushPerMm(i.a, of), pushPerMm(i.b, of)];
    return { force_a_n_mm: a, force_b_n_mm: b, ratio_a_to_b: a / b };
  },
});
