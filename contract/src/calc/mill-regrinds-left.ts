import { millRegrinds } from '@pike-stone/core/wheel';
import * as z from 'zod';
import { figure, oneOf, result } from './schema';
import { topic } from './topic';

export const millRegrindsLeftTopic = topic({
  input: z.strictObject({
    flute_length_mm: figure,
    min_flute_mm: figure,
    end_stock_mm: figure,
    diameter_mm: figure,
    min_diameter_mm: figure,
    radial_stock_mm: figure,
  }),
  output: z.strictObject({
    by_flute: result,
    by_diameter: result.nullable(),
    regrinds: result,
    limited_by: oneOf(['flute', 'diameter']),
    flute_at_scrap_mm: result,
    diameter_at_scrap_mm: result,
  }),
  run: (i) => {
    const r = millRegrinds({
      fluteMm: i.flute_length_mm,
      leastFluteMm: i.min_flute_mm,
      endMm: i.end_stock_mm,
      diameterMm: i.diameter_mm,
      leastDiameterMm: i.min_diameter_mm,
      radialMm: i.radial_stock_mm,
    });
    return {
      by_flute: r.byFlute,
      by_diameter: r.byDiameter,
      regrinds: r.regrinds,
      limited_by: r.limitedBy,
      flute_at_scrap_mm: r.fluteAtScrapMm,
      diameter_at_scrap_mm: r.diameterAtScrapMm,
    };
  },
});
