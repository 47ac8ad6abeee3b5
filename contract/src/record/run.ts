import * as z from 'zod';
import { between, name, note } from '../fields';
import { cutChoice } from './cut';

/** A run: trials of one cut, one change at a time, after a goal. Its trials are cuts in the book. */
export const runBody = z.object({
  name,
  cut: cutChoice,
  goal: z.enum(['chip', 'finish', 'time', 'load', 'edge']),
  /** Wanted roughness, um, or net power, W; null where nothing was asked. */
  wanted: between(0.01, 100_000).nullable(),
  startedAt: z.iso.datetime(),
  finishedAt: z.iso.datetime().nullable(),
  ended: z.enum(['met', 'stuck', 'given-up']).nullable(),
  note,
});
export type RunBody = z.infer<typeof runBody>;
