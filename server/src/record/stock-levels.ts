import { id as anId, type StockLevel } from '@pike-stone/contract';
import { Router } from 'express';
import type { ShopPool } from '../db/shop-pool';
import { notFound } from '../http/problem';
import { sendRevalidated } from '../http/revalidated';

interface LevelRow {
  of: StockLevel['of'];
  item_id: string | null;
  edges: string;
  length_mm: number;
  mass_g: number;
  cost: number;
  entries: string;
}

/** Entries of one thing that are shown, newest first. */
const SHOWN_ENTRIES = 50;

const toLevel = (row: LevelRow): StockLevel => ({
  of: row.of,
  itemId: row.item_id,
  edges: Number(row.edges),
  lengthMm: row.length_mm,
  massG: row.mass_g,
  cost: row.cost,
  entries: Number(row.entries),
});

/** Sums of the ledger for every thing of the shop, and the newest entries of one. */
export function stockLevelRoutes(pool: ShopPool): Router {
  const router = Router();
  router.get('/', async (request, response) => {
    const rows = await pool.query<LevelRow>(response.locals.shopId, {
      name: 'stock-levels',
      text: `select item_of as of, coalesce(tool_id, supply_id) as item_id,
          sum(edges) as edges, sum(length_mm) as length_mm, sum(mass_g) as mass_g, sum(cost) as cost, count(*) as entries
        from ledger_entry where shop_id = $1 group by item_of, coalesce(tool_id, supply_id)`,
      values: [response.locals.shopId],
    });
    sendRevalidated(request, response, JSON.stringify({ levels: rows.map(toLevel) }));
  });
  router.get('/:id', async (request, response) => {
    const id = anId.safeParse(request.params.id);
    if (!id.success) throw notFound();
    const rows = await pool.query<{ id: string; body: unknown }>(response.locals.shopId, {
      name: 'ledger-of-one',
      text: `select id, body from ledger_entry
        where shop_id = $1 and (tool_id = $2 or supply_id = $2) order by id desc limit $3`,
      values: [response.locals.shopId, id.data, SHOWN_ENTRIES],
    });
    sendRevalidated(request, response, JSON.stringify({ entries: rows }));
  });
  return router;
}
