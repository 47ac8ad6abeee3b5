import { type APIRequestContext } from '@playwright/test';
import { v7 as uuidv7 } from 'uuid';
import { enter, expect, owner, test } from '../fixtures/shop';

const box = { kind: 'insert-box', name: 'Box', material: 'carbide-coated', edgesEach: 4, note: '' };
const entry = (itemId: string | null, more: Record<string, unknown> = {}) => ({
  of: 'supplies',
  itemId,
  at: '2026-11-01T10:00:00.000Z',
  act: 'used',
  edges: -1,
  lengthMm: 0,
  massG: 0,
  cost: 2,
  note: '',
  ...more,
});
const put = (request: APIRequestContext, path: string, body: unknown, version = 0, archived = false) =>
  request.put(path, { data: { version, archived, body } });

async function newBox(request: APIRequestContext): Promise<string> {
  await enter(request);
  const id = uuidv7();
  expect((await put(request, `/api/supplies/${id}`, box)).status()).toBe(200);
  return id;
}
async function levelOf(request: APIRequestContext, itemId: string | null) {
  const { levels } = (await (await request.get('/api/stock-levels')).json()) as {
    levels: { itemId: string | null; edges: number; entries: number; cost: number }[];
  };
  return levels.find((level) => level.itemId === itemId);
}

test.describe('the ledger', () => {
  test('two phones at once lose nothing: forty edges used from both are forty edges less', async ({
    request,
    playwright,
    shop,
  }) => {
    const id = await newBox(request);
    await put(request, `/api/ledger/${uuidv7()}`, entry(id, { act: 'bought', edges: 100, cost: 50 }));
    // A second phone with a connection of its own, let in by the same cookie.
    const other = await playwright.request.newContext({
      baseURL: shop.url,
      storageState: await request.storageState(),
    });
    const answers = await Promise.all(
      Array.from({ length: 40 }, (_, i) =>
        put(i % 2 === 0 ? request : other, `/api/ledger/${uuidv7()}`, entry(id)),
      ),
    );
    expect(answers.map((answer) => answer.status())).toEqual(Array(40).fill(200));
    expect(await levelOf(request, id)).toMatchObject({ edges: 60, entries: 41, cost: 130 });
    await other.dispose();
  });

  test('an entry sent twice counts once', async ({ request }) => {
    const id = await newBox(request);
    const path = `/api/ledger/${uuidv7()}`;
    await Promise.all([put(request, path, entry(id)), put(request, path, entry(id))]);
    expect((await put(request, path, entry(id))).status()).toBe(200);
    expect(await levelOf(request, id)).toMatchObject({ edges: -1, entries: 1 });
  });

  test('an entry is never changed, archived or overwritten; another puts it right', async ({
    request,
    shop,
  }) => {
    const id = await newBox(request);
    const path = `/api/ledger/${uuidv7()}`;
    await put(request, path, entry(id));
    for (const [version, archived] of [
      [1, false],
      [0, true],
    ] as const) {
      const refused = await put(request, path, entry(id, { edges: -5 }), version, archived);
      expect(refused.status()).toBe(400);
      expect(await refused.json()).toMatchObject({ title: 'Only added to' });
    }
    expect((await put(request, path, entry(id, { edges: -5 }))).status()).toBe(409);
    await put(request, `/api/ledger/${uuidv7()}`, entry(id, { act: 'put-back', edges: 1, cost: -2 }));
    expect(await levelOf(request, id)).toMatchObject({ edges: 0, entries: 2, cost: 0 });
    // Nor has the application the right to change one behind the server's back.
    const rights = await owner(shop.ownerUrl, (client) =>
      client.query<{ may: boolean }>(
        `select bool_or(has_table_privilege('pike_app', 'ledger_entry', what)) as may from unnest(array['update', 'delete', 'truncate']) as what`,
      ),
    );
    expect(rights.rows).toEqual([{ may: false }]);
  });

  test('the newest entries of one thing come first; nothing of another is among them', async ({
    request,
  }) => {
    const [one, other] = [await newBox(request), await newBox(request)];
    for (const [id, note] of [
      [one, 'first'],
      [other, 'not mine'],
      [one, 'second'],
    ] as const)
      await put(request, `/api/ledger/${uuidv7()}`, entry(id, { note }));
    const { entries } = await (await request.get(`/api/stock-levels/${one}`)).json();
    expect(entries.map(({ body }: { body: { note: string } }) => body.note)).toEqual(['second', 'first']);
    expect((await request.get('/api/stock-levels/none')).status()).toBe(404);
  });

  test('bad entries are refused at their field', async ({ request }) => {
    const id = await newBox(request);
    const fault = async (body: unknown) => {
      const answer = await put(request, `/api/ledger/${uuidv7()}`, body);
      expect(answer.status()).toBe(400);
      return ((await answer.json()).fields ?? []).map(({ path }: { path: string }) => path);
    };
    expect(await fault(entry(id, { edges: 0.5 }))).toEqual(['body.edges']);
    expect(await fault(entry(id, { act: 'stolen' }))).toEqual(['body.act']);
    expect(await fault(entry(null))).toEqual(['body.itemId']);
    expect(await fault(entry(id, { of: 'scrap' }))).toEqual(['body.itemId']);
    // A box that is not of this shop.
    expect(await fault(entry(uuidv7()))).toEqual([]);
    expect((await put(request, `/api/supplies/${uuidv7()}`, { ...box, edgesEach: 0 })).status()).toBe(400);
    expect((await put(request, `/api/supplies/${uuidv7()}`, { ...box, price: -1 })).status()).toBe(400);
  });
});
