import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import {
  bookFilter,
  bookQuery,
  type BookQuery,
  type BookSums,
  type SettingRecords,
} from '@pike-stone/contract/book';
import compression from 'compression';
import { Router } from 'express';
import type { ShopPool } from '../db/shop-pool';
import { invalid, notFound } from '../http/problem';
import { sendRevalidated } from '../http/revalidated';
import { placeOf } from '../record/list-statement';
import { storedJson, type StoredRow } from '../record/stored-json';
import { tablePart } from '../archive/table';
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
  if (found.length > query.limit && last) return { rows, next: placeOf('name', last.id, last.taken_at) };
  // Words were looked for among so many cuts only: the next page goes on behind them.
  const isCutOff = query.q && whole?.looked_at === LOOKED_AT && whole.last_id !== null;
  return { rows, next: isCutOff ? placeOf('name', whole.last_id!, whole.last_at!) : null };
}

/** Every cut of a filter, part by part. */
async function* partsOf(pool: ShopPool, shopId: string, query: BookQuery): AsyncGenerator<readonly Row[]> {
  let after: string | undefined;
  do {
    const { rows, next } = await pageOf(pool, shopId, { ...query, limit: EXPORTED, after });
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
  yield tablePart('cuts', null);
  for await (const rows of parts) yield tablePart('cuts', rows);
}

const FORMATS = {
  csv: { type: 'text/csv', made: asCsv },
  json: { type: 'application/json', made: asJson },
} as const;

/** The book as a tool: cuts filtered by anything, their sums for the charts, and what is filtered as a file. */
export function bookRoutes(pool: ShopPool): Router {
  const router = Router();
  router.get('/', compression({ level: 1 }), async (request, response) => {
    const read = bookQuery.safeParse(request.query);
    if (!read.success) throw invalid(read.error);
    const { rows, next } = await pageOf(pool, response.locals.shopId as string, read.data);
    const text = `{"records":[${rows.map(storedJson).join(',')}],"next":${JSON.stringify(next)},"total":null}`;
    sendRevalidated(request, response, text);
  });
  router.get('/sums', async (request, response) => {
    const read = bookFilter.safeParse(request.query);
    if (!read.success) throw invalid(read.error);
    const { shopId } = response.locals as { shopId: string };
    const statements = sumsStatements(shopId, read.data);
    const [months, tools, verdicts] = await Promise.all([
      pool.query<BookSums['months'][number]>(shopId, statements.months),
      pool.query<BookSums['tools'][number]>(shopId, statements.tools),
      pool.query<BookSums['verdicts'][number]>(shopId, statements.verdicts),
    ]);
    sendRevalidated(request, response, JSON.stringify({ months, tools, verdicts } satisfies BookSums));
  });
  router.get('/settings', async (request, response) => {
    const read = bookFilter.safeParse(request.query);
    if (!read.success) throw invalid(read.error);
    const { shopId } = response.locals as { shopId: string };
    const settings = await pool.query<SettingRecords['settings'][number]>(
      shopId,
      settingsStatement(shopId, read.data),
    );
    sendRevalidated(request, response, JSON.stringify({ settings } satisfies SettingRecords));
  });
  router.get('/cuts.:format', async (request, response) => {
    const format = FORMATS[request.params.format as keyof typeof FORMATS] as
      (typeof FORMATS)['csv'] | undefined;
    if (!format) throw notFound();
    const read = bookQuery.safeParse(request.query);
    if (!read.success) throw invalid(read.error);
    const parts = partsOf(pool, response.locals.shopId as string, read.data);
    response.attachment(`pike-stone-cuts.${request.params.format}`).type(format.type);
    await pipeline(Readable.from(format.made(parts)), response);
  });
  return router;
}
