import { Router } from 'express';
import type { HeavyCalculations } from '../calc/heavy';
import type { ShopPool } from '../db/shop-pool';
import { sendRevalidated } from '../http/revalidated';
import type { VerdictRow } from './learned-from';

/** Shops whose factors are kept; an older one is learned anew when it is asked for. */
const MOST_KEPT = 50;

/** The shops' own factors, each learned anew only when something of its cuts has changed. */
export class LearnedOfShops {
  readonly #kept = new Map<string, { readonly from: string; readonly text: Promise<string> }>();

  constructor(
    private readonly pool: ShopPool,
    private readonly heavy: HeavyCalculations,
  ) {}

  /** The factors of a shop as JSON. */
  async textOf(shopId: string): Promise<string> {
    const rows = await this.pool.query<VerdictRow>(shopId, {
      name: 'verdicts',
      text: `select c.machine_id as "machineId", s.body ->> 'metal' as metal, t.body ->> 'material' as "toolMaterial",
          v.quantity, v.ln_ratio as "lnRatio", v.verdict, sum(v.cuts)::float8 as cuts
        from cut_verdict v
          join cut_cell c on c.shop_id = $1 and c.cell_id = v.cell_id
          join stock s on s.shop_id = $1 and s.id = c.stock_id
          join tool t on t.shop_id = $1 and t.id = c.tool_id
        where v.shop_id = $1
        group by 1, 2, 3, 4, 5, 6 having sum(v.cuts) > 0 order by 1, 2, 3, 4, 5, 6`,
      values: [shopId],
    });
    const from = JSON.stringify(rows);
    const known = this.#kept.get(shopId);
    if (known?.from === from) return known.text;
    const text = this.heavy
      .run('learned', rows, new AbortController().signal)
      .then((answer) => JSON.stringify(answer));
    // One that failed is tried again by whoever asks next.
    text.catch(() => this.#kept.delete(shopId));
    if (this.#kept.size >= MOST_KEPT) this.#kept.clear();
    this.#kept.set(shopId, { from, text });
    return text;
  }
}

/** The shop's own factors. */
export function learnedRoutes(learned: LearnedOfShops): Router {
  const router = Router();
  router.get('/', async (request, response) => {
    sendRevalidated(request, response, await learned.textOf(response.locals.shopId as string));
  });
  return router;
}
