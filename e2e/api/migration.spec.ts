import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { toolBody, upgraded } from '@pike-stone/contract';
import { v7 as uuidv7 } from 'uuid';
import { expect, freshDatabase, owner, test } from '../fixtures/shop';

const migration = (name: string): string =>
  readFileSync(join(import.meta.dirname, '../../server/migrations', name), 'utf8');
const FLAT: readonly Record<string, unknown>[] = JSON.parse(
  readFileSync(join(import.meta.dirname, '../../server/characterisation/flat-tools.json'), 'utf8'),
);

const any = {
  material: 'hss',
  dull: true,
  note: 'ground again',
  diameterMm: 10,
  teeth: 2,
  fluteLengthMm: 25,
  noseRadiusMm: 0.4,
  approachDeg: 90,
  cornerDeg: 80,
};
/** What people typed that the demo workshop has not: nothing optional, everything optional, odd angles. */
const ODD = [
  ...[...new Set(FLAT.map(({ kind }) => kind))].flatMap((kind) => [
    { ...any, kind, name: `bare ${String(kind)}` },
    {
      ...any,
      ...{ rakeDeg: -5, coating: 'none', centreCutting: false, shankMm: 12.7, bladeMm: 3.175 },
      kind,
      name: `whole ${String(kind)}`,
    },
  ]),
  { ...any, kind: 'threading-tool', name: 'old inch form', cornerDeg: 55 },
  { ...any, kind: 'threading-tool', name: 'near the old form', cornerDeg: 57.4 },
  { ...any, kind: 'threading-tool', name: 'near the new form', cornerDeg: 57.5 },
];

test('a database with tools of the old shape comes out with each kind’s own sizes, and loses nothing', async () => {
  const url = await freshDatabase('tools_by_kind');
  const shop = uuidv7();
  const stored = [...FLAT, ...ODD].map((body) => ({ id: uuidv7(), body }));
  // One that was written by a newer page already: it stays as it is.
  const newer = { kind: 'file', name: 'Second cut', material: 'carbon-steel', dull: false, note: '' };
  await owner(url, async (client) => {
    await client.query(
      `do $$ begin if not exists (select from pg_roles where rolname = 'pike_app') then create role pike_app login; end if; end $$`,
    );
    await client.query(migration('001.do.shop-records.sql'));
    await client.query('insert into shop (shop_id, name) values ($1, $2)', [shop, 'Shop']);
    for (const { id, body } of [...stored, { id: uuidv7(), body: newer }])
      await client.query(
        `insert into tool (shop_id, id, version, archived, body, updated_at) values ($1, $2, 3, true, $3, '2026-01-02')`,
        [shop, id, body],
      );

    await client.query(migration('002.do.tools-by-kind.sql'));

    const { rows } = await client.query(
      `select id, version, archived, body, updated_at = '2026-01-02' as same_time from tool`,
    );
    expect(rows).toHaveLength(stored.length + 1);
    for (const { id, body } of stored) {
      const now = rows.find((row) => row.id === id);
      expect(now).toMatchObject({ version: 3, archived: true, same_time: true });
      expect(now.body).toEqual(upgraded('tools', body));
      expect(toolBody.safeParse(now.body).error?.issues ?? []).toEqual([]);
    }
    expect(rows.map(({ body }) => body)).toContainEqual(newer);

    const before = await client.query('select id, body from tool_before_kinds');
    expect(before.rows).toHaveLength(stored.length);
    for (const { id, body } of stored) expect(before.rows).toContainEqual({ id, body });
    // The application has no business with what was before.
    await client.query('set role pike_app');
    await expect(client.query('select * from tool_before_kinds')).rejects.toThrow('permission denied');
    await client.query('reset role');
  });
});
