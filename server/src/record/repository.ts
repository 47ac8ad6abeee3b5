import { factsOf, type Body, type Kind, type Stored, type Write } from '@pike-stone/contract';
import type { ShopPool } from '../db/shop-pool';

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

/** A page of a list: the id of the record before it, and the number of records. */
export interface Page {
  readonly after: string | null;
  readonly limit: number;
}

/** Reads and writes records of every kind for one shop. */
export class Records {
  constructor(private readonly pool: ShopPool) {}

  /**
   * One page of the records of a kind, newest first, as the JSON of a list: bodies
   * pass through as the database wrote them. `next` names the last record of a page
   * that has more behind it.
   */
  async list(shopId: string, kind: Kind, { after, limit }: Page): Promise<string> {
    const rows = await this.pool.query<RecordRow & { body: string }>(shopId, {
      name: `list-${kind}`,
      text: `select id, version, archived, updated_at, body::text as body from ${tableOf(kind)}
        where shop_id = $1 and ($2::uuid is null or id < $2) order by id desc limit $3`,
      values: [shopId, after, limit + 1],
    });
    const shown = rows.slice(0, limit);
    const records = shown.map(
      (row) =>
        `{"id":"${row.id}","version":${row.version},"archived":${row.archived},"updatedAt":"${row.updated_at.toISOString()}","body":${row.body}}`,
    );
    const next = rows.length > limit ? JSON.stringify(shown.at(-1)!.id) : 'null';
    return `{"records":[${records.join(',')}],"next":${next}}`;
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
    if (written) return { outcome: 'written', record: toStored<K>(written) };

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
