import { threadWires } from '@pike-stone/core/forecast';
import * as z from 'zod';
import { figure, oneOf, whole, optional, result } from './schema';
import { topic } from './topic';

export const threeWireTopic = topic({
  input: z.strictObject({
    form: oneOf(['iso-60', 'form-55']),
    pitch_mm: figure,
    pitch_dia_mm: figure,
    wire_mm: figure,
    starts: optional(whole(1, 12)),
    reading_mm: optional(figure),
  }),
  output: z.strictObject({
    best_wire_mm: result,
    over_wires_mm: result,
    lead_correction_mm: result,
    over_wires_corrected_mm: result,
    pitch_dia_from_reading_mm: result,
  }),
  run: (i) => {
    const r = threadWires(i.form, i.pitch_mm, i.pitch_dia_mm, i.wire_mm, i.starts, i.reading_mm);
    return {
      best_wire_mm: r.bestMm,
      over_wires_mm: r.overMm,
      lead_correction_mm: r.leadMm,
      over_wires_corrected_mm: r.overCorrectedMm,
      pitch_dia_from_reading_mm: r.pitchDiameterFromReadingMm,
    };
  },
});
