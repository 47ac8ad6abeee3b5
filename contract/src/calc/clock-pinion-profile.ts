import { clockPair, clockPinionSpace } from '@pike-stone/core/form';
import { clockFields, clockSpaceResult, clockSpaceSaid } from './clock-fields';
import * as z from 'zod';
import { result } from './schema';
import { topic } from './topic';

export const clockPinionProfileTopic = topic({
  input: z.strictObject({ ...clockFields }),
  output: z.strictObject({
    ...clockSpaceResult,
    addendumFactor: result,
    thicknessFactor: result,
    dedendumFactor: result,
  }),
  run: (i) => {
    const { pinion } = clockPair(i);
    return {
      ...clockSpaceSaid(clockPinionSpace(i)),
      addendumFactor: pinion.addendum,
      thicknessFactor: pinion.thickness,
      dedendumFactor: pinion.dedendum,
    };
  },
});
