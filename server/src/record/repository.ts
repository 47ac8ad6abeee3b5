import { factsOf, type Body, type Kind, type ListQuery, type Stored, type Write } from '@pike-stone/contract';
import type { DiskRoom } from '../db/disk-room';
import type { ShopPool } from '../db/shop-pool';
import { listStatement, placeOf } from './list-statement';
import { storedJson, type StoredRow } from './stored-json';
import { Totals } from './totals';

interface RecordRow {
  id: string;
  version: number;
  archived: boolean;
  updated_at: Date;
  body: unknown;
}

const COLUMNS = 'id, version, archived, updated_at, body';

/** Table of a kind, taken from the registry and never from a request. */
const tableOf = (kind: Kind): string => factsOf(kind).table;

/** Whether a page is of a part of the records, which nobody counts. */
const narrows = ({ q, archived, kinds, dull }: ListQuery): boolean => Boolean(q ?? archived ?? kinds ?? dull);

const toStored = <K extends Kind>(row: RecordRow): Stored<K> => ({
  id: row.id,
  version: row.version,
  archived: row.archived,
  updatedAt: row.updated_at.toISOString(),
  body: row.body as Body<K>,
});

export type WriteResult<K extends Kind> =
  | { readonly outcome: 'written' | 'repeated'; readonly record: Stored<K> }
  | { readonly outcome: 'stale'; readonly record: Stored<K> }
  | { readonly outcome: 'gone' };

/** Reads and writes records of every kind for one shop. */
export class Records {
  readonly #totals: Totals;

  constructor(
    private readonly pool: ShopPool,
    private readonly disk: DiskRoom,
  ) {
    this.#totals = new Totals(pool);
  }

  /**
   * One page of the records of a kind as the JSON of a list: bodies pass through as the database wrote
   * them. `next` is the place after the last record of a page that has more behind it.
   */
  async list(shopId: string, kind: Kind, query: ListQuery): Promise<string> {
    const [rows, total] = await Promise.all([
      this.pool.query<StoredRow & { name?: string }>(shopId, listStatement(shopId, kind, query)),
      narrows(query) ? null : this.#totals.of(shopId, kind),
    ]);
    const shown = rows.slice(0, query.limit);
    const last = shown.at(-1);
    const next = rows.length > query.limit && last ? placeOf(query.order, last.id, last.name ?? '') : null;
    return `{"records":[${shown.map(storedJson).join(',')}],"next":${JSON.stringify(next)},"total":${total}}`;
  }

  /** Counts the records of a shop anew: others than `write` have written some. */
  recount(shopId: string): void {
    this.#totals.forget(shopId);
  }

  async find<K extends Kind>(shopId: string, kind: K, id: string): Promise<Stored<K> | null> {
    const [row] = await this.pool.query<RecordRow>(shopId, {
      name: `find-${kind}`,
      text: `select ${COLUMNS} from ${tableOf(kind)} where shop_id = $1 and id = $2`,
      values: [shopId, id],
    });
    return row ? toStored<K>(row) : null;
  }

  /**
   * Writes a record made from `version`. The same write may come twice (a lost
   * answer, a queue sent again): the second changes nothing and succeeds.
   */
  async write<K extends Kind>(
    shopId: string,
    kind: K,
    id: string,
    { version, archived, body }: Write<K>,
  ): Promise<WriteResult<K>> {
    await this.disk.check();
    const table = tableOf(kind);
    const text = JSON.stringify(body);
    const [written] = await this.pool.query<RecordRow>(
      shopId,
      version === 0
        ? {
            name: `add-${kind}`,
            text: `insert into ${table} (shop_id, id, version, archived, body) values ($1, $2, 1, $3, $4)
              on conflict (shop_id, id) do nothing returning ${COLUMNS}`,
            values: [shopId, id, archived, text],
          }
        : {
            name: `change-${kind}`,
            text: `update ${table} set version = version + 1, archived = $3, body = $4, updated_at = now()
              where shop_id = $1 and id = $2 and version = $5 returning ${COLUMNS}`,
            values: [shopId, id, archived, text, version],
          },
    );
    if (written) {
      if (version === 0) this.#totals.added(shopId, kind);
      return { outcome: 'written', record: toStored<K>(written) };
    }

    const [current] = await this.pool.query<RecordRow & { same: boolean }>(shopId, {
      name: `compare-${kind}`,
      text: `select ${COLUMNS}, (archived = $3 and body = $4::jsonb) as same from ${table}
        where shop_id = $1 and id = $2`,
      values: [shopId, id, archived, text],
    });
    if (!current) return { outcome: 'gone' };
    const repeated = current.same && current.version === version + 1;
    return { outcome: repeated ? 'repeated' : 'stale', record: toStored<K>(current) };
  }
}
