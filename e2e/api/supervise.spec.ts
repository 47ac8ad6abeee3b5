import { execFile, spawn, spawnSync, type ChildProcess } from 'node:child_process';
import {
  copyFileSync,
  existsSync,
  mkdtempSync,
  readFileSync,
  readdirSync,
  rmSync,
  writeFileSync,
} from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { comeIn, npmStart, programsOf } from '../fixtures/npm-start';
import { expect, test } from '../fixtures/shop';

const isRoot = process.getuid?.() === 0;

/** A program of somebody else, as the user that PostgreSQL runs as: the worst case for a stale number. */
const stranger = (): ChildProcess =>
  isRoot
    ? spawn('setpriv', ['--reuid=postgres', '--regid=postgres', '--init-groups', 'sleep', '600'])
    : spawn('sleep', ['600']);
const lives = (child: ChildProcess): boolean =>
  spawnSync('ps', ['-o', 'stat=', '-p', String(child.pid)], { encoding: 'utf8' })
    .stdout.trim()
    .startsWith('S');

const healthOf = (url: string) =>
  fetch(`${url}/api/health`).then(
    async (answer) => ({
      status: answer.status,
      retry: answer.headers.get('retry-after'),
      body: await answer.json(),
    }),
    () => null,
  );
const isWell = async (url: string) => (await healthOf(url))?.status;

test.describe.configure({ mode: 'serial' });

let data: string;
const running: ChildProcess[] = [];
test.beforeAll(() => {
  data = mkdtempSync(join(tmpdir(), 'pike-own-'));
  // The user of the database must get into the folder.
  spawnSync('chmod', ['755', data]);
});
test.afterAll(async () => {
  for (const child of running) child.kill('SIGKILL');
  await new Promise((go) => setTimeout(go, 1_500));
  rmSync(data, { recursive: true, force: true });
});
const withoutDatabase = () => {
  const { PIKE_DATABASE_URL: _, ...inherited } = process.env;
  return inherited as Record<string, string> & NodeJS.ProcessEnv;
};
/** Runs a program on the same folder to its end. It is waited for without standing still, or a connection that is closed meanwhile would be used again. */
const ran = (args: readonly string[]) =>
  new Promise<{ readonly status: number | null; readonly stdout: string; readonly stderr: string }>(
    (resolve) => {
      const child = execFile(
        process.execPath,
        args,
        { env: { ...withoutDatabase(), PIKE_DATA: data } },
        (_, stdout, stderr) => resolve({ status: child.exitCode, stdout, stderr }),
      );
    },
  );
const start = (more: Record<string, string> = {}) => {
  const started = npmStart({ ...withoutDatabase(), PIKE_DATA: data, PIKE_PORT: '0', ...more });
  running.push(started.child);
  return started;
};

test('two starts within a second are one: the second waits, says where it runs, and stops nothing', async () => {
  // What an earlier version left, cut short by a power cut, hinders nothing.
  writeFileSync(join(data, 'running.json'), '');
  const [one, other] = [start(), start()];
  const first = await Promise.race([one.opens().then(() => one), other.opens().then(() => other)]);
  const second = first === one ? other : one;
  const url = await first.opens();
  expect(await second.ended).toBe(0);
  expect(second.said()).toContain(`Pike Stone is already running: ${url}`);
  expect(await isWell(url)).toBe(200);
  // A third one after that changes as little.
  expect(await start().ended).toBe(0);
  expect(await isWell(url)).toBe(200);

  // Nothing that listens runs as root.
  const programs = programsOf(data).filter(({ pid }) => pid !== first.child.pid);
  expect(programs.length).toBeGreaterThanOrEqual(3);
  expect(programs.filter(({ user }) => user === 'root')).toEqual([]);
  first.child.kill('SIGTERM');
  expect(await first.ended).toBe(0);
  expect(programsOf(data)).toEqual([]);
});

test('a start that is busy, as with building, is waited for; one that was killed is gone', async () => {
  const lock = join(import.meta.dirname, '../../scripts/lib/lock.mjs');
  const folder = join(data, 'busy');
  const run = (code: string) =>
    spawn(process.execPath, [
      '--input-type=module',
      '-e',
      `import { holdLock, holderOf } from '${lock}'; ${code}`,
    ]);
  const heard = async (child: ChildProcess): Promise<string> =>
    new Promise((resolve) => child.stdout!.once('data', (words: Buffer) => resolve(words.toString().trim())));
  const busy = run(`await holdLock('${folder}', () => ({})); console.log('held'); for (;;);`);
  running.push(busy);
  expect(await heard(busy)).toBe('held');
  const ask = () => heard(run(`console.log(JSON.stringify(await holderOf('${folder}')))`));
  expect(JSON.parse(await ask())).toMatchObject({ url: null });
  const other = start({ PIKE_DATA: folder });
  await other.says(/is under way; waiting for it/);
  busy.kill('SIGKILL');
  await new Promise((gone) => busy.on('exit', gone));
  expect(await ask()).toBe('null');
  expect(await other.ended).toBe(1);
  expect(other.said()).toContain('was just ending. Start again.');
});

test('what was killed is started again, and meanwhile the answer says what is down and when to ask again', async () => {
  const { child, ended, opens, says } = start();
  const url = await opens();
  const cookie = (await comeIn(url)).headers.get('set-cookie')!.split(';')[0]!;
  const killed = (line: RegExp) =>
    process.kill(programsOf(data).find((one) => line.test(one.line))!.pid, 'SIGKILL');
  killed(/bin\/postgres -D/);
  await expect.poll(async () => (await healthOf(url))?.body.status).toBe('database not reachable');
  const list = await fetch(`${url}/api/tools`, { headers: { cookie } });
  expect(['200, null', '503, 1']).toContain(`${list.status}, ${list.headers.get('retry-after')}`);
  await says(/The database runs again/);
  await expect.poll(() => isWell(url), { timeout: 30_000 }).toBe(200);
  killed(/server\/dist\/run\/main\.cjs/);
  await says(/The server runs again/);
  expect(await isWell(url)).toBe(200);
  expect((await fetch(`${url}/api/tools`, { headers: { cookie } })).status).toBe(200);

  // Killed itself, it takes everything that it started with it.
  child.kill('SIGKILL');
  await ended;
  await expect.poll(() => programsOf(data), { timeout: 15_000 }).toEqual([]);
});

test('a number in postmaster.pid that now belongs to a stranger, and a port that does', async () => {
  const innocent = stranger();
  running.push(innocent);
  await expect.poll(() => lives(innocent)).toBe(true);
  const file = join(data, 'postgres/cluster/postmaster.pid');
  writeFileSync(
    file,
    `${innocent.pid}\n${join(data, 'postgres/cluster')}\n1700000000\n5432\n\n127.0.0.1\n  0  0\nready\n`,
  );
  const taken = createServer();
  await new Promise<void>((listening) => void taken.listen(0, '127.0.0.1', listening));
  const { port } = taken.address() as { port: number };
  const refused = start({ PIKE_PORT: String(port) });
  expect(await refused.ended).toBe(1);
  expect(refused.said()).toContain(`Another program already uses port ${port}.`);
  expect(taken.listening).toBe(true);
  taken.close();
  expect(lives(innocent)).toBe(true);
  expect(programsOf(data)).toEqual([]);
  // PostgreSQL did start meanwhile, and ended as it should.
  expect(existsSync(file)).toBe(false);
  innocent.kill('SIGKILL');
});

test('a backup is proved, refused where it was changed, and brings back what was lost', async () => {
  const script = (name: string, ...args: string[]) =>
    ran([join(import.meta.dirname, `../../scripts/${name}.mjs`), ...args]);
  const backups = join(data, 'backups');
  const first = start();
  const url = await first.opens();
  const cookie = (await comeIn(url)).headers.get('set-cookie')!.split(';')[0]!;
  const headers = { cookie, 'Content-Type': 'application/json' };
  const { records } = (await (await fetch(`${url}/api/tools?limit=1`, { headers })).json()) as {
    records: { id: string; version: number; body: { note: string } }[];
  };
  const { id, version, body } = records[0]!;
  const note = async (at: string) =>
    (await (await fetch(`${at}/api/tools/${id}`, { headers })).json()).body.note;

  // While it runs.
  expect((await script('backup')).stdout).toContain('restored for proof');
  const [file] = readdirSync(backups).filter((name) => name.endsWith('.dump'));
  const whole = join(backups, file!);
  const changed = { version, archived: false, body: { ...body, note: 'spoilt by hand' } };
  await fetch(`${url}/api/tools/${id}`, { method: 'PUT', headers, body: JSON.stringify(changed) });
  const refused = await script('restore', whole);
  expect([refused.status, refused.stderr]).toEqual([
    1,
    expect.stringContaining('End it before you bring a backup back'),
  ]);
  expect(await note(url)).toBe('spoilt by hand');
  first.child.kill('SIGTERM');
  await first.ended;

  const copy = join(backups, 'pike-stone-2020-01-01T00-00-00Z.dump');
  writeFileSync(copy, Buffer.concat([readFileSync(whole), Buffer.from('x')]));
  copyFileSync(`${whole}.json`, `${copy}.json`);
  expect((await script('restore', copy)).stderr).toContain('its checksum differs');
  rmSync(copy);
  rmSync(`${copy}.json`);
  expect((await script('restore', whole)).status).toBe(0);
  const again = start();
  expect(await note(await again.opens())).toBe(body.note);
  again.child.kill('SIGTERM');
  await again.ended;
});

test('a cluster is moved beside itself by a proved backup, with all that was in it; the old one stays', async () => {
  const lib = join(import.meta.dirname, '../../scripts/lib');
  const moved = await ran([
    '--input-type=module',
    '-e',
    `import { ownCluster } from '${lib}/own-cluster.mjs';
     import { moveToNewest } from '${lib}/upgrade.mjs';
     console.log('old: ' + (await moveToNewest(ownCluster())));`,
  ]);
  const old = /old: (.*)/.exec(moved.stdout)?.[1] ?? moved.stderr;
  expect(existsSync(join(old, 'cluster/PG_VERSION'))).toBe(true);
  const again = start();
  const url = await again.opens();
  expect(again.said()).not.toContain('The demo workshop is set up.');
  const cookie = (await comeIn(url)).headers.get('set-cookie')!.split(';')[0]!;
  const list = (await (await fetch(`${url}/api/tools?limit=1`, { headers: { cookie } })).json()) as {
    total: number;
  };
  expect(list.total).toBeGreaterThan(30);
  again.child.kill('SIGTERM');
  await again.ended;
});

test('a cluster of a PostgreSQL that is not installed is left alone, with the line to type', async () => {
  const file = join(data, 'postgres/cluster/PG_VERSION');
  const version = readFileSync(file, 'utf8');
  writeFileSync(file, '9\n');
  const refused = start();
  expect(await refused.ended).toBe(1);
  expect(refused.said()).toMatch(/made by PostgreSQL 9, which is not installed here.*postgresql-9/s);
  expect(refused.said()).toContain('npm run upgrade-database');
  writeFileSync(file, version);
});
