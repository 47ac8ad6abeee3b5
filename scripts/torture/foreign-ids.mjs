// Everything of one shop asked for by another: nothing is found, listed, named or changed.
import { createHash, randomBytes } from 'node:crypto';
import { newId } from './stage.mjs';

/** A second shop with a device of its own. */
async function neighbour(stage) {
  const { default: pg } = await import('pg');
  const client = new pg.Client({ connectionString: await stage.cluster.ensureDatabase() });
  await client.connect();
  const shop = newId();
  const token = randomBytes(24).toString('base64url');
  await client.query(`insert into shop (shop_id, name) values ($1, 'Neighbour')`, [shop]);
  await client.query(
    `insert into session (shop_id, token_hash, expires_at) values ($1, $2, now() + interval '1 hour')`,
    [shop, createHash('sha256').update(token).digest()],
  );
  const { rows } = await client.query('select count(*)::int as count from session where shop_id <> $1', [
    shop,
  ]);
  const { rows: sessions } = await client.query('select id from session where shop_id <> $1', [shop]);
  await client.end();
  return { cookie: `pike_session=${token}`, sessions: sessions.map(({ id }) => id), others: rows[0].count };
}

export async function foreignIds(stage) {
  const { cookie, sessions } = await neighbour(stage);
  const theirs = (method, path, body) => stage.json(method, path, body, { cookie });
  const { paths } = JSON.parse((await stage.json('GET', '/api/openapi.json')).text);
  const kinds = Object.keys(paths)
    .flatMap((path) => /^\/api\/(\w+)\/\{id\}$/.exec(path)?.[1] ?? [])
    .filter((kind) => paths[`/api/${kind}/{id}`].put);
  const seen = [];
  let tried = 0;
  const expect = (what, answer, statuses) => {
    tried += 1;
    if (!statuses.includes(answer.status)) seen.push(`${what}: ${answer.status}`);
  };
  for (const kind of kinds) {
    const own = JSON.parse((await stage.json('GET', `/api/${kind}?limit=500`)).text).records;
    for (const query of ['', '?limit=500', '?order=name', '?q=a', '?archived=0']) {
      const list = await theirs('GET', `/api/${kind}${query}`);
      expect(`${kind}${query}`, list, [200, 400]);
      if (list.status === 200 && JSON.parse(list.text).records.length > 0) seen.push(`${kind}${query} lists`);
    }
    const table = await theirs('GET', `/api/archive/${kind}.csv`);
    expect(`table of ${kind}`, table, [200, 404]);
    if (table.status === 200 && table.text.trim().includes('\n')) seen.push(`the table of ${kind} has rows`);
    for (const { id, version, archived, body } of own) {
      expect(`read ${kind}`, await theirs('GET', `/api/${kind}/${id}`), [404]);
      expect(
        `change ${kind}`,
        await theirs('PUT', `/api/${kind}/${id}`, { version, archived, body }),
        [400, 404],
      );
      expect(`read ${kind} in capitals`, await theirs('GET', `/api/${kind}/${id.toUpperCase()}`), [404]);
      expect(`ledger of ${kind}`, await theirs('GET', `/api/stock-levels/${id}`), [200]);
      const names = JSON.stringify(body).includes('0192f000-00');
      if (names)
        expect(
          `name ${kind}`,
          await theirs('PUT', `/api/${kind}/${newId()}`, { version: 0, archived: false, body }),
          [200, 400],
        );
    }
    const unchanged = JSON.parse((await stage.json('GET', `/api/${kind}?limit=500`)).text).records;
    if (JSON.stringify(unchanged) !== JSON.stringify(own)) seen.push(`${kind} changed`);
  }
  const levels = await theirs('GET', '/api/stock-levels');
  if (JSON.parse(levels.text).levels.length > 0) seen.push('levels');
  for (const id of sessions.slice(0, 20))
    expect('send a device away', await theirs('DELETE', `/api/devices/${id}`), [404]);
  for (const what of new Set(seen)) console.log(`    ${what}`);
  return {
    what: 'Ids of another shop on every route',
    tried: `${tried} requests`,
    found: `${seen.length} that saw, named or changed something`,
    sound: seen.length === 0,
  };
}
