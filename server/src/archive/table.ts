import { factsOf, oncePerKind, upgraded, type Kind } from '@pike-stone/contract';
import Papa from 'papaparse';
import * as z from 'zod';
import type { ShopClient } from '../db/shop-pool';
import type { StoredRow } from '../record/stored-json';
import { rowsOf } from './rows';

interface Schema {
  readonly properties?: Readonly<Record<string, Schema>>;
  readonly anyOf?: readonly Schema[];
  readonly oneOf?: readonly Schema[];
  readonly allOf?: readonly Schema[];
}

/** Every path to a single value of a schema, in the schema's order; lists and maps are single values. */
function pathsOf(schema: Schema, above: readonly string[] = []): string[] {
  const parts = [...(schema.anyOf ?? []), ...(schema.oneOf ?? []), ...(schema.allOf ?? [])];
  const own = Object.entries(schema.properties ?? {}).flatMap(([key, inner]) =>
    pathsOf(inner, [...above, key]),
  );
  const paths = [...own, ...parts.flatMap((part) => pathsOf(part, above))];
  return paths.length > 0 ? paths : above.length > 0 ? [above.join('.')] : [];
}

const OF_RECORD = ['id', 'version', 'archived', 'updatedAt'] as const;

/**
 * Columns of a kind: those of every record, then every field that a body of the kind may have.
 * @example columnsOf('stock') // ['id', 'version', 'archived', 'updatedAt', 'name', 'metal', …]
 */
export const columnsOf = oncePerKind((kind: Kind): readonly string[] => {
  const schema = z.toJSONSchema(factsOf(kind).body, {
    unrepresentable: 'any',
    io: 'output',
    reused: 'inline',
  }) as Schema;
  const paths = [...new Set(pathsOf(schema))];
  // A field that is sometimes a list of parts and sometimes none gives its parts, and not itself.
  const whole = paths.filter((path) => !paths.some((other) => other.startsWith(`${path}.`)));
  return [...OF_RECORD, ...whole];
});

const valueAt = (body: unknown, path: string): unknown =>
  path
    .split('.')
    .reduce<unknown>((value, key) => (value as Record<string, unknown> | null | undefined)?.[key], body);

/** A value as a cell: a list or a map as JSON. */
function cellOf(value: unknown): string | number {
  if (value === undefined || value === null) return '';
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  return typeof value === 'string' || typeof value === 'number' ? value : JSON.stringify(value);
}

const NEWLINE = '\r\n';
const written = (rows: readonly (readonly (string | number)[])[]): string =>
  Papa.unparse(rows as (string | number)[][], { escapeFormulae: true, newline: NEWLINE }) + NEWLINE;

/** The columns of a kind as the first line of CSV. */
export const tableHead = (kind: Kind): string => written([columnsOf(kind)]);

/** Records of a kind as lines of CSV; nothing in them is run by a spreadsheet. */
export function tableLines(kind: Kind, rows: readonly StoredRow[]): string {
  const paths = columnsOf(kind).slice(OF_RECORD.length);
  const cells = ({ id, version, archived, updated_at, body }: StoredRow) => {
    const of = upgraded(kind, JSON.parse(body));
    return [
      id,
      version,
      cellOf(archived),
      updated_at.toISOString(),
      ...paths.map((path) => cellOf(valueAt(of, path))),
    ];
  };
  return written(rows.map(cells));
}

/** Every record of a kind as CSV text, part by part. */
export async function* tableOf(client: ShopClient, shopId: string, kind: Kind): AsyncGenerator<string> {
  yield tableHead(kind);
  for await (const rows of rowsOf(client, shopId, kind)) yield tableLines(kind, rows);
}
