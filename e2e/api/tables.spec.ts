import { request as send } from 'node:http';
import { KINDS } from '@pike-stone/contract';
import { v7 as uuidv7 } from 'uuid';
import { DEMO } from '../fixtures/demo';
import { enter, expect, test } from '../fixtures/shop';

test('every record of a kind is a row, with a column for each field, and no cell is run', async ({
  request,
}) => {
  await enter(request);
  const { body } = (await (await request.get(`/api/tools/${DEMO.tool.drill85}`)).json()) as {
    body: Record<string, unknown>;
  };
  const id = uuidv7();
  await request.put(`/api/tools/${id}`, {
    data: { version: 0, archived: false, body: { ...body, name: '=1+1', note: 'two\nlines, "quoted"' } },
  });
  const answer = await request.get('/api/archive/tools.csv');
  expect(answer.headers()['content-type']).toContain('text/csv');
  const text = await answer.text();
  const [heading] = text.split('\r\n');
  expect(heading!.split(',').slice(0, 4)).toEqual(['id', 'version', 'archived', 'updatedAt']);
  expect(heading!.split(',')).toEqual(expect.arrayContaining(['name', 'diameterMm', 'note', 'dull']));
  const { total } = (await (await request.get('/api/tools?limit=1')).json()) as { total: number };
  expect(text.match(/\r\n/g)!.length).toBe(total + 1);
  const row = text.slice(text.indexOf(id));
  expect(row).toContain(`'=1+1`);
  expect(row).toContain('"two\nlines, ""quoted"""');
  for (const kind of KINDS.filter((one) => one !== 'photos'))
    expect((await request.get(`/api/archive/${kind}.csv`)).status(), kind).toBe(200);
  for (const none of ['photos', 'session', 'tools'])
    expect((await request.get(`/api/archive/${none}${none === 'tools' ? '' : '.csv'}`)).status()).toBe(404);
});

test('six asked for at once all come, two at a time', async ({ request }) => {
  await enter(request);
  const kinds = ['tools', 'machines', 'metals', 'stock', 'cuts', 'rules'];
  const answers = await Promise.all(kinds.map((kind) => request.get(`/api/archive/${kind}.csv`)));
  expect(answers.map((answer) => answer.status())).toEqual(kinds.map(() => 200));
});

test('while two files are still on their way in, a third is asked to wait; then it comes', async ({
  request,
  shop,
}) => {
  await enter(request);
  const { cookies } = await request.storageState();
  const headers = {
    cookie: cookies.map(({ name, value }) => `${name}=${value}`).join('; '),
    'content-type': 'application/zip',
  };
  const coming = [1, 2].map(() => {
    const upload = send(`${shop.url}/api/archive`, { method: 'POST', headers });
    upload.on('error', () => undefined);
    upload.write('PK');
    return upload;
  });
  const table = () => request.get('/api/archive/tools.csv');
  await expect.poll(async () => (await table()).status()).toBe(429);
  const refused = await table();
  expect([refused.status(), refused.headers()['retry-after']]).toEqual([429, '10']);
  expect(await refused.text()).toContain('Two files of the shop are being made or read already.');
  for (const upload of coming) upload.destroy();
  expect((await table()).status()).toBe(200);
});
