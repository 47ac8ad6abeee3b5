import { factsOf, type Kind } from '@pike-stone/contract';
import type { ShopPool } from '../db/shop-pool';

const COUNTED_MS = 60_000;

interface Total {
  count: number;
  at: number;
}

/**
 * Numbers of records of each kind in a shop. Counting a million rows takes longer than reading a page of
 * them, so a count is kept, kept up with what this server adds, and made anew in the background after a minute.
 */
export class Totals {
  readonly #totals = new Map<string, Total>();
  readonly #counting = new Map<string, Promise<void>>();

  constructor(private readonly pool: ShopPool) {}

  async of(shopId: string, kind: Kind): Promise<number> {
    const key = `${shopId}/${kind}`;
    const known = this.#totals.get(key);
    if (!known) await this.#count(key, shopId, kind);
    else if (Date.now() - known.at > COUNTED_MS) void this.#count(key, shopId, kind).catch(() => undefined);
    return this.#totals.get(key)?.count ?? 0;
  }

  /** Notes that a record was added. */
  added(shopId: string, kind: Kind): void {
    const known = this.#totals.get(`${shopId}/${kind}`);
    if (known) known.count += 1;
  }

  /** Forgets the counts of a shop. */
  forget(shopId: string): void {
    for (const key of this.#totals.keys()) if (key.startsWith(`${shopId}/`)) this.#totals.delete(key);
  }

  #count(key: string, shopId: string, kind: Kind): Promise<void> {
    const already = this.#counting.get(key);
    if (already) return already;
    const counting = this.pool
      .query<{ count: string }>(shopId, {
        name: `count-${kind}`,
        text: `select count(*) as count from ${factsOf(kind).table} where shop_id = $1`,
        values: [shopId],
      })
      .then(([row]) => void this.#totals.set(key, { count: Number(row!.count), at: Date.now() }))
      .finally(() => this.#counting.delete(key));
    this.#counting.set(key, counting);
    return counting;
  }
}
