import { span } from '@pike-stone/core/form';
import { gearFields, gearOf } from './gear-fields';
import * as z from 'zod';
import { optional, result, whole } from './schema';
import { topic } from './topic';

export const spanTopic = topic({
  input: z.strictObject({ ...gearFields, spanTeeth: optional(whole(1, 500)) }),
  output: z.strictObject({ spanTeeth: result, spanMm: result, contactDiameterMm: result }),
  run: (i) => {
    const r = span(gearOf(i), i.spanTeeth);
    return { spanTeeth: r.teeth, spanMm: r.spanMm, contactDiameterMm: r.contactMm };
  },
});
