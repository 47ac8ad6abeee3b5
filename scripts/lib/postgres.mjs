// A PostgreSQL cluster of the project's own: loopback only, durable, never as root. It runs as a child
// of this process and ends with it, so that nothing is ever stopped by a number read from a file.
import { spawn } from 'node:child_process';
import { randomBytes } from 'node:crypto';
import {
  chownSync,
  existsSync,
  mkdirSync,
  readFileSync,
  readdirSync,
  readlinkSync,
  realpathSync,
  rmSync,
  writeFileSync,
} from 'node:fs';
import { createServer } from 'node:net';
import { join } from 'node:path';
import { openLog } from './log-file.mjs';
import { command, isRoot, works } from './packages.mjs';
import { say, step, Stop } from './say.mjs';
import { userCalled } from './user.mjs';

const DEBIAN_HOME = '/usr/lib/postgresql';
const OWNER = 'pike_owner';
const DATABASE = 'pike';
const START_MS = 120_000;
const LEAVING_MS = 5_000;
/** A process number above all that Linux gives. */
const NOBODY = '4194305';

/** Folder of the programs of one version of the server, or null when it is not installed. */
export function programsOf(version) {
  const bin = join(DEBIAN_HOME, version, 'bin');
  return existsSync(join(bin, 'initdb')) ? bin : null;
}

/** The newest installed version of the server, or null. */
export function newestVersion() {
  if (!existsSync(DEBIAN_HOME)) return null;
  const versions = readdirSync(DEBIAN_HOME).filter((version) => programsOf(version));
  return versions.sort((a, b) => Number(b) - Number(a))[0] ?? null;
}

export const postgresql = { name: 'postgresql', present: () => newestVersion() !== null };

const freePort = () =>
  new Promise((resolve, reject) => {
    const probe = createServer().listen(0, '127.0.0.1', () => {
      const { port } = probe.address();
      probe.close(() => resolve(port));
    });
    probe.on('error', reject);
  });
const wait = (ms) => new Promise((go) => setTimeout(go, ms));

/** Runs a server program as the ordinary user, or as postgres when we are root. */
const asServerUser = (file, args) =>
  isRoot ? ['runuser', ['-u', 'postgres', '--', file, ...args]] : [file, args];
const giveToServerUser = (path) => {
  if (!isRoot) return;
  const { uid, gid } = userCalled('postgres');
  chownSync(path, uid, gid);
};

/** Where the files may lie: inside `wanted`, unless the server's user cannot get there. */
function reachable(wanted, fallback) {
  mkdirSync(wanted, { recursive: true });
  if (!isRoot || works('runuser', ['-u', 'postgres', '--', 'test', '-x', wanted])) return wanted;
  say(`The user postgres cannot enter ${wanted}; the database lies in ${fallback} instead.`);
  mkdirSync(fallback, { recursive: true, mode: 0o755 });
  return fallback;
}

const SETTINGS = [
  "listen_addresses = '127.0.0.1'",
  "unix_socket_directories = ''",
  'fsync = on',
  'synchronous_commit = on',
  'full_page_writes = on',
  "password_encryption = 'scram-sha-256'",
  'max_connections = 60',
  "log_min_messages = 'warning'",
  "timezone = 'UTC'",
];

export class Cluster {
  #child = null;
  #log = null;

  /** @param folder where it lies @param fallback used when the server's user cannot enter it */
  constructor(folder, fallback) {
    this.base = reachable(folder, fallback);
    this.data = join(this.base, 'cluster');
    this.secret = join(this.base, 'owner-password');
  }

  /** The version that made the files; null when there are none yet. */
  get version() {
    const file = join(this.data, 'PG_VERSION');
    return existsSync(join(this.base, 'created')) && existsSync(file)
      ? readFileSync(file, 'utf8').trim()
      : null;
  }

  /** Programs of the version that made the files: another version cannot read them. */
  get bin() {
    const version = this.version ?? newestVersion();
    const bin = version && programsOf(version);
    if (bin) return bin;
    throw new Stop(
      `The database in ${this.base} was made by PostgreSQL ${version}, which is not installed here`
        + `${newestVersion() ? ` (version ${newestVersion()} is)` : ''}. Nothing was changed. Install it:\n\n`
        + `    sudo apt-get install -y --no-install-recommends postgresql-${version}\n\n`
        + `  and start again. To move to the newer version then, type: npm run upgrade-database`,
    );
  }

  /** Runs one of the cluster's programs to its end, as the server's user. */
  program(name, args, options = {}) {
    return command(...asServerUser(join(this.bin, name), args), { cwd: '/', ...options });
  }

  async #create() {
    rmSync(this.data, { recursive: true, force: true });
    const password = randomBytes(24).toString('base64url');
    writeFileSync(this.secret, password, { mode: 0o600 });
    mkdirSync(this.data, { mode: 0o700 });
    for (const path of [this.data, this.secret]) giveToServerUser(path);
    await this.program('initdb', [
      '-D',
      this.data,
      '-U',
      OWNER,
      '--auth=scram-sha-256',
      `--pwfile=${this.secret}`,
      '--encoding=UTF8',
      '--locale=C.UTF-8',
      '--data-checksums',
    ]);
    writeFileSync(join(this.data, 'postgresql.auto.conf'), `${SETTINGS.join('\n')}\n`);
    writeFileSync(join(this.base, 'created'), '');
  }

  /**
   * Port of a server that runs on these files already, or null. One whose npm start was killed is just
   * stopping, so it is given time to go.
   */
  async #runningPort() {
    const until = Date.now() + LEAVING_MS;
    for (;;) {
      const port = this.#portNow();
      if (port === null || Date.now() > until) return port;
      await wait(200);
    }
  }

  #portNow() {
    const file = join(this.data, 'postmaster.pid');
    if (!existsSync(file)) return null;
    const [pid = '', ...others] = readFileSync(file, 'utf8').split('\n');
    if (!/^\d+$/.test(pid.trim())) {
      // Cut short by a power cut. The server would not start because of it.
      rmSync(file, { force: true });
      return null;
    }
    if (!existsSync(`/proc/${pid.trim()}`)) return null;
    if (this.#worksHere(pid.trim())) return Number(others[2]);
    // The number now belongs to a program of somebody else. The server would take that for itself and
    // not start; the other lines stay, because it knows by them whether a part of it still runs.
    writeFileSync(file, [NOBODY, ...others].join('\n'));
    return null;
  }

  /** Whether a process is a server of these files: PostgreSQL works in the folder of its files. */
  #worksHere(pid) {
    try {
      return readlinkSync(`/proc/${pid}/cwd`) === realpathSync(this.data);
    } catch {
      return false;
    }
  }

  /** Runs the server in the foreground as a child that is told to stop when this process is gone. */
  async #run() {
    const { uid, gid } = (isRoot && userCalled('postgres')) || {};
    const as = isRoot ? [`--reuid=${uid}`, `--regid=${gid}`, '--init-groups'] : [];
    const postgres = [join(this.bin, 'postgres'), '-D', this.data, '-p', String(this.port)];
    const child = spawn('setpriv', ['--pdeathsig', 'INT', ...as, '--', ...postgres], {
      cwd: '/',
      stdio: ['ignore', 'pipe', 'pipe'],
      detached: true,
    });
    this.#log.takes(child);
    const ended = new Promise((resolve) => child.on('exit', (code, signal) => resolve(signal ?? code)));
    let failed = null;
    child.on('error', (error) => (failed = error));
    const answers = () =>
      works(join(this.bin, 'pg_isready'), ['-q', '-h', '127.0.0.1', '-p', String(this.port)]);
    const until = Date.now() + START_MS;
    while (!failed && child.exitCode === null && child.signalCode === null) {
      if (answers()) {
        this.#child = child;
        return { ended, stop: () => this.stop() };
      }
      if (Date.now() > until) child.kill('SIGINT');
      await wait(100);
    }
    if (failed) throw new Stop(`PostgreSQL could not be started: ${failed.message}`);
    await wait(100);
    throw new Stop(`PostgreSQL did not start. Its own words:\n${this.#log.tail()}`);
  }

  /** Starts the server, making the cluster first when there is none; resolves when it answers. */
  async start() {
    if (!existsSync(join(this.base, 'created'))) await step('Creating the database', () => this.#create());
    this.#log ??= await openLog(this.base, 'postgres.log');
    const running = await this.#runningPort();
    if (running !== null) {
      say('PostgreSQL already runs on these files. It is used, and left running at the end.');
      this.port = running;
      return { ended: new Promise(() => undefined), stop: async () => undefined };
    }
    this.port ??= await freePort();
    return this.#run();
  }

  /** Starts the server and makes the application's database; resolves to the owner's URL of it. */
  async open() {
    await this.start();
    return this.ensureDatabase(DATABASE);
  }

  url(database) {
    return `postgres://${OWNER}:${readFileSync(this.secret, 'utf8')}@127.0.0.1:${this.port}/${database}`;
  }

  /** Makes a database when it is not there; resolves to the owner's URL of it. */
  async ensureDatabase(name = DATABASE) {
    const found = await this.#psql(`select 1 from pg_database where datname = '${name}'`);
    if (found.trim() !== '1') await this.#psql(`create database ${name}`);
    return this.url(name);
  }

  /** The owner's URL of the application's database when a server runs on these files now, else null. */
  runningUrl() {
    this.port = this.#portNow();
    return this.port === null ? null : this.url(DATABASE);
  }

  /** Puts a fresh database, filled by `fill`, in the place of the application's; the one before becomes pike_before. */
  async replaceDatabase(fill) {
    const [fresh, before] = [`${DATABASE}_fresh`, `${DATABASE}_before`];
    await this.#psql(`drop database if exists ${fresh}`);
    await fill(await this.ensureDatabase(fresh));
    await this.#psql(`drop database if exists ${before}`);
    await this.#psql(`alter database ${DATABASE} rename to ${before}`);
    await this.#psql(`alter database ${fresh} rename to ${DATABASE}`);
  }

  #psql(sql) {
    const env = { ...process.env, PGPASSWORD: readFileSync(this.secret, 'utf8') };
    return command(
      join(this.bin, 'psql'),
      [
        '-h',
        '127.0.0.1',
        '-p',
        String(this.port),
        '-U',
        OWNER,
        '-d',
        'postgres',
        '-v',
        'ON_ERROR_STOP=1',
        '-Atc',
        sql,
      ],
      { env },
    );
  }

  /** Stops the server that this process started, and no other. */
  async stop() {
    const child = this.#child;
    this.#child = null;
    if (child && child.exitCode === null && child.signalCode === null) {
      const ended = new Promise((resolve) => child.on('exit', resolve));
      child.kill('SIGINT');
      await ended;
    }
    await this.#log?.close();
    this.#log = null;
  }

  /** Ends it as a power cut would, for tests. */
  kill() {
    this.#child?.kill('SIGKILL');
  }

  remove() {
    rmSync(this.base, { recursive: true, force: true });
  }
}
