import type { Learned, LearnedRow } from '@pike-stone/core';
import * as z from 'zod';
import { id } from './fields';

/** A factor with the band that holds it four times in five, and the cuts behind it. */
const learned = z.object({
  factor: z.number(),
  low: z.number(),
  high: z.number(),
  cuts: z.number(),
  machineCuts: z.number(),
}) satisfies z.ZodType<Learned>;

/** Answer of `GET /api/learned`: the shop's own factors by machine, and by its groups of metal and tool material. */
export const learnedAnswer = z.object({
  factors: z.array(
    z.object({
      machineId: id,
      metal: z.string().nullable(),
      toolMaterial: z.string().nullable(),
      speed: learned.nullable(),
      feed: learned.nullable(),
    }) satisfies z.ZodType<LearnedRow>,
  ),
});
export type LearnedAnswer = z.infer<typeof learnedAnswer>;
