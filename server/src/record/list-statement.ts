import { factsOf, isFound, isNamed, searchWords, type Kind, type ListQuery } from '@pike-stone/contract';
import type pg from 'pg';
import { noSuchPage, readPlace, UUID, writePlace } from './list-place';

/** The text by which the page after a record is asked for. */
export const placeOf = (order: ListQuery['order'], id: string, name: string): string =>
  order === 'newest' ? id : writePlace([name, id]);

/** A search as PostgreSQL wants it: each word by its beginning. */
export const searchText = (words: readonly string[]): string =>
  words.map((word) => `'${word.replaceAll(/['\\]/g, ' ')}':*`).join(' & ');

/** The statement that reads one page of a kind, and one record more to know whether another page follows. */
export function listStatement(shopId: string, kind: Kind, query: ListQuery): pg.QueryConfig {
  const { limit, after, q, archived, kinds, dull, order } = query;
  if ((order === 'name' || kinds || dull) && !isNamed(kind))
    throw noSuchPage('order', 'These records have no name to be ordered by.');
  const words = searchWords(q ?? '');
  if (words.length > 0 && !isFound(kind))
    throw noSuchPage('q', 'These records have no words to be found by.');
  if (after && order === 'newest' && !UUID.test(after))
    throw noSuchPage('after', 'It is not the next of a page of this list.');
  if (words.length > 0 && factsOf(kind).many) return searchOfMany(shopId, kind, query, words);
  const values: unknown[] = [shopId];
  const value = (one: unknown): string => `$${values.push(one)}`;
  const where = ['shop_id = $1'];
  if (archived) where.push(`archived = ${value(archived === '1')}`);
  if (kinds) where.push(`body ->> 'kind' = any(${value(kinds.split(','))})`);
  if (dull) where.push(`(body ->> 'dull')::boolean`);
  if (words.length > 0) where.push(`words @@ to_tsquery('simple', ${value(searchText(words))})`);
  if (after && order === 'newest') where.push(`id < ${value(after)}`);
  if (after && order === 'name') {
    const [name, id] = readPlace(after);
    where.push(`(name, id) > (${value(name)}, ${value(id)})`);
  }
  const text = `select id, version, archived, updated_at, body::text as body${order === 'name' ? ', name' : ''}
    from ${factsOf(kind).table} where ${where.join(' and ')}
    order by ${order === 'name' ? 'name, id' : 'id desc'} limit ${value(limit + 1)}`;
  return words.length > 0 ? { text, values } : { name: nameOf(kind, query), text, values };
}

/** A search among records of which there may be a million; the function of the database says why it is one. */
function searchOfMany(
  shopId: string,
  kind: Kind,
  { limit, after, archived }: ListQuery,
  words: readonly string[],
): pg.QueryConfig {
  const { table } = factsOf(kind);
  return {
    name: `search-${kind}`,
    text: `select id, version, archived, updated_at, body::text as body from ${table}
      where shop_id = $1 and id in (select ${table}s_with_words($2, $3, $4, $5)) order by id desc`,
    values: [shopId, searchText(words), after ?? null, archived ? archived === '1' : null, limit + 1],
  };
}

/** Name of a prepared statement: two of one name have the same text. */
const nameOf = (kind: Kind, { after, archived, kinds, dull, order }: ListQuery): string =>
  ['list', kind, order, after && 'after', archived && 'archived', kinds && 'kinds', dull && 'dull']
    .filter(Boolean)
    .join('-');
