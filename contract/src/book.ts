import { OPERATION_KEYS, OUTCOMES, VERDICTS } from '@pike-stone/core';
import * as z from 'zod';
import { id } from './fields';
import { ruleKey } from './record/cut';
import { PAGE } from './record/list';

/** Cuts of the book: what an address narrows them to. */
const narrowing = {
  machine: id.optional(),
  stock: id.optional(),
  tool: id.optional(),
  operation: z.enum(OPERATION_KEYS).optional(),
  outcome: z.enum(OUTCOMES).optional(),
  sign: ruleKey.optional(),
  run: id.optional(),
  /** Days, the last one included: 2026-11-30. */
  from: z.iso.date().optional(),
  to: z.iso.date().optional(),
  /** Words that a cut must have, each at least by its beginning. */
  q: z.string().max(200).optional(),
};
export const bookFilter = z.object(narrowing);
export type BookFilter = z.infer<typeof bookFilter>;

export const bookQuery = z.object({
  ...narrowing,
  limit: z.coerce.number().int().min(1).max(PAGE.most).default(PAGE.usual),
  after: z.string().max(400).optional(),
});
export type BookQuery = z.infer<typeof bookQuery>;

/** Answer of `GET /api/book/sums`: what the charts are drawn from. */
export const bookSums = z.object({
  /** Cuts of each month, 2026-11, by how they went. */
  months: z.array(z.object({ month: z.string(), outcome: z.string(), cuts: z.number() })),
  tools: z.array(
    z.object({
      toolId: id,
      cuts: z.number(),
      worked: z.number(),
      /** Mean net power where it was measured, W, and in how many cuts. */
      powerW: z.number().nullable(),
      powers: z.number(),
      /** Edges used up or ground away, by the ledger. */
      edges: z.number(),
    }),
  ),
  /** What cuts said of a quantity, by month and by the logarithm of set over table, in hundredths. */
  verdicts: z.array(
    z.object({
      month: z.string(),
      quantity: z.enum(['speed', 'feed']),
      lnRatio: z.number(),
      verdict: z.enum(VERDICTS),
      cuts: z.number(),
    }),
  ),
});
export type BookSums = z.infer<typeof bookSums>;

/** Answer of `GET /api/book/settings`: how often each setting of a cut was taken, and when last. */
export const settingRecords = z.object({
  settings: z.array(
    z.object({
      rpm: z.number(),
      feedMmRev: z.number(),
      depthMm: z.number(),
      cuts: z.number(),
      worked: z.number(),
      lastAt: z.string(),
    }),
  ),
});
export type SettingRecords = z.infer<typeof settingRecords>;
