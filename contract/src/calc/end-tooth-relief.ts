import { endToothRelief } from '@pike-stone/core/wheel';
import * as z from 'zod';
import { figure, oneOf, result } from './schema';
import { topic } from './topic';

export const endToothReliefTopic = topic({
  input: z.strictObject({ wheel_radius_mm: figure, wheel_raise_mm: figure, land_width_mm: figure }),
  output: z.strictObject({
    relief_edge_deg: result,
    relief_heel_deg: result,
    relief_chord_deg: result,
    drop_mm: result,
    warning: oneOf(['heel-rising', 'heel-drags']).nullable(),
  }),
  run: (i) => {
    const r = endToothRelief(i.wheel_radius_mm, i.wheel_raise_mm, i.land_width_mm);
    return {
      relief_edge_deg: r.edgeDeg,
      relief_heel_deg: r.heelDeg,
      relief_chord_deg: r.chordDeg,
      drop_mm: r.dropMm,
      warning: r.warning,
    };
  },
});
