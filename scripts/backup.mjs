// npm run backup: a proved backup of the database, while it runs or not.
import { backUp, backupFolder } from './lib/backup.mjs';
import { holdLock } from './lib/lock.mjs';
import { dataFolder, ensureDebian, ensurePackages } from './lib/packages.mjs';
import { postgresql } from './lib/postgres.mjs';
import { ownCluster } from './lib/own-cluster.mjs';
import { run, say, step, Stop } from './lib/say.mjs';

/** Runs work with the owner's URL of the database: of the one that runs, or of one started for it. */
async function withDatabase(work) {
  if (process.env.PIKE_DATABASE_URL) return work(process.env.PIKE_DATABASE_URL);
  const cluster = ownCluster();
  if (!cluster.version) throw new Stop('There is no database here yet: npm start makes it.');
  const giveBack = await holdLock(dataFolder, () => ({ pid: process.pid, url: null }));
  if (!giveBack) {
    const url = cluster.runningUrl();
    if (url) return work(url);
    throw new Stop('Pike Stone is just starting or stopping here. Try again in a moment.');
  }
  try {
    return await work(await cluster.open());
  } finally {
    await cluster.stop();
    await giveBack();
  }
}

async function main() {
  await ensurePackages();
  await ensureDebian([postgresql]);
  await withDatabase(async (url) => {
    const { file, rows, thinned } = await step('Making a backup and restoring it for proof', () =>
      backUp(url),
    );
    const total = Object.values(rows).reduce((sum, count) => sum + count, 0);
    say(`${file}: ${total} rows in ${Object.keys(rows).length} tables, restored for proof.`);
    if (thinned > 0) say(`${thinned} older ones were let go.`);
    say(`To bring it back: npm run restore -- ${file}`);
    if (!process.env.PIKE_BACKUPS)
      say(`${backupFolder} is on the same disk as the database. PIKE_BACKUPS names a folder on another.`);
  });
}

await run(main);
