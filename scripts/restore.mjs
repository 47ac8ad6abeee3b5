// npm run restore -- FILE: brings a backup back. What was there before is kept beside it.
import { resolve } from 'node:path';
import { backUp, bringIn, checkBackup, goodBackups } from './lib/backup.mjs';
import { ensureDebian, ensurePackages } from './lib/packages.mjs';
import { postgresql } from './lib/postgres.mjs';
import { ownCluster, takeFolder } from './lib/own-cluster.mjs';
import { run, say, step, Stop } from './lib/say.mjs';

const asked = () => {
  const [given] = process.argv.slice(2);
  if (given) return resolve(given);
  const known = goodBackups().slice(0, 10);
  throw new Stop(
    known.length === 0
      ? 'Say which backup: npm run restore -- FILE. There is none here yet; npm run backup makes one.'
      : `Say which backup: npm run restore -- FILE. The newest here:\n\n${known.map(({ file }) => `    ${file}`).join('\n')}`,
  );
};

async function main() {
  const file = asked();
  if (process.env.PIKE_DATABASE_URL)
    throw new Stop(
      'The database is elsewhere: bring the file back there, with pg_restore of its own version.',
    );
  await ensurePackages();
  await ensureDebian([postgresql]);
  await checkBackup(file);
  const giveBack = await takeFolder('bring a backup back');
  const cluster = ownCluster();
  try {
    const url = await cluster.open();
    const { file: before } = await step('Keeping what is there now', () => backUp(url)).catch(() => ({
      file: null,
    }));
    await step('Bringing the backup back', () => cluster.replaceDatabase((fresh) => bringIn(file, fresh)));
    say(
      `Done. ${before ? `What was there before is ${before}, and also` : 'What was there before is'} the database pike_before of this cluster.`,
    );
  } finally {
    await cluster.stop();
    await giveBack();
  }
}

await run(main);
