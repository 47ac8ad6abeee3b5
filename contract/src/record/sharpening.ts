import { MILL_WEAR, SHORT_JOBS } from '@pike-stone/core/bits';
import * as z from 'zod';
import { between, id, length, name, note, whole } from '../fields';

/** The end teeth of a cutter, as they were asked for. */
const endTeeth = z.object({
  diameterMm: length(0.5, 200),
  teeth: whole(1, 60),
  fluteMm: length(0.5, 500),
  hand: z.enum(['right', 'left']),
  centreCutting: z.boolean(),
  wear: z.enum(MILL_WEAR),
  wearMm: length(0, 20),
  chipMm: length(0, 20),
  side: z.enum(['operator', 'far']),
  reliefDeg: between(0.5, 30, 'degrees'),
  secondDeg: between(1, 60, 'degrees').nullable(),
  landMm: length(0.05, 20),
  dishDeg: between(0, 15, 'degrees'),
  infeedMm: length(0.002, 1),
  sparkOut: whole(0, 10),
  holes: whole(1, 360).nullable(),
  travelMm: length(5, 500),
});
export type EndTeethBody = z.infer<typeof endTeeth>;

/** The sharpening of a tool of the drawer, or of one that is not in it. */
export const sharpeningBody = z.object({
  name,
  toolId: id.nullable(),
  what: z.enum(['end-teeth', 'tool-bit', ...SHORT_JOBS]),
  startedAt: z.iso.datetime(),
  finishedAt: z.iso.datetime().nullable(),
  wheelId: id.nullable(),
  endTeeth: endTeeth.nullable(),
  /** Steps that are done. */
  done: z.array(z.string().max(40)).max(400),
  /** Heights of the teeth in turn, from any zero. */
  heightsMm: z.array(between(-10, 10, 'mm')).max(60),
  /** Taken off along the axis, and in all. */
  stockMm: length(0, 100),
  volumeMm3: between(0, 1e6),
  lengthAfterMm: length(0, 1000).nullable(),
  diameterAfterMm: length(0, 500).nullable(),
  minutes: between(0, 10_000).nullable(),
  note,
});
export type SharpeningBody = z.infer<typeof sharpeningBody>;
