import * as z from 'zod';
import { length, name, note } from '../fields';
import { metalName } from './metal';

/** A piece of stock. */
export const stockBody = z.object({
  name,
  metal: metalName,
  form: z.enum(['round', 'block', 'tube', 'hexagon', 'casting']),
  sizeMm: length(0.5, 3_000),
  uncertain: z.boolean(),
  skinMm: length(0, 20),
  note,
});
export type StockBody = z.infer<typeof stockBody>;
