import { toothThickness } from '@pike-stone/core/form';
import { gearFields, gearOf } from './gear-fields';
import * as z from 'zod';
import { figure, result } from './schema';
import { topic } from './topic';

export const toothThicknessTopic = topic({
  input: z.strictObject({ ...gearFields, diameterMm: figure }),
  output: z.strictObject({ toothThicknessMm: result, chordalThicknessMm: result, chordalHeightMm: result }),
  run: (i) => {
    const r = toothThickness(gearOf(i), i.diameterMm / 2);
    return { toothThicknessMm: r.arcMm, chordalThicknessMm: r.chordMm, chordalHeightMm: r.heightMm };
  },
});
