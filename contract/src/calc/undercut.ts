import { formRadius, undercutOf } from '@pike-stone/core/form';
import { gearFields, gearOf } from './gear-fields';
import * as z from 'zod';
import { result, yesNo } from './schema';
import { topic } from './topic';

export const undercutTopic = topic({
  input: z.strictObject({ ...gearFields }),
  output: z.strictObject({
    undercut: yesNo,
    toothCountLimit: result,
    leastProfileShift: result,
    formDiameterMm: result,
  }),
  run: (i) => {
    const gear = gearOf(i);
    const r = undercutOf(gear);
    return {
      undercut: r.undercut,
      toothCountLimit: r.teethLimit,
      leastProfileShift: r.leastShift,
      formDiameterMm: 2 * formRadius(gear),
    };
  },
});
