// npm test: every check, or those named on the command line; ends with one line "N passed, N failed".
import { spawn } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import { availableParallelism } from 'node:os';
import { join } from 'node:path';
import { buildServer } from './lib/build-server.mjs';
import {
  chromium,
  dataFolder,
  fileReaders,
  ensureDebian,
  ensurePackages,
  projectRoot,
} from './lib/packages.mjs';
import { Cluster, postgresql } from './lib/postgres.mjs';
import { run, say, Stop } from './lib/say.mjs';
import { ensureWeb } from './lib/web.mjs';

const scratch = join(dataFolder, `test-${process.pid}`);
const bin = (name) => join(projectRoot, 'node_modules/.bin', name);
/** The newer compiler, which takes a third of the time; the linter can only ask the older one for types. */
const TYPESCRIPT = join(projectRoot, 'node_modules/typescript-7/bin/tsc');

/** Runs a program with its output in view; resolves to its exit code. */
const show = (file, args, env = {}) =>
  new Promise((resolve) => {
    const child = spawn(file, args, {
      cwd: projectRoot,
      stdio: ['ignore', 'inherit', 'inherit'],
      env: { ...process.env, ...env },
    });
    child.on('error', () => resolve(1));
    child.on('close', (code) => resolve(code ?? 1));
  });

/** Runs a program to its end; its output is shown at once when it ends badly. Such a check counts as one. */
const single = (file, args) =>
  new Promise((resolve) => {
    const child = spawn(file, args, { cwd: projectRoot, stdio: ['ignore', 'pipe', 'pipe'] });
    let output = '';
    for (const stream of [child.stdout, child.stderr]) stream.on('data', (chunk) => (output += chunk));
    const end = (code) => {
      if (code !== 0) console.log(output);
      resolve(code === 0 ? { passed: 1, failed: 0 } : { passed: 0, failed: 1 });
    };
    child.on('error', ({ message }) => {
      output += message;
      end(1);
    });
    child.on('close', end);
  });

/** What a runner wrote about its cases; a runner that ended badly without a failed case counts as one failure. */
function counted(report, code, read) {
  if (!existsSync(report)) return { passed: 0, failed: 1 };
  const { passed, failed } = read(JSON.parse(readFileSync(report, 'utf8')));
  return { passed, failed: failed + (code !== 0 && failed === 0 ? 1 : 0) + (passed + failed === 0 ? 1 : 0) };
}

async function jest(...projects) {
  const report = join(scratch, `jest-${projects.join('-')}.json`);
  const code = await show(bin('jest'), [
    '--selectProjects',
    ...projects,
    '--json',
    `--outputFile=${report}`,
    '--silent=false',
    '--reporters=default',
  ]);
  return counted(report, code, (r) => ({
    passed: r.numPassedTests,
    failed: r.numFailedTests + r.numRuntimeErrorTestSuites,
  }));
}

async function playwright(...projects) {
  const report = join(scratch, `playwright-${projects.join('-')}.json`);
  const env = { PIKE_TEST_OWNER_URL: cluster.url('postgres'), PLAYWRIGHT_JSON_OUTPUT_FILE: report };
  const code = await show(
    bin('playwright'),
    ['test', '--config', 'e2e/playwright.config.ts', ...projects.flatMap((name) => ['--project', name])],
    env,
  );
  return counted(report, code, ({ stats, errors }) => {
    if (stats.flaky > 0) say(`${stats.flaky} passed at the second try only: named above as flaky`);
    return { passed: stats.expected + stats.flaky, failed: stats.unexpected + errors.length };
  });
}

/** The short part of npm run torture; each of its parts counts. */
async function torture() {
  const report = join(scratch, 'torture.json');
  const code = await show(process.execPath, ['scripts/torture.mjs', 'short'], {
    PIKE_TORTURE_REPORT: report,
  });
  return counted(report, code, (r) => r);
}

const WORKSPACES = ['core', 'words', 'contract', 'server', 'app'];

let cluster;
async function scratchDatabase() {
  cluster = new Cluster(join(scratch, 'postgres'), `/var/lib/pike-stone-test-${process.pid}`);
  await cluster.open();
}

/** Each is one program on one core, so several run at a time. The longest is first. */
const HOUSE_RULES = {
  lint: { says: 'Lint', work: () => single(bin('oxlint'), []) },
  house: {
    says: 'No operation by its name, no clock in the core',
    work: () => single(process.execPath, ['lint/house-rules.mjs']),
  },
  format: {
    says: 'One format',
    work: () => single(bin('prettier'), ['--check', '--log-level', 'warn', '.']),
  },
  types: { says: 'Types', work: () => single(process.execPath, [TYPESCRIPT, '-p', '.']) },
  imports: {
    says: 'Imports only go down, none in a circle',
    work: () => single(bin('depcruise'), ['--config', '.dependency-cruiser.mjs', ...WORKSPACES]),
  },
  unused: { says: 'Nothing unused', work: () => single(bin('knip'), []) },
  formulas: {
    says: 'Formulas as the core says them',
    work: () => single(process.execPath, ['scripts/formulas.mjs', '--check']),
  },
};

/** These wait most of their time, so they run beside the others. */
const WAITING = {
  torture: {
    says: 'What must not break, broken on purpose',
    debian: [postgresql],
    needs: [ensureWeb, buildServer],
    work: () => torture(),
  },
};

/** These keep all cores busy by themselves, one after another. */
const SUITES = {
  unit: {
    says: 'Unit tests and reference cases',
    work: () => jest('core', 'words', 'contract', 'server', 'app'),
  },
  e2e: {
    says: 'The server against PostgreSQL, and the application in Chromium',
    debian: [postgresql, chromium, ...fileReaders],
    needs: [ensureWeb, buildServer, scratchDatabase],
    work: () => playwright('api', 'phone', 'wide'),
  },
};

/** Run only when asked for by name: each is a part of a suite. */
const PARTS = {
  api: {
    says: 'The server against PostgreSQL',
    debian: [postgresql],
    needs: [ensureWeb, buildServer, scratchDatabase],
    work: () => playwright('api'),
  },
};

const CHECKS = { ...HOUSE_RULES, ...WAITING, ...SUITES, ...PARTS };
const total = { passed: 0, failed: 0 };

const begun = new Map();
/** What several checks need is made once, also when they ask for it at the same time. */
function made(need) {
  if (!begun.has(need)) begun.set(need, need());
  return begun.get(need);
}

async function check(name) {
  const { says, needs = [], work } = CHECKS[name];
  for (const need of needs) await made(need);
  say(`${says} ...`);
  const began = Date.now();
  const { passed, failed } = await work();
  say(`${says}: ${passed} passed, ${failed} failed, in ${Math.round((Date.now() - began) / 1000)} s`);
  total.passed += passed;
  total.failed += failed;
}

async function checkEach(queue) {
  for (let name = queue.shift(); name !== undefined; name = queue.shift()) await check(name);
}

async function main() {
  const asked = process.argv.slice(2);
  const unknown = asked.find((name) => !(name in CHECKS));
  if (unknown)
    throw new Stop(`There is no check called "${unknown}". There are: ${Object.keys(CHECKS).join(', ')}.`);
  const wanted = (checks) => Object.keys(checks).filter((name) => asked.length === 0 || asked.includes(name));
  const rules = wanted(HOUSE_RULES);
  const waiting = wanted(WAITING);
  const suites = [...wanted(SUITES), ...(asked.length > 0 ? wanted(PARTS) : [])];
  const debian = new Set([...waiting, ...suites].flatMap((name) => CHECKS[name].debian ?? []));
  await Promise.all([ensurePackages(), ensureDebian([...debian])]);
  mkdirSync(scratch, { recursive: true });
  try {
    const atOnce = Array.from({ length: availableParallelism() }, () => rules);
    await Promise.all([checkEach(waiting), Promise.all(atOnce.map(checkEach)).then(() => checkEach(suites))]);
  } finally {
    await cluster?.stop();
    cluster?.remove();
    rmSync(scratch, { recursive: true, force: true });
  }
  console.log(`${total.passed} passed, ${total.failed} failed`);
  process.exitCode = total.failed > 0 ? 1 : 0;
}

for (const signal of ['SIGINT', 'SIGTERM'])
  process.on(signal, () => {
    void Promise.resolve(cluster?.stop()).finally(() => {
      cluster?.remove();
      process.exit(130);
    });
  });
await run(main);
