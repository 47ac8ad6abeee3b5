// npm run bench: rates and ratios taken in one run. Machines are shared and noisy: compare ratios, not runs.
import { fork, spawnSync } from 'node:child_process';
import { readFileSync, readdirSync, rmSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { chromium, dataFolder, ensureDebian, ensurePackages, projectRoot } from './lib/packages.mjs';
import { benchServer } from './bench/bench-server.mjs';
import { lists } from './bench/lists.mjs';
import { pages } from './bench/pages.mjs';
import { Cluster, postgresql } from './lib/postgres.mjs';
import { run, say } from './lib/say.mjs';
import { buildServer } from './lib/build-server.mjs';
import { ensureWeb, webRoot } from './lib/web.mjs';

/** Rounds of the API are short and many, because the speed of a shared disk changes every few seconds. */
const API = { rounds: 12, seconds: 2 };
const DEMO_SHOP = '0192f000-0000-7000-8000-000000000001';
const median = (values) => [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)];

function plans() {
  const { stdout } = spawnSync(
    process.execPath,
    ['--import', 'tsx', join(projectRoot, 'scripts/bench/plans.ts')],
    { encoding: 'utf8' },
  );
  const { setups, perSecond, wholeUs, trialsMs } = JSON.parse(stdout);
  say(`cut plans: ${perSecond} a second on one core, over ${setups} set-ups`);
  say(`a plan with its forecast and every limit: ${wholeUs} microseconds`);
  say(
    `100,000 trials of a cost: ${trialsMs} ms, the time of ${Math.round((trialsMs / 1000) * perSecond)} plans`,
  );
}

function grinds() {
  const { stdout } = spawnSync(
    process.execPath,
    ['--import', 'tsx', join(projectRoot, 'scripts/bench/grinds.mts')],
    { encoding: 'utf8' },
  );
  const { flatMs, hollowMs, bitFlatMs, bitHollowMs, facets, solidKb, grownMb, rounds } = JSON.parse(stdout);
  say(`a flat grind ${flatMs} ms, a hollow one ${hollowMs} ms: ${(hollowMs / flatMs).toFixed(1)} times`);
  say(`a whole bit of three faces and a nose: ${bitFlatMs} ms flat, ${bitHollowMs} ms hollow`);
  say(`its solid: ${facets} facets, ${solidKb} kB; the process grew by ${grownMb} MB over ${rounds} bits`);
}

/** Geometry of forms: arcs fitted, points laid on a form, stacks. */
function forms() {
  const { stdout } = spawnSync(
    process.execPath,
    ['--import', 'tsx', join(projectRoot, 'scripts/bench/forms.ts')],
    { encoding: 'utf8' },
  );
  stdout.trim().split('\n').forEach(say);
}

/** Rate of one address, and its ratio to the bare one, in alternating rounds. */
async function against(autocannon, what, ours, bare) {
  const rates = { ours: [], bare: [] };
  const shoot = async (options) => {
    const { requests, non2xx, errors } = await autocannon({
      connections: 20,
      duration: API.seconds,
      ...options,
    });
    if (non2xx + errors > 0)
      throw new Error(`${what}: ${non2xx + errors} answers were not what they should be`);
    return requests.average;
  };
  for (let round = 0; round < API.rounds; round += 1) {
    rates.bare.push(await shoot(bare));
    rates.ours.push(await shoot(ours));
  }
  const ratios = rates.ours.map((rate, i) => rate / rates.bare[i]);
  say(
    `${what}: ${Math.round(median(rates.ours))} a second, ${Math.round(100 * median(ratios))} % of bare Express and pg (${Math.round(median(rates.bare))})`,
  );
}

async function api(url, ownerUrl) {
  const { default: autocannon } = await import('autocannon');
  const { default: pg } = await import('pg');
  const bare = fork(join(projectRoot, 'scripts/bench/bare-server.mjs'), {
    env: { ...process.env, BARE_DATABASE_URL: ownerUrl, BARE_SHOP: DEMO_SHOP },
  });
  const { port } = await new Promise((resolve) => bare.once('message', resolve));
  const bareUrl = `http://127.0.0.1:${port}`;
  const cookie = (
    await fetch(`${url}/api/session`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: '{}',
    })
  ).headers
    .get('set-cookie')
    .split(';')[0];
  const { records } = await (await fetch(`${url}/api/tools`, { headers: { cookie } })).json();
  const { body } = records[0];
  let n = 0;
  // A fresh id for each write, of the making the API asks for.
  const freshPath = (prefix) => () =>
    `${prefix}/0192f0ff-${String((n += 1) >> 16).padStart(4, '0')}-7000-8000-${(n % 65536).toString(16).padStart(12, '0')}`;
  const write = (url2, prefix, headers) => {
    const path = freshPath(prefix);
    return {
      url: url2,
      requests: [
        {
          method: 'PUT',
          headers: { 'content-type': 'application/json', ...headers },
          body: JSON.stringify({ version: 0, archived: false, body }),
          setupRequest: (request) => ({ ...request, path: path() }),
        },
      ],
    };
  };
  try {
    await against(
      autocannon,
      `API read (a list of ${records.length})`,
      { url: `${url}/api/tools`, headers: { cookie } },
      { url: `${bareUrl}/bare` },
    );
    await against(autocannon, 'API write', write(url, '/api/tools', { cookie }), write(bareUrl, '/bare', {}));
    await lists(url, ownerUrl, cookie);
  } finally {
    bare.disconnect();
    const client = new pg.Client({ connectionString: ownerUrl });
    await client.connect();
    await client.query(`delete from tool where id::text like '0192f0ff%'`);
    await client.end();
  }
}

/** JavaScript of the first load as it is sent. */
function firstLoad() {
  const folder = join(webRoot, '_expo/static/js/web');
  const html = readFileSync(join(webRoot, 'index.html'), 'utf8');
  const first = readdirSync(folder).filter((name) => name.endsWith('.js') && html.includes(name));
  const size = (ending) => first.reduce((sum, name) => sum + statSync(join(folder, name + ending)).size, 0);
  say(`first load: ${size('.br')} bytes of JavaScript in brotli, ${size('.gz')} in gzip`);
}

async function main() {
  await ensurePackages();
  await ensureDebian([postgresql, chromium]);
  await ensureWeb();
  await buildServer();
  plans();
  grinds();
  forms();
  const scratch = join(dataFolder, `bench-${process.pid}`);
  const cluster = new Cluster(scratch, `/var/lib/pike-stone-bench-${process.pid}`);
  let server;
  try {
    const ownerUrl = await cluster.open();
    server = benchServer(ownerUrl, webRoot);
    const { port } = await server.listening;
    await api(`http://127.0.0.1:${port}`, ownerUrl);
    firstLoad();
    await pages(ownerUrl);
  } finally {
    await server?.stop();
    await cluster.stop();
    cluster.remove();
    rmSync(scratch, { recursive: true, force: true });
  }
}

await run(main);
