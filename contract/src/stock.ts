import * as z from 'zod';
import { length, name } from './fields';
import { metalName } from './metal';

/** A bar, block or casting on the rack. */
export const stockBody = z.object({
  name,
  metal: metalName,
  form: z.enum(['round', 'block', 'tube', 'hexagon', 'casting']),
  sizeMm: length(0.5, 3_000),
  uncertain: z.boolean(),
  skinMm: length(0, 20),
  note: z.string().max(500, 'Keep the note under 500 characters.'),
});
export type StockBody = z.infer<typeof stockBody>;
