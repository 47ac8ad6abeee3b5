import { clockWheelSpace } from '@pike-stone/core/form';
import { clockFields, clockSpaceResult, clockSpaceSaid } from './clock-fields';
import * as z from 'zod';
import { topic } from './topic';

export const clockWheelProfileTopic = topic({
  input: z.strictObject({ ...clockFields }),
  output: z.strictObject({ ...clockSpaceResult }),
  run: (i) => clockSpaceSaid(clockWheelSpace(i)),
});
