// A PostgreSQL cluster of the project's own: loopback only, durable, never as root.
import { spawnSync } from 'node:child_process';
import { randomBytes } from 'node:crypto';
import {
  chmodSync,
  chownSync,
  existsSync,
  mkdirSync,
  readFileSync,
  readdirSync,
  rmSync,
  writeFileSync,
} from 'node:fs';
import { createServer } from 'node:net';
import { join } from 'node:path';
import { command, isRoot, works } from './packages.mjs';
import { say, step, Stop } from './say.mjs';

const DEBIAN_HOME = '/usr/lib/postgresql';
const OWNER = 'pike_owner';
const DATABASE = 'pike';

/** Folder of the newest installed server's programs. */
function programs() {
  if (!existsSync(DEBIAN_HOME)) return null;
  const versions = readdirSync(DEBIAN_HOME).filter((version) =>
    existsSync(join(DEBIAN_HOME, version, 'bin/initdb')),
  );
  const newest = versions.sort((a, b) => Number(b) - Number(a))[0];
  return newest ? join(DEBIAN_HOME, newest, 'bin') : null;
}

export const postgresql = { name: 'postgresql', present: () => programs() !== null };

const freePort = () =>
  new Promise((resolve, reject) => {
    const probe = createServer().listen(0, '127.0.0.1', () => {
      const { port } = probe.address();
      probe.close(() => resolve(port));
    });
    probe.on('error', reject);
  });

/** Runs a server program as the ordinary user, or as postgres when we are root. */
const asServerUser = (file, args) =>
  isRoot ? ['runuser', ['-u', 'postgres', '--', file, ...args]] : [file, args];
const userId = (flag) => Number(spawnSync('id', [flag, 'postgres'], { encoding: 'utf8' }).stdout.trim());

/** Where the files may lie: inside `wanted`, unless the server's user cannot get there. */
function reachable(wanted, fallback) {
  mkdirSync(wanted, { recursive: true });
  if (!isRoot || works('runuser', ['-u', 'postgres', '--', 'test', '-x', wanted])) return wanted;
  say(`The user postgres cannot enter ${wanted}; the database lies in ${fallback} instead.`);
  mkdirSync(fallback, { recursive: true, mode: 0o755 });
  return fallback;
}

export class Cluster {
  /** @param folder where it lies @param fallback used when the server's user cannot enter it */
  constructor(folder, fallback) {
    this.base = reachable(folder, fallback);
    this.data = join(this.base, 'cluster');
    this.secret = join(this.base, 'owner-password');
    this.log = join(this.base, 'server.log');
    this.bin = programs();
  }

  async #program(name, args) {
    return command(...asServerUser(join(this.bin, name), args), { cwd: '/' });
  }

  async #create() {
    rmSync(this.data, { recursive: true, force: true });
    const password = randomBytes(24).toString('base64url');
    writeFileSync(this.secret, password, { mode: 0o600 });
    mkdirSync(this.data, { mode: 0o700 });
    if (isRoot) for (const path of [this.data, this.secret]) chownSync(path, userId('-u'), userId('-g'));
    await this.#program('initdb', [
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
    writeFileSync(
      join(this.data, 'postgresql.auto.conf'),
      [
        "listen_addresses = '127.0.0.1'",
        "unix_socket_directories = ''",
        'fsync = on',
        'synchronous_commit = on',
        'full_page_writes = on',
        "password_encryption = 'scram-sha-256'",
        'max_connections = 60',
        "log_min_messages = 'warning'",
        "timezone = 'UTC'",
      ].join('\n') + '\n',
    );
    writeFileSync(join(this.base, 'created'), '');
  }

  /** Port of a server that already runs on these files, or null. */
  #runningPort() {
    const pidFile = join(this.data, 'postmaster.pid');
    if (!existsSync(pidFile)) return null;
    const [pid, , , port] = readFileSync(pidFile, 'utf8').split('\n');
    return existsSync(`/proc/${pid?.trim()}`)
      && works(...asServerUser(join(this.bin, 'pg_ctl'), ['status', '-D', this.data]))
      ? Number(port)
      : null;
  }

  /** Starts the server, making the cluster first when there is none. Returns the owner's URL. */
  async start() {
    if (!existsSync(join(this.base, 'created'))) await step('Creating the database', () => this.#create());
    this.port = this.#runningPort();
    if (this.port === null) {
      this.port = await freePort();
      if (!existsSync(this.log)) writeFileSync(this.log, '');
      chmodSync(this.log, 0o600);
      if (isRoot) chownSync(this.log, userId('-u'), userId('-g'));
      try {
        await this.#program('pg_ctl', [
          'start',
          '-w',
          '-t',
          '120',
          '-s',
          '-D',
          this.data,
          '-l',
          this.log,
          '-o',
          `-p ${this.port}`,
        ]);
      } catch {
        throw new Stop(
          `PostgreSQL did not start. Its own words:\n${readFileSync(this.log, 'utf8').slice(-2000)}`,
        );
      }
    }
    return this.url(DATABASE, await this.#ensureDatabase(DATABASE));
  }

  url(database) {
    return `postgres://${OWNER}:${readFileSync(this.secret, 'utf8')}@127.0.0.1:${this.port}/${database}`;
  }

  /** Makes a database when it is not there; psql comes with the server package. */
  async #ensureDatabase(name) {
    const env = { ...process.env, PGPASSWORD: readFileSync(this.secret, 'utf8') };
    const psql = (sql) =>
      command(
        join(this.bin, 'psql'),
        ['-h', '127.0.0.1', '-p', String(this.port), '-U', OWNER, '-d', 'postgres', '-Atc', sql],
        { env },
      );
    const found = await psql(`select 1 from pg_database where datname = '${name}'`);
    if (found.trim() !== '1') await psql(`create database ${name}`);
  }

  async stop() {
    if (existsSync(join(this.data, 'postmaster.pid')))
      await this.#program('pg_ctl', ['stop', '-D', this.data, '-m', 'fast', '-w', '-s']);
  }

  remove() {
    rmSync(this.base, { recursive: true, force: true });
  }
}
