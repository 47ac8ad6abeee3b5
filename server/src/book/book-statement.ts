import { searchWords } from '@pike-stone/contract';
import type { BookFilter, BookQuery } from '@pike-stone/contract/book';
import type pg from 'pg';
import { readPlace } from '../record/list-place';
import { searchText } from '../record/list-statement';

/** Cuts that are looked at for words before a page is given as far as it has come. */
export const LOOKED_AT = 1_500;

/** Columns of a cut and of its cell by which it is filtered. */
const DIMENSIONS = {
  machine: 'machine_id',
  stock: 'stock_id',
  tool: 'tool_id',
  operation: 'operation',
  outcome: 'outcome',
} as const;
type Dimension = keyof typeof DIMENSIONS;
const dimensionsOf = (filter: BookFilter): Dimension[] =>
  (Object.keys(DIMENSIONS) as Dimension[]).filter((one) => filter[one] !== undefined);

/** The values of a statement, each with its place in it. */
export class Values {
  readonly list: unknown[] = [];
  readonly add = (value: unknown): string => `$${this.list.push(value)}`;
}

/** Conditions on the cells that fit a filter. */
export const cellConditions = (filter: BookFilter, shop: string, { add }: Values): string =>
  [
    `cell.shop_id = ${shop}`,
    ...dimensionsOf(filter).map((one) => `cell.${DIMENSIONS[one]} = ${add(filter[one])}`),
  ].join(' and ');

const NEXT_DAY_MS = 86_400_000;
/** First moment after a day. */
const dayAfter = (day: string): string =>
  new Date(Date.parse(`${day}T00:00:00Z`) + NEXT_DAY_MS).toISOString().slice(0, 10);

/** Conditions on the time of a cut: the days of a filter, and what comes after the last of a page. */
function timeConditions({ from, to, after }: BookQuery, at: string, id: string, { add }: Values): string {
  const conditions: string[] = [];
  if (from) conditions.push(`${at} >= ${add(from)}`);
  if (to) conditions.push(`${at} < ${add(dayAfter(to))}`);
  if (after) {
    const [time, last] = readPlace(after);
    conditions.push(`(${at}, ${id}) < (${add(time)}, ${add(last)}::uuid)`);
  }
  return conditions.map((one) => ` and ${one}`).join('');
}

/**
 * The part of the statement that picks the newest cuts by everything but words.
 *
 * Cuts lie in cells of one machine, stock, tool, operation and outcome. A filter by one thing reads the index of
 * that thing. A filter by several asks each cell that fits for its newest, so that a page takes as long among a
 * million cuts as among a thousand, however rarely the things come together. A run is read whole: it is short.
 */
function picked(query: BookQuery, shop: string, most: string, values: Values): string {
  const { add } = values;
  const newest = (table: string, id: string, conditions: string): string =>
    `select one.taken_at, one.${id} as id from ${table} one where one.shop_id = ${shop}${conditions}${timeConditions(query, 'one.taken_at', `one.${id}`, values)}
     order by one.taken_at desc, one.${id} desc limit ${most}`;
  const dimensions = dimensionsOf(query);
  const own = (): string =>
    dimensions.map((one) => ` and one.${DIMENSIONS[one]} = ${add(query[one])}`).join('');
  if (query.run) {
    const seen = query.sign ? ` and one.body -> 'signs' ? ${add(query.sign)}` : '';
    return newest('cut', 'id', ` and not one.archived and one.run_id = ${add(query.run)}${own()}${seen}`);
  }
  const [table, id] = query.sign ? (['cut_sign', 'cut_id'] as const) : (['cut', 'id'] as const);
  const there = query.sign ? ` and one.sign = ${add(query.sign)}` : ' and not one.archived';
  const isByCells = dimensions.length > 1 || (dimensions.length > 0 && query.sign !== undefined);
  if (!isByCells) return newest(table, id, there + own());
  return `select there.taken_at, there.id from cut_cell cell, lateral (
      ${newest(table, id, `${there} and one.cell_id = cell.cell_id`)}
    ) as there where ${cellConditions(query, shop, values)}
    order by there.taken_at desc, there.id desc limit ${most}`;
}

/**
 * The statement that reads a page of filtered cuts, the newest first by the day they were taken, and one more
 * to know whether another page follows. With words, so many of the newest that fit otherwise are looked at, and
 * `looked_at`, `last_at` and `last_id` say how far that was.
 */
export function bookStatement(shopId: string, query: BookQuery): pg.QueryConfig {
  const values = new Values();
  const { add } = values;
  const shop = add(shopId);
  const words = searchWords(query.q ?? '');
  const most = add(words.length > 0 ? LOOKED_AT : query.limit + 1);
  const found = words.length > 0 ? `c.words @@ to_tsquery('simple', ${add(searchText(words))})` : 'true';
  const text = `with picked as materialized (${picked(query, shop, most, values)}),
      seen as (select count(*)::int as looked_at from picked),
      last as (select taken_at as last_at, id as last_id from picked order by taken_at, id limit 1)
    select c.id, c.version, c.archived, c.updated_at, c.body::text as body, c.taken_at, seen.looked_at, last.last_at, last.last_id
    from seen left join last on true
      left join lateral (
        select c.* from picked p join cut c on c.shop_id = ${shop} and c.id = p.id
        where not c.archived and ${found} order by p.taken_at desc, p.id desc limit ${add(query.limit + 1)}
      ) as c on true
    order by c.taken_at desc, c.id desc`;
  return { text, values: values.list };
}
