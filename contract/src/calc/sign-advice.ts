import {
  isSign,
  METAL_FAMILIES,
  SIGN_KEYS,
  SIGN_TOOLS,
  signAdvice,
  type SignKey,
} from '@pike-stone/core/learn';
import * as z from 'zod';
import { oneOf, result } from './schema';
import { topic } from './topic';

export const signAdviceTopic = topic({
  input: z.strictObject({
    tool: oneOf(SIGN_TOOLS),
    material: oneOf(METAL_FAMILIES),
    signs: z
      .array(z.string().refine(isSign, { error: `One of: ${SIGN_KEYS.join(', ')}.` }))
      .min(1, 'Give at least one.')
      .max(20, 'No more than 20.'),
  }),
  output: z.strictObject({
    action: oneOf(['stop', 'change', 'keep', 'none']),
    parameter: z.string().nullable(),
    direction: z.string().nullable(),
    step_factor: result.nullable(),
    because: z.array(z.string()),
    conflicts: z.array(z.string()),
    score: result.nullable(),
  }),
  run: ({ tool, material, signs }) => {
    const { action, stopFor, next, conflicts } = signAdvice(tool, material, signs as SignKey[]);
    return {
      action,
      parameter: next?.parameter ?? null,
      direction: next?.direction ?? null,
      step_factor: next?.factor ?? null,
      because: action === 'stop' ? [...stopFor] : next ? [next.because[0]!.sign] : [],
      conflicts: [...conflicts],
      score: action === 'stop' ? null : (next?.score ?? null),
    };
  },
});
