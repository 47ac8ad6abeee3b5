import { ANGLE_PLANES, STEP_KEYS, WEAR_SEEN } from '@pike-stone/core/bits';
import * as z from 'zod';
import { between, id, length, note } from '../fields';

/** An angle that was read on a ground face. */
const angleRead = z.object({
  step: z.enum(STEP_KEYS),
  plane: z.enum(ANGLE_PLANES),
  deg: between(-90, 180, 'degrees'),
  by: z.enum(['typed', 'gauge', 'phone']),
});

/** A session at the grinder: what was ground on a bit, what was read on it, what is left of it. */
export const grindBody = z.object({
  bitId: id,
  startedAt: z.iso.datetime(),
  finishedAt: z.iso.datetime().nullable(),
  why: z.enum(['new', 'regrind']),
  wear: z.enum(WEAR_SEEN).nullable(),
  done: z.array(z.enum(STEP_KEYS)).max(40),
  readings: z.array(angleRead).max(200),
  /** Taken along the shank in all. */
  stockMm: length(0, 100),
  lengthAfterMm: length(0, 400),
  noseRadiusMm: length(0, 30).nullable(),
  /** The wheel of the stores that it was ground on, and what was taken off in all. */
  wheelId: id.nullish(),
  volumeMm3: between(0, 1e6).optional(),
  note,
});
export type GrindBody = z.infer<typeof grindBody>;
