import { ROUND_SET_UPS } from '@pike-stone/core/bits';
import * as z from 'zod';
import { between, id, name } from '../fields';

const job = z.object({
  key: z.string().max(80),
  of: z.enum(['tools', 'bits']),
  itemId: id,
  name,
  face: z.string().max(60),
  /** Turn of a bit on the rest; null where it is not laid on one. */
  turnDeg: between(-180, 180, 'degrees').nullable(),
});

/** A round at the grinder as it was begun, and what is done of it. */
export const roundBody = z.object({
  startedAt: z.iso.datetime(),
  finishedAt: z.iso.datetime().nullable(),
  groups: z
    .array(
      z.object({
        wheel: name,
        wheelId: id.nullable(),
        setUp: z.enum(ROUND_SET_UPS),
        tiltDeg: between(-90, 90, 'degrees').nullable(),
        asItStands: z.boolean(),
        changeMin: between(0, 10_000),
        grindMin: between(0, 10_000),
        jobs: z.array(job).max(200),
      }),
    )
    .max(60),
  /** Keys of the jobs that are done. */
  done: z.array(z.string().max(80)).max(2000),
});
export type RoundBody = z.infer<typeof roundBody>;
