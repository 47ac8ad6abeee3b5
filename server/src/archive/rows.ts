import { factsOf, type Kind } from '@pike-stone/contract';
import type { ShopClient } from '../db/shop-pool';
import type { StoredRow } from '../record/stored-json';

const ROWS = 500;
const FIRST = '00000000-0000-0000-0000-000000000000';

/**
 * Every record of a kind from the oldest to the newest, some hundreds at a time.
 * @param body  what is read as its body, in SQL
 */
export async function* rowsOf(
  client: ShopClient,
  shopId: string,
  kind: Kind,
  body = 'body::text',
): AsyncGenerator<StoredRow[]> {
  for (let after: string | undefined = FIRST; after !== undefined;) {
    const { rows }: { rows: StoredRow[] } = await client.query<StoredRow>({
      text: `select id, version, archived, updated_at, ${body} as body from ${factsOf(kind).table}
        where shop_id = $1 and id > $2 order by id limit ${ROWS}`,
      values: [shopId, after],
    });
    if (rows.length > 0) yield rows;
    after = rows.length === ROWS ? rows.at(-1)!.id : undefined;
  }
}
