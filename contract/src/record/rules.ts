import { SHORTCUTS, type Shortcut } from '@pike-stone/core';
import * as z from 'zod';
import { between } from '../fields';
import { pricesBody } from './prices';

/** The schools a shop follows; one record for each shop, under the shop's own id. */
export const rulesBody = z.object({
  school: z.enum(['bottom', 'middle', 'top']),
  backOffThird: z.boolean(),
  shortcut: z.enum(Object.keys(SHORTCUTS) as [Shortcut, ...Shortcut[]]),
  rungRule: z.enum(['not-above', 'overshoot', 'nearest']),
  overshootPercent: between(0, 50, 'percent'),
  /** Starts are brought to what this shop's own cuts showed; yes when left out. */
  learns: z.boolean().optional(),
  /** Leaning between high speed steel and carbide; neither when left out. */
  choice: z.enum(['neither', 'hss-first', 'inserts-first']).optional(),
  /** The shop's own prices by trade, in place of the typical ones. */
  prices: z.object({ 'ground-bit': pricesBody, 'bought-cutter': pricesBody }).partial().optional(),
});
export type RulesBody = z.infer<typeof rulesBody>;
