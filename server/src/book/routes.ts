import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import {
  bookFilter,
  bookQuery,
  type BookFilter,
  type BookQuery,
  type BookSums,
  type SettingRecords,
} from '@pike-stone/contract/book';
import compression from 'compression';
import { Router, type Response } from 'express';
import { tableHead, tableLines } from '../archive/table';
import type { ShopPool } from '../db/shop-pool';
import { notFound } from '../http/problem';
import { readQuery } from '../http/read-query';
import { sendRevalidated } from '../http/revalidated';
import { writePlace } from '../record/list-place';
import { storedJson, type StoredRow } from '../record/stored-json';
import { bookStatement, LOOKED_AT } from './book-statement';
import { settingsStatement, sumsStatements } from './sums-statement';

interface Row extends StoredRow {
  readonly taken_at: string;
  readonly looked_at: number;
  readonly last_at: string | null;
  readonly last_id: string | null;
}

interface Page {
  readonly rows: readonly Row[];
  readonly next: string | null;
}

/** Cuts of one part of an export. */
const EXPORTED = 500;

async function pageOf(pool: ShopPool, shopId: string, query: BookQuery): Promise<Page> {
  const all = await pool.query<Row>(shopId, bookStatement(shopId, query));
  const found = all.filter(({ id }) => id !== null);
  const rows = found.slice(0, query.limit);
  const last = rows.at(-1);
  const whole = all[0];
  if (found.length > query.limit && last) return { rows, next: writePlace([last.taken_at, last.id]) };
  // Words were looked for among so many cuts only: the next page goes on behind them.
  const isCutOff = query.q && whole?.looked_at === LOOKED_AT && whole.last_id !== null;
  return { rows, next: isCutOff ? writePlace([whole.last_at!, whole.last_id!]) : null };
}

/** Every cut of a filter, part by part. */
async function* partsOf(pool: ShopPool, shopId: string, filter: BookFilter): AsyncGenerator<readonly Row[]> {
  let after: string | undefined;
  do {
    const { rows, next } = await pageOf(pool, shopId, { ...filter, limit: EXPORTED, after });
    if (rows.length > 0) yield rows;
    after = next ?? undefined;
  } while (after !== undefined);
}

async function* asJson(parts: AsyncIterable<readonly Row[]>): AsyncGenerator<string> {
  let between = '[\n';
  for await (const rows of parts) {
    yield between + rows.map(storedJson).join(',\n');
    between = ',\n';
  }
  yield between === '[\n' ? '[]\n' : '\n]\n';
}

async function* asCsv(parts: AsyncIterable<readonly Row[]>): AsyncGenerator<string> {
  yield tableHead('cuts');
  for await (const rows of parts) yield tableLines('cuts', rows);
}

const FORMATS = {
  csv: { type: 'text/csv', made: asCsv },
  json: { type: 'application/json', made: asJson },
} as const;

/** The book as a tool: cuts filtered by anything, their sums for the charts, and what is filtered as a file. */
export function bookRoutes(pool: ShopPool): Router {
  const router = Router();
  const shopOf = ({ locals }: Response): string => locals.shopId as string;
  router.get('/', compression({ level: 1 }), async (request, response) => {
    const { rows, next } = await pageOf(pool, shopOf(response), readQuery(bookQuery, request));
    const text = `{"records":[${rows.map(storedJson).join(',')}],"next":${JSON.stringify(next)},"total":null}`;
    sendRevalidated(request, response, text);
  });
  router.get('/sums', async (request, response) => {
    const shop = shopOf(response);
    const statements = sumsStatements(shop, readQuery(bookFilter, request));
    const [months, tools, verdicts] = await Promise.all([
      pool.query<BookSums['months'][number]>(shop, statements.months),
      pool.query<BookSums['tools'][number]>(shop, statements.tools),
      pool.query<BookSums['verdicts'][number]>(shop, statements.verdicts),
    ]);
    sendRevalidated(request, response, JSON.stringify({ months, tools, verdicts } satisfies BookSums));
  });
  router.get('/settings', async (request, response) => {
    const shop = shopOf(response);
    const statement = settingsStatement(shop, readQuery(bookFilter, request));
    const settings = await pool.query<SettingRecords['settings'][number]>(shop, statement);
    sendRevalidated(request, response, JSON.stringify({ settings } satisfies SettingRecords));
  });
  router.get('/cuts.:format', async (request, response) => {
    const { format } = request.params;
    if (!Object.hasOwn(FORMATS, format)) throw notFound();
    const { type, made } = FORMATS[format as keyof typeof FORMATS];
    const parts = partsOf(pool, shopOf(response), readQuery(bookFilter, request));
    response.attachment(`pike-stone-cuts.${format}`).type(type);
    await pipeline(Readable.from(made(parts)), response);
  });
  return router;
}
