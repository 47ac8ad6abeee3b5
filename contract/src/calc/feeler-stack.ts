import { stackFields, stackResult, stackSaid } from './stack-fields';
import * as z from 'zod';
import { topic } from './topic';

export const feelerStackTopic = topic({
  heavy: true,
  input: z.strictObject({ ...stackFields }),
  output: z.strictObject({ ...stackResult }),
  run: stackSaid,
});
