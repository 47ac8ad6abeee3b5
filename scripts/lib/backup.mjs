// Backups of the database: dumped in one moment, proved by restoring them, thinned by a stated rule.
import { createHash } from 'node:crypto';
import {
  chmodSync,
  createReadStream,
  existsSync,
  mkdirSync,
  readFileSync,
  readdirSync,
  renameSync,
  rmSync,
  writeFileSync,
} from 'node:fs';
import { basename, join } from 'node:path';
import { command, dataFolder } from './packages.mjs';
import { Cluster, newestVersion, programsOf } from './postgres.mjs';
import { Stop } from './say.mjs';

/** Where backups lie. On another disk they outlive this one: PIKE_BACKUPS names a folder there. */
export const backupFolder = process.env.PIKE_BACKUPS ?? join(dataFolder, 'backups');

const NAME = /^pike-stone-(\d{4})-(\d{2})-(\d{2})T(\d{2})-(\d{2})-(\d{2})Z\.dump$/;
const DAY_MS = 86_400_000;
/** Everything of the last days, then one a week, then one a month. */
const RULE = { days: 7, weeks: 8, months: 24 };
const APP_ROLE = 'pike_app';

const program = (name) => {
  const version = newestVersion();
  if (!version)
    throw new Stop('A backup needs PostgreSQL’s programs: sudo apt-get install -y postgresql-client');
  return join(programsOf(version), name);
};

/** Time of a backup by its name, or null when it is none. */
export function timeOf(file) {
  const found = NAME.exec(basename(file));
  if (!found) return null;
  const [, year, month, day, hour, minute, second] = found.map(Number);
  return Date.UTC(year, month - 1, day, hour, minute, second);
}

const nameFor = (now) => `pike-stone-${new Date(now).toISOString().slice(0, 19).replaceAll(':', '-')}Z.dump`;

/** Good backups of a folder, newest first. One without its proof beside it was not finished. */
export function goodBackups(folder = backupFolder) {
  if (!existsSync(folder)) return [];
  return readdirSync(folder)
    .filter((name) => timeOf(name) !== null && existsSync(join(folder, `${name}.json`)))
    .sort()
    .reverse()
    .map((name) => ({ file: join(folder, name), at: timeOf(name) }));
}

/** Backups that the rule lets go, of all of a folder newest first. */
export function tooMany(backups, now) {
  const kept = new Set();
  const periods = new Set();
  for (const { at } of backups) {
    const days = (now - at) / DAY_MS;
    const day = new Date(at);
    const week = `week ${Math.floor(at / (7 * DAY_MS))}`;
    const month = `month ${day.getUTCFullYear()}-${day.getUTCMonth()}`;
    const period =
      days <= RULE.days ? null : days <= RULE.weeks * 7 ? week : days <= RULE.months * 31 ? month : undefined;
    if (period === undefined || (period !== null && periods.has(period))) continue;
    if (period !== null) periods.add(period);
    kept.add(at);
  }
  // The newest good one always stays, however old it is.
  if (backups[0]) kept.add(backups[0].at);
  return backups.filter(({ at }) => !kept.has(at));
}

const sha256 = (file) =>
  new Promise((resolve, reject) => {
    const hash = createHash('sha256');
    createReadStream(file)
      .on('data', (chunk) => hash.update(chunk))
      .on('error', reject)
      .on('end', () => resolve(hash.digest('hex')));
  });

/** Number of rows of every table of a database. */
async function rowsOf(url) {
  const { default: pg } = await import('pg');
  const client = new pg.Client({ connectionString: url });
  await client.connect();
  try {
    const { rows: tables } = await client.query(
      `select relname as name from pg_class where relkind = 'r' and relnamespace = 'public'::regnamespace order by relname`,
    );
    const counts = {};
    for (const { name } of tables) {
      const { rows } = await client.query(`select count(*)::int as count from "${name}"`);
      counts[name] = rows[0].count;
    }
    return counts;
  } finally {
    await client.end();
  }
}

/** Brings a dump into an empty database. The rights of the application's role are part of it, so the role is there first. */
export async function bringIn(file, url) {
  const { default: pg } = await import('pg');
  const client = new pg.Client({ connectionString: url });
  await client.connect();
  try {
    const { rowCount } = await client.query('select 1 from pg_roles where rolname = $1', [APP_ROLE]);
    if (rowCount === 0) await client.query(`create role ${APP_ROLE} nologin`);
  } finally {
    await client.end();
  }
  await command(program('pg_restore'), ['--exit-on-error', '--no-owner', '-d', url, file]);
}

/** Restores a dump into a cluster made for it alone; resolves to the rows it has. */
async function prove(file, scratch) {
  const cluster = new Cluster(scratch, `/var/lib/pike-stone-proof-${process.pid}`);
  try {
    const url = await cluster.open();
    await bringIn(file, url);
    return await rowsOf(url);
  } finally {
    await cluster.stop();
    cluster.remove();
    rmSync(scratch, { recursive: true, force: true });
  }
}

/**
 * Makes a backup of a database and proves it. It has its name only when it is proved: what is cut short
 * leaves nothing that looks like one.
 * @returns the file and the rows of each table in it
 */
export async function backUp(url, { folder = backupFolder, now = Date.now() } = {}) {
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  const file = join(folder, nameFor(now));
  const part = `${file}.part`;
  try {
    await command(program('pg_dump'), ['--format=custom', '--no-owner', '--file', part, url]);
    const rows = await prove(part, join(dataFolder, `proof-${process.pid}`));
    if (!(rows.shop > 0))
      throw new Stop('The backup holds no shop, so it is no good one. The ones before it stay.');
    const proof = { made: new Date(now).toISOString(), sha256: await sha256(part), rows };
    chmodSync(part, 0o600);
    renameSync(part, file);
    writeFileSync(`${file}.json`, `${JSON.stringify(proof, null, 2)}\n`, { mode: 0o600 });
    const gone = tooMany(goodBackups(folder), now);
    for (const { file: old } of gone) for (const one of [old, `${old}.json`]) rmSync(one, { force: true });
    return { file, rows, thinned: gone.length };
  } finally {
    rmSync(part, { force: true });
  }
}

/** Throws when a backup is not the file that was proved. */
export async function checkBackup(file) {
  if (!existsSync(file)) throw new Stop(`There is no file ${file}. Backups lie in ${backupFolder}.`);
  const proof = `${file}.json`;
  if (!existsSync(proof)) return;
  if (JSON.parse(readFileSync(proof, 'utf8')).sha256 !== (await sha256(file)))
    throw new Stop(
      `${file} is not as it was when it was made: its checksum differs. Nothing was changed. Take another one.`,
    );
}
