import { overPins } from '@pike-stone/core/form';
import { gearFields, gearOf } from './gear-fields';
import * as z from 'zod';
import { figure, result } from './schema';
import { topic } from './topic';

export const overPinsTopic = topic({
  input: z.strictObject({ ...gearFields, pinDiameterMm: figure }),
  output: z.strictObject({ overPinsMm: result, pinCentreDiameterMm: result, contactDiameterMm: result }),
  run: (i) => {
    const r = overPins(gearOf(i), i.pinDiameterMm);
    return { overPinsMm: r.overMm, pinCentreDiameterMm: r.centreDiameterMm, contactDiameterMm: r.contactMm };
  },
});
