import { DRESS_WAYS, RING_TESTS, WHEEL_SIGNS } from '@pike-stone/core/bits';
import * as z from 'zod';
import { between, id, length, note } from '../fields';

const anyEntry = {
  wheelId: id,
  at: z.iso.datetime(),
  /** Of the wheel, as it measured then. */
  diameterMm: length(5, 600),
  note,
};

/** An entry of a wheel's dress book: what was done to it, or measured on it. */
export const wheelEntryBody = z.discriminatedUnion('act', [
  z.object({
    act: z.literal('mounted'),
    ...anyEntry,
    ringTest: z.enum(RING_TESTS),
    restGapMm: length(0, 50),
    tongueGapMm: length(0, 100),
    /** It ran for a minute, guarded, with nobody in line. */
    ranUp: z.boolean(),
  }),
  z.object({
    act: z.literal('dressed'),
    ...anyEntry,
    how: z.enum(DRESS_WAYS, { error: 'Say how it was dressed.' }),
    why: z.enum([...WHEEL_SIGNS, 'routine', 'new']),
    /** Off the radius in all. */
    depthMm: length(0, 5),
  }),
  z.object({ act: z.literal('measured'), ...anyEntry }),
  z.object({
    act: z.literal('rest-set'),
    ...anyEntry,
    tiltDeg: between(-60, 60, 'degrees'),
    /** Of the edge above the axle. */
    heightMm: length(-200, 200),
  }),
]);
export type WheelEntryBody = z.infer<typeof wheelEntryBody>;
