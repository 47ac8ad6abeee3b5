// npm start: everything that is needed, then the server, until Ctrl-C.
import { randomUUID } from 'node:crypto';
import { mkdirSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { addressesOf, sayPairing } from './lib/addresses.mjs';
import { holdLock, holderOf } from './lib/lock.mjs';
import { openLog } from './lib/log-file.mjs';
import { ownCluster } from './lib/own-cluster.mjs';
import { dataFolder, ensureDebian, ensurePackages } from './lib/packages.mjs';
import { postgresql } from './lib/postgres.mjs';
import { run, say, Stop } from './lib/say.mjs';
import { buildServer } from './lib/build-server.mjs';
import { startServer, startStandIns } from './lib/server.mjs';
import { keepRunning } from './lib/supervise.mjs';
import { backUpDaily } from './lib/daily-backup.mjs';
import { ensureWeb, webRoot } from './lib/web.mjs';

const PATIENCE_MS = 90_000;
const HEALTH_MS = 10_000;
const wait = (ms) => new Promise((go) => setTimeout(go, ms));

/** What this start tells another one that finds the folder taken. */
const holder = { pid: process.pid, instance: randomUUID(), url: null };

/** What the health of an address says of itself; null when there is no answer. */
const healthOf = (url) =>
  fetch(`${url}/api/health`, { signal: AbortSignal.timeout(HEALTH_MS) }).then(
    (answer) => answer.json(),
    () => null,
  );

/** How a start of this folder is named on the terminal. */
const nameOf = ({ pid }) => (pid === null ? 'too busy to say its process' : `process ${pid}`);

/** Ends a second start: it is told where the first one listens, and touches nothing of it. */
async function sayWhereItRuns() {
  const until = Date.now() + PATIENCE_MS;
  let other = await holderOf(dataFolder);
  let saidWhy = false;
  for (; other && Date.now() < until; other = await holderOf(dataFolder)) {
    // One that is too busy to say who it is has no address either: it is waited for.
    const health = other.url && (await healthOf(other.url));
    if (health && health.instance === other.instance) {
      if (health.status === 'ok') return say(`Pike Stone is already running: ${other.url}`);
      throw new Stop(
        `Pike Stone already runs from this folder (process ${other.pid}, ${other.url}), but not well: ${health.status}. It mends what it can by itself; to start anew, end it there first.`,
      );
    }
    if (!saidWhy) say(`Another npm start of this folder (${nameOf(other)}) is under way; waiting for it.`);
    saidWhy = true;
    await wait(1_000);
  }
  throw new Stop(
    other
      ? `Another npm start of this folder (${nameOf(other)}) does not answer. It was left alone; end it there, then start again.`
      : 'Another npm start of this folder was just ending. Start again.',
  );
}

/** What the supervision says on the terminal and in the log. */
const supervised = (what, log) => (event) => {
  const sentence = event.gaveUp
    ? `${what} ended again and again (last with ${event.code}); given up. See ${log.path}.`
    : event.startedAgain
      ? `${what} runs again.`
      : `${what} ended with ${event.code}; starting it again (try ${event.attempt}).`;
  say(sentence);
  log.write(`${JSON.stringify({ level: 40, time: Date.now(), msg: sentence })}\n`);
};

async function serve(external) {
  mkdirSync(dataFolder, { recursive: true });
  // Written by earlier versions and read by nobody now.
  rmSync(join(dataFolder, 'running.json'), { force: true });
  const cluster = external ? null : ownCluster();
  const log = await openLog(dataFolder, 'server.log');
  const running = [];
  let stopping = false;
  let askedToStop;
  const stopAsked = new Promise((resolve) => (askedToStop = resolve));
  for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP'])
    process.on(signal, () => {
      if (!stopping) say('Stopping ...');
      stopping = true;
      askedToStop('stopped');
    });
  /** Ends what this start started, last first. */
  const shutDown = async () => {
    stopping = true;
    for (const program of running.reverse()) await program.stop();
    await log.close();
  };

  try {
    if (cluster) running.push(await keepRunning(() => cluster.start(), supervised('The database', log)));
    const ownerUrl = external ?? (await cluster.ensureDatabase());
    // Real instruments are named by PIKE_INSTRUMENTS; without it simulated ones stand in.
    let instruments = {};
    if (process.env.PIKE_INSTRUMENTS === undefined) {
      const standIns = startStandIns({}, log);
      running.push(standIns);
      instruments = { PIKE_INSTRUMENTS: await standIns.listening };
    }
    const env = {
      PIKE_DATABASE_URL: ownerUrl,
      PIKE_OWN_CLUSTER: cluster ? 'yes' : 'no',
      ...(cluster && { PIKE_DISK: cluster.base }),
      PIKE_WEB_ROOT: webRoot,
      PIKE_INSTANCE: holder.instance,
      ...instruments,
    };
    let listens = null;
    const backups = cluster && backUpDaily(ownerUrl, log);
    if (backups) running.push(backups);
    const startOnce = async () => {
      const again = listens && { PIKE_PORT: String(listens.port) };
      const program = startServer(
        { ...env, ...again },
        log,
        (pairing) => listens && sayPairing(listens, pairing),
      );
      const heard = await program.listening;
      const first = listens === null;
      listens = heard;
      if (first) sayOpen(heard, log);
      if (heard.pairing) await sayPairing(heard, heard.pairing);
      backups?.tell(program.child);
      return program;
    };
    running.push(await keepRunning(startOnce, supervised('The server', log)));
    const end = await Promise.race([
      stopAsked,
      ...running.map(({ givenUp }) => givenUp ?? new Promise(() => undefined)),
    ]);
    if (end !== 'stopped') {
      say('Nothing saved is lost: npm start again.');
      process.exitCode = 1;
    }
  } finally {
    await shutDown();
  }
}

function sayOpen(listens, log) {
  const [url] = addressesOf(listens);
  if (listens.loaded) say('The demo workshop is set up.');
  holder.url = url;
  console.log(`\n  Open ${url}\n\n  Ctrl-C stops it. The log is ${log.path}.`);
}

async function main() {
  const giveBack = await holdLock(dataFolder, () => holder);
  if (!giveBack) return sayWhereItRuns();
  console.log('Pike Stone');
  const external = process.env.PIKE_DATABASE_URL;
  await ensurePackages();
  if (!external) await ensureDebian([postgresql]);
  await ensureWeb();
  await buildServer();
  await serve(external);
  await giveBack();
}

await run(main);
