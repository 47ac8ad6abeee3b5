// npm run torture: what must not break, broken on purpose, on clusters of its own; the table goes into docs/reliability.md.
// npm run torture -- short: the part that npm test runs. npm run torture -- kills: one part.
import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { chromium, ensureDebian, ensurePackages, projectRoot } from './lib/packages.mjs';
import { postgresql } from './lib/postgres.mjs';
import { run, say, Stop } from './lib/say.mjs';
import { buildServer } from './lib/build-server.mjs';
import { ensureWeb } from './lib/web.mjs';
import { badInput } from './torture/bad-input.mjs';
import { diskFull } from './torture/disk-full.mjs';
import { foreignIds } from './torture/foreign-ids.mjs';
import { kills } from './torture/kills.mjs';
import { load } from './torture/load.mjs';
import { networkCuts } from './torture/network-cuts.mjs';
import { slowClients } from './torture/slow-clients.mjs';
import { Stage } from './torture/stage.mjs';
import { twoTabs } from './torture/two-tabs.mjs';

/** Each part with what it does in full and in the short run; the tests in Chromium have two tabs of their own. */
const PARTS = {
  kills: { work: kills, full: { writes: 10_000, times: 9 }, short: { writes: 300, times: 2 } },
  'network-cuts': { work: networkCuts, full: { writes: 2_000 }, short: { writes: 150 } },
  'bad-input': { work: badInput, full: { requests: 100_000 }, short: { requests: 3_000 } },
  'foreign-ids': { work: foreignIds, full: {}, short: {} },
  'slow-clients': {
    work: slowClients,
    full: { connections: 2_000, seconds: 30 },
    short: { connections: 200, seconds: 14 },
  },
  'two-tabs': { work: twoTabs, full: { rounds: 20 }, short: null, needs: () => ensureDebian([chromium]) },
  'disk-full': { work: diskFull, full: {}, short: {} },
  load: { work: load, full: { connections: 200, seconds: 15 }, short: { connections: 50, seconds: 2 } },
};

async function main() {
  const [asked] = process.argv.slice(2);
  const short = asked === 'short';
  if (asked && !short && !(asked in PARTS))
    throw new Stop(`There is no part called "${asked}". There are: short, ${Object.keys(PARTS).join(', ')}.`);
  await ensurePackages();
  await ensureDebian([postgresql]);
  await ensureWeb();
  await buildServer();
  const rows = [];
  const wanted = Object.entries(PARTS).filter(
    ([name, part]) => !asked || (short ? part.short !== null : asked === name),
  );
  // The short run is on one stage: making a cluster takes longer than most of its parts.
  const shared = short ? await new Stage('short').open() : null;
  try {
    for (const [name, { work, full, short: less, needs }] of wanted) {
      await needs?.();
      const stage = shared ?? (await new Stage(name).open());
      try {
        await stage.comeIn();
        const row = await work(stage, short ? less : full);
        rows.push(row);
        say(`${row.sound ? 'sound' : 'BROKEN'}: ${row.what}, ${row.tried}: ${row.found}`);
      } finally {
        if (!shared) await stage.close();
      }
    }
  } finally {
    await shared?.close();
  }
  if (!asked) {
    const table = rows.map(
      ({ what, tried, found, sound }) =>
        `| ${what} | ${tried} | ${found} | ${sound ? 'sound' : '**broken**'} |`,
    );
    writeFileSync(join(projectRoot, 'docs/reliability.md'), report(table));
  }
  const broken = rows.filter(({ sound }) => !sound).length;
  if (process.env.PIKE_TORTURE_REPORT)
    writeFileSync(
      process.env.PIKE_TORTURE_REPORT,
      JSON.stringify({ passed: rows.length - broken, failed: broken }),
    );
  console.log(`${rows.length - broken} passed, ${broken} failed`);
  process.exitCode = broken > 0 ? 1 : 0;
}

const report = (table) => `# Reliability

What \`npm run torture\` did to a server and a database of its own, and what came of it. Machines here are shared: times are of one run.

| what | tried | found | |
|---|---|---|---|
${table.join('\n')}
`;

await run(main);
