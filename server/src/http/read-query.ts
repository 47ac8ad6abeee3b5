import type { Request } from 'express';
import type * as z from 'zod';
import { invalid } from './problem';

/** What an address asks for behind its question mark; what does not fit is refused with its field. */
export function readQuery<Schema extends z.ZodType>(schema: Schema, { query }: Request): z.output<Schema> {
  const read = schema.safeParse(query);
  if (!read.success) throw invalid(read.error);
  return read.data;
}
