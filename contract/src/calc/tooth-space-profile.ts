import { toothSpace } from '@pike-stone/core/form';
import { corners, gearFields, gearOf } from './gear-fields';
import * as z from 'zod';
import { result } from './schema';
import { topic } from './topic';

/** The profile is given finer than the cases ask. */
const FINE_MM = 2e-5;

export const toothSpaceProfileTopic = topic({
  input: z.strictObject({ ...gearFields }),
  output: z.strictObject({
    formRadiusMm: result,
    rootRadiusMm: result,
    tipHalfWidthMm: result,
    tipHeightMm: result,
    profile: corners,
  }),
  run: (i) => toothSpace(gearOf(i), FINE_MM),
});
