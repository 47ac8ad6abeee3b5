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
const p95 = (times) => [...times].sort((a, b) => a - b)[Math.floor(times.length * 0.95)];

/** Cuts like one of the demo, each with words of its own, added until there are so many. */
async function grow(client, count) {
  await client.query(
    `insert into cut (shop_id, id, version, body)
     select c.shop_id, (lpad(to_hex($3::bigint + n * 60000::bigint), 12, '0') || '70008000' || lpad(to_hex(n), 12, '0'))::uuid, 1,
       jsonb_set(c.body, '{remark}', to_jsonb(
         ($2::text[])[1 + (n::bigint * 7919) % 12] || ' ' || ($2::text[])[1 + (n::bigint * 104729 / 13) % 12] || ' job ' || 1000 + (n::bigint * 7919) % 5000 || ' order' || n))
     from cut c, generate_series((select count(*) from cut)::int, $1::int) as n
     where c.id = '0192f000-0004-7000-8000-000000000001'`,
    [count, WORDS, FIRST_MS],
  );
  await client.query('vacuum analyze cut');
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
    for (const size of SIZES) {
      await grow(client, size);
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
