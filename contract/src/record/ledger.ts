import { LEDGER_ACTS } from '@pike-stone/core/inventory';
import * as z from 'zod';
import { between, id, whole } from '../fields';

/** What an entry of the ledger is about. */
const LEDGER_OF = ['tools', 'supplies', 'scrap'] as const;

/** An entry of the ledger: what was added to a tool, a box or the scrap, or taken from it. */
export const ledgerBody = z
  .object({
    of: z.enum(LEDGER_OF),
    /** The tool or the supply; null for the scrap, which is one heap. */
    itemId: id.nullable(),
    at: z.iso.datetime(),
    act: z.enum(LEDGER_ACTS),
    edges: whole(-10_000, 10_000),
    lengthMm: between(-10_000, 10_000, 'mm'),
    massG: between(-1e6, 1e6, 'g'),
    /** Below 0 for what came in, as from scrap that was sold. */
    cost: between(-1e6, 1e6),
    note: z.string().trim().max(200, 'Keep the note under 200 characters.'),
  })
  .refine(({ of, itemId }) => (of === 'scrap') === (itemId === null), {
    message: 'An entry is about one thing; the scrap has none.',
    path: ['itemId'],
  });
export type LedgerBody = z.infer<typeof ledgerBody>;

/** Sums of the ledger for one thing; the stock is these sums and nothing else. */
export const stockLevel = z.object({
  of: z.enum(LEDGER_OF),
  itemId: id.nullable(),
  edges: z.number(),
  lengthMm: z.number(),
  massG: z.number(),
  cost: z.number(),
  entries: z.number().int(),
});
export type StockLevel = z.infer<typeof stockLevel>;

/** Answer of `GET /api/stock-levels`. */
export const stockLevels = z.object({ levels: z.array(stockLevel) });

/** Answer of `GET /api/stock-levels/<id>`: the newest entries of one thing. */
export const ledgerEntries = z.object({ entries: z.array(z.object({ id, body: ledgerBody })) });
