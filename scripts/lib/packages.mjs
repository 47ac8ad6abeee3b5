// Node packages and Debian packages: installs what is missing, nothing else.
import { spawn, spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { step, Stop } from './say.mjs';

export const projectRoot = join(dirname(fileURLToPath(import.meta.url)), '../..');
/** Where everything that is made lies: the database, logs, what is running. */
export const dataFolder = process.env.PIKE_DATA ?? join(projectRoot, '.data');

/** Runs a command to its end; its output goes to a log file that is shown when it fails. */
export function command(file, args, options = {}) {
  return new Promise((resolve, reject) => {
    const child = spawn(file, args, { cwd: projectRoot, stdio: ['ignore', 'pipe', 'pipe'], ...options });
    let output = '';
    for (const stream of [child.stdout, child.stderr]) stream?.on('data', (chunk) => (output += chunk));
    child.on('error', reject);
    child.on('close', (code) =>
      code === 0
        ? resolve(output)
        : reject(new Stop(`${file} ${args.join(' ')} ended with ${code}:\n${output.slice(-4000)}`)),
    );
  });
}

/** npm ci, when the lock file is not the one that was installed. */
export async function ensurePackages() {
  const stamp = join(projectRoot, 'node_modules/.pike-lock');
  const lock = createHash('sha256')
    .update(readFileSync(join(projectRoot, 'package-lock.json')))
    .digest('hex');
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === lock) return;
  await step('Installing node packages (npm ci)', () =>
    command('npm', ['ci', '--no-audit', '--no-fund'], { shell: process.platform === 'win32' }),
  );
  writeFileSync(stamp, lock);
}

const CLUSTER_RULE = '/etc/postgresql-common/createcluster.d/pike-stone.conf';
const isRoot = process.getuid?.() === 0;

/** Debian keeps its own cluster out of the way: the project makes its own. */
function withoutDefaultCluster(install) {
  const mayWrite = !existsSync('/etc/postgresql-common/createcluster.conf') && !existsSync(CLUSTER_RULE);
  if (mayWrite) {
    mkdirSync(dirname(CLUSTER_RULE), { recursive: true });
    writeFileSync(CLUSTER_RULE, 'create_main_cluster = false\n');
  }
  return install().finally(() => mayWrite && rmSync(CLUSTER_RULE, { force: true }));
}

/** Installs Debian packages that are missing; without root it says exactly what to type. */
export async function ensureDebian(wanted) {
  const missing = wanted.filter(({ present }) => !present()).map(({ name }) => name);
  if (missing.length === 0) return;
  const line = `apt-get install -y --no-install-recommends ${missing.join(' ')}`;
  if (!isRoot)
    throw new Stop(
      `This needs Debian's ${missing.join(' and ')}. Type:\n\n    sudo ${line}\n\n  and start again.`,
    );
  const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' };
  await step(`Installing Debian packages: ${missing.join(', ')}`, async () => {
    await command('apt-get', ['update', '-q'], { env });
    await withoutDefaultCluster(() => command('apt-get', line.split(' ').slice(1), { env }));
  });
  const still = wanted.filter(({ present }) => !present()).map(({ name }) => name);
  if (still.length > 0) throw new Stop(`${still.join(' and ')} could not be installed. Try: ${line}`);
}

/** Debian's Chromium: the one without parts for a monitor takes less of the processor; the whole one where only that is there. */
const CHROMIUM = ['/usr/bin/chromium-headless-shell', '/usr/bin/chromium'];
const chromiumHere = () => CHROMIUM.find((file) => existsSync(file));
/** How Chromium is started: without a monitor, also as root, and without asking for anything outside. */
export const LAUNCH = {
  get executablePath() {
    return chromiumHere() ?? CHROMIUM[0];
  },
  args: [
    '--no-sandbox',
    '--disable-gpu',
    '--disable-quic',
    '--no-first-run',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
    // Letters as wide as on a screen; the one without parts for a monitor rounds them otherwise.
    '--font-render-hinting=none',
  ],
};
export const chromium = { name: 'chromium-headless-shell', present: () => chromiumHere() !== undefined };

export const works = (file, args) => spawnSync(file, args, { stdio: 'ignore' }).status === 0;
/** Programs that open the files of the application as anybody would: drawings, sheets and solids. */
export const fileReaders = [
  { name: 'librsvg2-bin', present: () => existsSync('/usr/bin/rsvg-convert') },
  { name: 'poppler-utils', present: () => existsSync('/usr/bin/pdftoppm') },
  { name: 'admesh', present: () => existsSync('/usr/bin/admesh') },
  { name: 'python3-ezdxf', present: () => works('/usr/bin/python3', ['-c', 'import ezdxf']) },
];
export { isRoot };
