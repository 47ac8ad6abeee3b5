// Lists of the book as it grows to a million cuts: a page and a search, with the time of the slowest twentieth.
import { say } from '../lib/say.mjs';

const SIZES = [10_000, 100_000, 1_000_000];
const ROUNDS = 60;
/** Time of the first cut; each is a minute after the one before. */
const FIRST_MS = 1_730_000_000_000;
const WORDS = [
  'bronze',
  'winch',
  'sheave',
  'railing',
  'bush',
  'stainless',
  'pin',
  'ribbon',
  'chatter',
  'good',
  'blue',
  'quiet',
];
const OUTCOMES = ['worked', 'so-so', 'did-not-work'];
const SIGNS = ['long-ribbon', 'good-arcs', 'chip-dark-blue', 'squeal', 'flank-even', 'handwheel-hard'];
/** A day among the cuts, or some days after it. */
const day = (size, i, later = 0) =>
  new Date(FIRST_MS + ((i * 7919) % size) * 60_000 + later * 86_400_000).toISOString().slice(0, 10);
const p95 = (times) => [...times].sort((a, b) => a - b)[Math.floor(times.length * 0.95)];

/** Cuts that are added by one statement. */
const AT_ONCE = 50_000;

/** Cuts like one of the demo, each with words, things and signs of its own, added until there are so many. */
async function grow(client, count, ids) {
  const { rows } = await client.query('select count(*)::int as there from cut');
  for (let there = rows[0].there; there < count; there += AT_ONCE)
    await add(client, Math.min(count, there + AT_ONCE), ids);
  await client.query('vacuum analyze');
}

async function add(client, count, ids) {
  await client.query(
    `insert into cut (shop_id, id, version, body)
     select c.shop_id, (lpad(to_hex($3::bigint + n * 60000::bigint), 12, '0') || '70008000' || lpad(to_hex(n), 12, '0'))::uuid, 1,
       c.body || jsonb_build_object(
         'machineId', ($4::text[])[1 + n % cardinality($4::text[])], 'stockId', ($5::text[])[1 + (n::bigint * 31 / 7) % cardinality($5::text[])],
         'toolId', ($6::text[])[1 + (n::bigint * 17 / 3) % cardinality($6::text[])], 'outcome', ($7::text[])[1 + (n::bigint * 13 / 5) % 3],
         'signs', jsonb_build_array(($8::text[])[1 + (n::bigint * 11 / 3) % cardinality($8::text[])]),
         'takenAt', to_char(to_timestamp(($3::bigint + n * 60000::bigint) / 1000.0) at time zone 'UTC', 'YYYY-MM-DD"T"HH24:MI:SS.MS"Z"'))
       || jsonb_build_object('remark', to_jsonb(
         ($2::text[])[1 + (n::bigint * 7919) % 12] || ' ' || ($2::text[])[1 + (n::bigint * 104729 / 13) % 12] || ' job ' || 1000 + (n::bigint * 7919) % 5000 || ' order' || n))
     from cut c, generate_series((select count(*) from cut)::int, $1::int) as n
     where c.id = '0192f000-0004-7000-8000-000000000001'`,
    [count, WORDS, FIRST_MS, ids.machine, ids.stock, ids.tool, OUTCOMES, SIGNS],
  );
}

/** Times of one kind of request, each with something else asked. */
async function timed(url, cookie, path) {
  const times = [];
  for (let i = 0; i < ROUNDS; i += 1) {
    const began = performance.now();
    const answer = await fetch(url + path(i), { headers: { cookie } });
    await answer.arrayBuffer();
    if (!answer.ok) throw new Error(`${path(i)} was answered ${answer.status}`);
    if (i >= 5) times.push(performance.now() - began);
  }
  return p95(times).toFixed(1);
}

export async function lists(url, ownerUrl, cookie) {
  const { default: pg } = await import('pg');
  const client = new pg.Client({ connectionString: ownerUrl });
  await client.connect();
  try {
    const ids = {};
    for (const table of ['machine', 'stock', 'tool'])
      ids[table] = (await client.query(`select id from ${table} order by id limit 20`)).rows.map(
        ({ id }) => id,
      );
    for (const size of SIZES) {
      await grow(client, size, ids);
      const deep = (i) => {
        const time = (FIRST_MS + ((i * 7919) % size) * 60_000).toString(16).padStart(12, '0');
        return `${time.slice(0, 8)}-${time.slice(8)}-7000-8000-${'f'.repeat(12)}`;
      };
      const asked = {
        'first page': () => '/api/cuts?limit=50&archived=0',
        'page in the middle': (i) => `/api/cuts?limit=50&archived=0&after=${deep(i)}`,
        'a common word': (i) => `/api/cuts?limit=50&archived=0&q=${WORDS[i % 12]}`,
        'two common words': (i) =>
          `/api/cuts?limit=50&archived=0&q=${WORDS[i % 12]}%20${WORDS[(i * 5 + 1) % 12]}`,
        'a word of 1 in 5000': (i) => `/api/cuts?limit=50&archived=0&q=${1000 + ((i * 37) % 5000)}`,
        'a beginning of 1 in 500': (i) => `/api/cuts?limit=50&archived=0&q=${100 + ((i * 37) % 500)}`,
        'of one tool': (i) => `/api/book?limit=50&tool=${ids.tool[i % ids.tool.length]}`,
        'of a machine, a tool and an outcome': (i) =>
          `/api/book?limit=50&machine=${ids.machine[i % ids.machine.length]}&tool=${ids.tool[(i * 3) % ids.tool.length]}&outcome=${OUTCOMES[i % 3]}`,
        'of a machine in a week': (i) =>
          `/api/book?limit=50&machine=${ids.machine[i % ids.machine.length]}&from=${day(size, i)}&to=${day(size, i, 6)}`,
        'with a sign': (i) => `/api/book?limit=50&sign=${SIGNS[i % SIGNS.length]}`,
        'with a sign, of a stock': (i) =>
          `/api/book?limit=50&sign=${SIGNS[i % SIGNS.length]}&stock=${ids.stock[i % ids.stock.length]}`,
        'of a tool with a word': (i) =>
          `/api/book?limit=50&tool=${ids.tool[i % ids.tool.length]}&q=${WORDS[i % 12]}`,
        'sums of a machine': (i) => `/api/book/sums?machine=${ids.machine[i % ids.machine.length]}`,
        'what was learned': () => '/api/learned',
        'a word of one': (i) => `/api/cuts?limit=50&archived=0&q=order${(i * 131) % size}`,
      };
      const parts = [];
      for (const [what, path] of Object.entries(asked))
        parts.push(`${what} ${await timed(url, cookie, path)}`);
      say(`${size.toLocaleString('en')} cuts, p95 in ms: ${parts.join(', ')}`);
    }
  } finally {
    await client.end();
  }
}
