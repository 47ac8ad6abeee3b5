import { Router } from 'express';
import type { HeavyCalculations } from '../calc/heavy';
import type { ShopPool } from '../db/shop-pool';
import { sendRevalidated } from '../http/revalidated';
import type { VerdictRow } from './learned-from';

/** Shops whose factors are kept; an older one is learned anew when it is asked for. */
const MOST_KEPT = 50;

/** The shop's own factors. They are learned anew only when something of its cuts has changed. */
export function learnedRoutes(pool: ShopPool, heavy: HeavyCalculations): Router {
  const router = Router();
  const kept = new Map<string, { readonly from: string; readonly text: string }>();
  router.get('/', async (request, response) => {
    const { shopId } = response.locals as { shopId: string };
    const rows = await pool.query<VerdictRow>(shopId, {
      name: 'verdicts',
      text: `select c.machine_id, s.body ->> 'metal' as metal, t.body ->> 'material' as tool_material,
          v.quantity, v.ln_ratio, v.verdict, sum(v.cuts)::float8 as cuts
        from cut_verdict v
          join cut_cell c on c.shop_id = $1 and c.cell_id = v.cell_id
          join stock s on s.shop_id = $1 and s.id = c.stock_id
          join tool t on t.shop_id = $1 and t.id = c.tool_id
        where v.shop_id = $1
        group by 1, 2, 3, 4, 5, 6 having sum(v.cuts) > 0 order by 1, 2, 3, 4, 5, 6`,
      values: [shopId],
    });
    const from = JSON.stringify(rows);
    let known = kept.get(shopId);
    if (known?.from !== from) {
      const text = JSON.stringify(await heavy.run('learned', rows, new AbortController().signal));
      known = { from, text };
      if (kept.size >= MOST_KEPT) kept.clear();
      kept.set(shopId, known);
    }
    sendRevalidated(request, response, known.text);
  });
  return router;
}
