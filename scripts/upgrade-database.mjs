// npm run upgrade-database: moves the cluster to the newest installed PostgreSQL, by a dump and a restore.
import { ensurePackages } from './lib/packages.mjs';
import { newestVersion } from './lib/postgres.mjs';
import { ownCluster, takeFolder } from './lib/own-cluster.mjs';
import { run, say, Stop } from './lib/say.mjs';
import { moveToNewest } from './lib/upgrade.mjs';

async function main() {
  await ensurePackages();
  const cluster = ownCluster();
  const { version } = cluster;
  if (!version) throw new Stop('There is no database here yet: npm start makes it.');
  if (version === newestVersion())
    return say(`The database is of PostgreSQL ${version} already, the newest that is installed.`);
  const giveBack = await takeFolder('upgrade the database');
  try {
    const old = await moveToNewest(cluster);
    say(`Done: PostgreSQL ${newestVersion()}. The old one lies in ${old} until you remove it.`);
  } finally {
    await giveBack();
  }
}

await run(main);
