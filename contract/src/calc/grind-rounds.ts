import { grindRounds } from '@pike-stone/core/wheel';
import * as z from 'zod';
import { figure, result } from './schema';
import { topic } from './topic';

export const grindRoundsTopic = topic({
  input: z.strictObject({
    teeth: figure,
    wear_land_mm: figure,
    relief_deg: figure,
    chip_depth_mm: figure,
    margin_mm: figure,
    infeed_mm: figure,
    sparkout_rounds: figure,
  }),
  output: z.strictObject({ stock_mm: result, rounds: result, passes: result, last_infeed_mm: result }),
  run: (i) => {
    const r = grindRounds({
      teeth: i.teeth,
      wearMm: i.wear_land_mm,
      reliefDeg: i.relief_deg,
      chipMm: i.chip_depth_mm,
      marginMm: i.margin_mm,
      infeedMm: i.infeed_mm,
      sparkOut: i.sparkout_rounds,
    });
    return { stock_mm: r.stockMm, rounds: r.rounds, passes: r.passes, last_infeed_mm: r.lastMm };
  },
});
