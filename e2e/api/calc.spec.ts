import { enter, expect, test } from '../fixtures/shop';

test.describe('calculations for a spreadsheet or a script', () => {
  test('need no session, answer in JSON, and say the topics', async ({ shop }) => {
    const ask = (topic: string, body: unknown) =>
      fetch(`${shop.url}/api/calc/${topic}`, {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify(body),
      });
    const { topics } = (await (await fetch(`${shop.url}/api/calc`)).json()) as { topics: string[] };
    expect(topics).toEqual(
      expect.arrayContaining(['spindle-speed', 'kienzle-turning', 'thread-depth', 'cut-plan']),
    );
    const metric = (await (
      await ask('spindle-speed', { cutting_speed_m_min: 25, diameter_mm: 40 })
    ).json()) as { result: { spindle_speed_rpm: number } };
    expect(metric.result.spindle_speed_rpm).toBeCloseTo(198.94, 1);
    const inch = (await (
      await ask('spindle-speed', { cutting_speed_sfm: 82.0209974, diameter_in: 1.57480315 })
    ).json()) as typeof metric;
    expect(inch.result.spindle_speed_rpm).toBeCloseTo(metric.result.spindle_speed_rpm, 3);
    const thread = (await (
      await ask('thread-infeed', {
        depth_mm: 1,
        nose_flat_mm: 0,
        thread_angle_deg: 60,
        compound_angle_deg: 0,
        passes: 4,
        first_pass_mm: null,
      })
    ).json()) as { result: { cumulative_radial_mm: number[] } };
    expect(thread.result.cumulative_radial_mm.map((x) => Number(x.toFixed(4)))).toEqual([
      0.5, 0.7071, 0.866, 1,
    ]);
  });

  test('refuse what does not fit as problem+json with the fields, and what there is not', async ({
    shop,
  }) => {
    const ask = (topic: string, body: string, type = 'application/json') =>
      fetch(`${shop.url}/api/calc/${topic}`, { method: 'POST', headers: { 'content-type': type }, body });
    const wrong = await ask('drill-point', '{"diameter_mm":"ten"}');
    expect(wrong.status).toBe(400);
    expect(wrong.headers.get('content-type')).toContain('application/problem+json');
    expect(((await wrong.json()) as { fields: { path: string }[] }).fields.map(({ path }) => path)).toEqual(
      expect.arrayContaining(['diameter_mm', 'point_angle_deg']),
    );
    const outside = await ask('surface-speed', '{"spindle_speed_rpm":100,"diameter_mm":-1}');
    expect(((await outside.json()) as { detail: string }).detail).toBe(
      'Diameter must be more than 0, not -1.',
    );
    expect((await ask('dance', '{}')).status).toBe(404);
    expect((await ask('drill-point', '{', 'application/json')).status).toBe(400);
    expect((await ask('drill-point', 'x', 'text/plain')).status).toBe(415);
  });

  test('are described one by one in the OpenAPI document', async ({ shop }) => {
    const { paths } = (await (await fetch(`${shop.url}/api/openapi.json`)).json()) as {
      paths: Record<
        string,
        {
          post?: {
            requestBody: { content: Record<string, { schema: { properties?: Record<string, unknown> } }> };
          };
        }
      >;
    };
    const { topics } = (await (await fetch(`${shop.url}/api/calc`)).json()) as { topics: string[] };
    for (const topic of topics) expect(paths[`/api/calc/${topic}`]?.post).toBeDefined();
    expect(
      Object.keys(
        paths['/api/calc/drill-point']!.post!.requestBody.content['application/json']!.schema.properties!,
      ),
    ).toEqual(['diameter_mm', 'point_angle_deg', 'web_mm']);
  });

  test('a whole cut from the shop’s own records', async ({ shop, request }) => {
    await enter(request);
    const first = async (kind: string) =>
      ((await (await request.get(`/api/${kind}`)).json()) as { records: { body: { kind?: string } }[] })
        .records;
    const [machines, stock, tools] = await Promise.all(['machines', 'stock', 'tools'].map(first));
    const question = {
      machine: machines!.find(({ body }) => body.kind === 'lathe')!.body,
      stock: stock![0]!.body,
      tool: tools!.find(({ body }) => body.kind === 'turning-tool')!.body,
      cut: { operation: 'turn', workDiameterMm: 30 },
    };
    const answer = await fetch(`${shop.url}/api/calc/cut-plan`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(question),
    });
    expect(answer.status).toBe(200);
    const { result } = (await answer.json()) as {
      result: { plan: { speed: { rungRpm: number } }; limits: unknown[]; warnings: { text: string }[] };
    };
    expect(result.plan.speed.rungRpm).toBeGreaterThan(0);
    expect(result.limits).toHaveLength(3);
    expect(result.warnings.length).toBeGreaterThan(2);
  });
});
