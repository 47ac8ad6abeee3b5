import { SHORTCUTS, type Shortcut } from '@pike-stone/core';
import * as z from 'zod';
import { between } from '../fields';

/** The schools a shop follows; one record for each shop, under the shop's own id. */
export const rulesBody = z.object({
  school: z.enum(['bottom', 'middle', 'top']),
  backOffThird: z.boolean(),
  shortcut: z.enum(Object.keys(SHORTCUTS) as [Shortcut, ...Shortcut[]]),
  rungRule: z.enum(['not-above', 'overshoot', 'nearest']),
  overshootPercent: between(0, 50, 'percent'),
});
export type RulesBody = z.infer<typeof rulesBody>;
