import { v7 as uuidv7 } from 'uuid';
import { DEMO } from '../fixtures/demo';
import { enter, expect, test } from '../fixtures/shop';

const tool = (more: Record<string, unknown> = {}) => ({
  name: 'Reamer',
  kind: 'reamer',
  material: 'hss',
  dull: false,
  diameterMm: 10,
  teeth: 6,
  note: '',
  ...more,
});
const write = (body: unknown, version = 0, archived = false) => ({ data: { version, archived, body } });

test.describe('a record', () => {
  test.beforeEach(async ({ request }) => void (await enter(request)));

  test('is written, read back and listed, with version 1', async ({ request }) => {
    const id = uuidv7();
    const put = await request.put(`/api/tools/${id}`, write(tool()));
    expect(put.status()).toBe(200);
    expect(await put.json()).toMatchObject({ id, version: 1, archived: false, body: { name: 'Reamer' } });
    expect(await (await request.get(`/api/tools/${id}`)).json()).toMatchObject({ id, version: 1 });
    const { records } = await (await request.get('/api/tools')).json();
    expect(records.map((record: { id: string }) => record.id)).toContain(id);
  });

  test('written twice is written once', async ({ request }) => {
    const id = uuidv7();
    await request.put(`/api/tools/${id}`, write(tool()));
    const again = await request.put(`/api/tools/${id}`, write(tool()));
    expect(again.status()).toBe(200);
    expect(await again.json()).toMatchObject({ version: 1 });
  });

  test('written from an older version is refused, with the record as it stands', async ({ request }) => {
    const id = uuidv7();
    await request.put(`/api/tools/${id}`, write(tool()));
    await request.put(`/api/tools/${id}`, write(tool({ name: 'Reamer, long' }), 1));
    const stale = await request.put(`/api/tools/${id}`, write(tool({ name: 'Reamer, short' }), 1));
    expect(stale.status()).toBe(409);
    expect(stale.headers()['content-type']).toContain('application/problem+json');
    expect(await stale.json()).toMatchObject({
      title: 'Changed meanwhile',
      current: { version: 2, body: { name: 'Reamer, long' } },
    });
    expect(await (await request.get(`/api/tools/${id}`)).json()).toMatchObject({
      version: 2,
      body: { name: 'Reamer, long' },
    });
  });

  test('of two writes at once from one version exactly one wins', async ({ request }) => {
    const id = uuidv7();
    await request.put(`/api/tools/${id}`, write(tool()));
    const names = ['a', 'b', 'c', 'd', 'e', 'f'];
    const answers = await Promise.all(
      names.map((name) => request.put(`/api/tools/${id}`, write(tool({ name }), 1))),
    );
    expect(answers.map((answer) => answer.status()).sort()).toEqual([200, 409, 409, 409, 409, 409]);
  });

  test('with a version but no such record is not made up', async ({ request }) => {
    expect((await request.put(`/api/tools/${uuidv7()}`, write(tool(), 3))).status()).toBe(404);
  });

  test('is put away and brought back, and cannot be deleted', async ({ request }) => {
    const id = uuidv7();
    await request.put(`/api/tools/${id}`, write(tool()));
    expect(await (await request.put(`/api/tools/${id}`, write(tool(), 1, true))).json()).toMatchObject({
      version: 2,
      archived: true,
    });
    expect((await request.delete(`/api/tools/${id}`)).status()).toBe(404);
    expect(await (await request.put(`/api/tools/${id}`, write(tool(), 2, false))).json()).toMatchObject({
      version: 3,
      archived: false,
    });
  });
});

test.describe('what does not fit is refused with a sentence', () => {
  test.beforeEach(async ({ request }) => void (await enter(request)));

  const faults: readonly [what: string, body: unknown, path: string, sentence: RegExp][] = [
    ['an empty name', tool({ name: '   ' }), 'body.name', /Give it a name/],
    ['a name of 10,000 characters', tool({ name: 'x'.repeat(10_000) }), 'body.name', /under 60 characters/],
    ['a size of zero', tool({ diameterMm: 0 }), 'body.diameterMm', /from 0.2 to 500 mm/],
    ['a negative size', tool({ diameterMm: -3 }), 'body.diameterMm', /from 0.2 to 500 mm/],
    ['an absurd size', tool({ diameterMm: 1e9 }), 'body.diameterMm', /from 0.2 to 500 mm/],
    ['letters for a number', tool({ diameterMm: 'ten' }), 'body.diameterMm', /from 0.2 to 500 mm/],
    ['half a tooth', tool({ teeth: 2.5 }), 'body.teeth', /whole number/],
    ['an unknown edge', tool({ material: 'cheese' }), 'body.material', /edge is made of/],
  ];
  for (const [what, body, path, sentence] of faults) {
    test(what, async ({ request }) => {
      const answer = await request.put(`/api/tools/${uuidv7()}`, write(body));
      expect(answer.status()).toBe(400);
      const { fields } = await answer.json();
      expect(fields).toEqual(expect.arrayContaining([{ path, message: expect.stringMatching(sentence) }]));
    });
  }

  test('speeds that do not rise, at the row that does not', async ({ request }) => {
    const { body } = await (await request.get(`/api/machines/${DEMO.machine.mill}`)).json();
    const answer = await request.put(
      `/api/machines/${uuidv7()}`,
      write({
        ...body,
        speeds: [
          { rpm: 100, setting: 'a' },
          { rpm: 90, setting: 'b' },
        ],
      }),
    );
    expect((await answer.json()).fields).toEqual([
      { path: 'body.speeds.1', message: expect.stringContaining('rise down the list') },
    ]);
  });

  test('a cut that names a machine of nobody', async ({ request }) => {
    const { body } = await (await request.get(`/api/cuts/${DEMO.cut.bush}`)).json();
    const answer = await request.put(`/api/cuts/${uuidv7()}`, write({ ...body, machineId: uuidv7() }));
    expect(answer.status()).toBe(400);
    expect((await answer.json()).detail).toContain('not in this shop');
  });

  test('a session at the grinder of a bit of nobody, and one of an angle that no bit has', async ({
    request,
  }) => {
    const { records } = await (await request.get('/api/grinds')).json();
    const { body } = records[0];
    const grind = (more: object) => request.put(`/api/grinds/${uuidv7()}`, write({ ...body, ...more }));
    expect((await grind({})).status()).toBe(200);
    const stranger = await grind({ bitId: uuidv7() });
    expect(stranger.status()).toBe(400);
    expect((await stranger.json()).detail).toContain('not in this shop');
    const steep = await grind({ readings: [{ step: 'side', plane: 'across-shank', deg: 400, by: 'typed' }] });
    expect(steep.status()).toBe(400);
    expect(await steep.json()).toMatchObject({ fields: [{ path: 'body.readings.0.deg' }] });
  });

  test('a dress of a wheel of nobody, a sharpening of a tool of nobody, and what no wheel has', async ({
    request,
  }) => {
    const first = async (kind: string) =>
      (await (await request.get(`/api/${kind}`)).json()).records[0].body as Record<string, unknown>;
    const [dress, sharpening] = [await first('wheel-book'), await first('sharpenings')];
    const put = (kind: string, body: object) => request.put(`/api/${kind}/${uuidv7()}`, write(body));
    for (const [kind, body] of [
      ['wheel-book', { ...dress, wheelId: uuidv7() }],
      ['sharpenings', { ...sharpening, toolId: uuidv7() }],
      ['sharpenings', { ...sharpening, wheelId: uuidv7() }],
    ] as const) {
      const stranger = await put(kind, body);
      expect(stranger.status()).toBe(400);
      expect((await stranger.json()).detail).toContain('not in this shop');
    }
    expect((await put('wheel-book', dress)).status()).toBe(200);
    expect((await put('sharpenings', { ...sharpening, toolId: null, wheelId: null })).status()).toBe(200);
    for (const [kind, body, field] of [
      ['wheel-book', { ...dress, diameterMm: 4 }, 'diameterMm'],
      ['wheel-book', { ...dress, act: 'polished' }, 'act'],
      ['sharpenings', { ...sharpening, heightsMm: [11] }, 'heightsMm.0'],
      ['rounds', { startedAt: 'today', finishedAt: null, groups: [], done: [] }, 'startedAt'],
    ] as const) {
      const answer = await put(kind, body);
      expect(answer.status(), field).toBe(400);
      expect(await answer.json()).toMatchObject({ fields: [{ path: `body.${field}` }] });
    }
    const round = { startedAt: '2026-11-01T08:00:00.000Z', finishedAt: null, groups: [], done: [] };
    expect((await put('rounds', round)).status()).toBe(200);
  });

  test('a form that is none, a tool that carries none, a cutter of a tool of nobody', async ({ request }) => {
    const { body } = await (await request.get(`/api/forms/${DEMO.form.pinion}`)).json();
    const form = (more: object) => request.put(`/api/forms/${uuidv7()}`, write({ ...body, ...more }));
    expect((await form({})).status()).toBe(200);
    const { gear } = body.source;
    for (const [more, field] of [
      [{ source: { ...body.source, gear: { ...gear, teeth: 3 } } }, 'source.gear.teeth'],
      [{ source: { ...body.source, gear: { ...gear, shift: 4 } } }, 'source.gear.shift'],
      [{ source: { kind: 'points', points: [[0, 0]], toleranceMm: 0.01 } }, 'source.points'],
      [{ tool: { ...body.tool, clearanceDeg: 60 } }, 'tool.clearanceDeg'],
      [{ way: 'by-eye' }, 'way'],
    ] as const) {
      const answer = await form(more);
      expect(answer.status(), field).toBe(400);
      expect(await answer.json()).toMatchObject({ fields: [{ path: `body.${field}` }] });
    }
    const stranger = await form({ toolId: uuidv7() });
    expect(stranger.status()).toBe(400);
    expect((await stranger.json()).detail).toContain('not in this shop');
  });

  test('a bit that no wheel grinds, at the field', async ({ request }) => {
    const { body } = await (await request.get(`/api/bits/${DEMO.bit.general}`)).json();
    const bit = (more: object) => request.put(`/api/bits/${uuidv7()}`, write({ ...body, ...more }));
    expect((await bit({})).status()).toBe(200);
    for (const [more, field] of [
      [{ wheel: { ...body.wheel, diameterMm: 12 } }, 'wheel.diameterMm'],
      [{ angles: { ...body.angles, sideRakeDeg: 75 } }, 'angles.sideRakeDeg'],
      [{ blank: { ...body.blank, widthMm: 0 } }, 'blank.widthMm'],
      [{ shape: 'spoon' }, 'shape'],
    ] as const) {
      const answer = await bit(more);
      expect(answer.status()).toBe(400);
      expect(await answer.json()).toMatchObject({ fields: [{ path: `body.${field}` }] });
    }
  });

  test('a body that is not JSON', async ({ request }) => {
    const answer = await request.put(`/api/tools/${uuidv7()}`, {
      data: Buffer.from('{"version": 0,'),
      headers: { 'Content-Type': 'application/json' },
    });
    expect(answer.status()).toBe(400);
    expect((await answer.json()).detail).toContain('well-formed');
  });

  test('a body of another kind', async ({ request }) => {
    expect(
      (
        await request.put(`/api/tools/${uuidv7()}`, {
          data: 'name=x',
          headers: { 'Content-Type': 'text/plain' },
        })
      ).status(),
    ).toBe(415);
  });

  test('a body larger than a record may be', async ({ request }) => {
    const answer = await request.put(`/api/tools/${uuidv7()}`, write(tool({ note: 'x'.repeat(200_000) })));
    expect(answer.status()).toBe(413);
    expect((await answer.json()).detail).toContain('64 kB');
  });

  test('a bare list, a bare number, nothing at all', async ({ request }) => {
    for (const data of ['[]', '5', 'null']) {
      const answer = await request.put(`/api/tools/${uuidv7()}`, {
        data: Buffer.from(data),
        headers: { 'Content-Type': 'application/json' },
      });
      expect(answer.status()).toBe(400);
    }
  });

  test('an id that is none, or of another making', async ({ request }) => {
    for (const id of ['7', 'x'.repeat(300), '3f0e8f6a-9c1b-4f9e-8a50-3d4f7a0f6a11', '%27%20or%201=1']) {
      expect((await request.put(`/api/tools/${id}`, write(tool()))).status()).toBe(404);
      expect((await request.get(`/api/tools/${id}`)).status()).toBe(404);
    }
  });

  test('words that are code are kept as words', async ({ request }) => {
    const id = uuidv7();
    const name = `'); drop table tool; -- <b>"&`;
    await request.put(`/api/tools/${id}`, write(tool({ name })));
    expect((await (await request.get(`/api/tools/${id}`)).json()).body.name).toBe(name);
  });
});
