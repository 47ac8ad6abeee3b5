// npm start: everything that is needed, then the server, until Ctrl-C.
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { dataFolder, ensureDebian, ensurePackages, projectRoot } from './lib/packages.mjs';
import { Cluster, postgresql } from './lib/postgres.mjs';
import { run, say } from './lib/say.mjs';
import { startServer, startStandIns } from './lib/server.mjs';
import { ensureWeb, webRoot } from './lib/web.mjs';

const RUN_FILE = join(dataFolder, 'running.json');

/** Address of a Pike Stone that already runs from this folder, or null. */
async function alreadyRunning() {
  if (!existsSync(RUN_FILE)) return null;
  const { pid, url } = JSON.parse(readFileSync(RUN_FILE, 'utf8'));
  if (!existsSync(`/proc/${pid}`)) return null;
  const answers = await fetch(`${url}/api/health`, { signal: AbortSignal.timeout(3_000) }).then(
    () => true,
    () => false,
  );
  return answers ? url : null;
}

async function main() {
  const running = await alreadyRunning();
  if (running) return say(`Pike Stone is already running: ${running}`);

  console.log('Pike Stone');
  const external = process.env.PIKE_DATABASE_URL;
  await ensurePackages();
  if (!external) await ensureDebian([postgresql]);
  await ensureWeb();

  mkdirSync(dataFolder, { recursive: true });
  const place = createHash('sha256').update(projectRoot).digest('hex').slice(0, 12);
  const cluster = external ? null : new Cluster(join(dataFolder, 'postgres'), `/var/lib/pike-stone-${place}`);
  const shutDown = async () => {
    rmSync(RUN_FILE, { force: true });
    await standIns?.stop();
    await cluster?.stop();
  };
  let server;
  let standIns;
  let stopping = false;
  for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) {
    process.on(signal, () => {
      if (stopping) return;
      stopping = true;
      say('Stopping ...');
      void (server ? server.stop() : shutDown().finally(() => process.exit(1)));
    });
  }
  try {
    const ownerUrl = external ?? (await cluster.start());
    const logFile = join(dataFolder, 'server.log');
    // Real instruments are named by PIKE_INSTRUMENTS; without it simulated ones stand in.
    if (process.env.PIKE_INSTRUMENTS === undefined) standIns = startStandIns({}, logFile);
    const instruments = standIns ? { PIKE_INSTRUMENTS: await standIns.listening } : {};
    server = startServer({ PIKE_DATABASE_URL: ownerUrl, PIKE_WEB_ROOT: webRoot, ...instruments }, logFile);
    const { host, port, loaded } = await server.listening;
    const shown = host === '0.0.0.0' || host === '::' ? '127.0.0.1' : host.includes(':') ? `[${host}]` : host;
    const url = `http://${shown}:${port}`;
    writeFileSync(RUN_FILE, JSON.stringify({ pid: process.pid, url }));
    if (loaded) say('The demo workshop is set up.');
    console.log(`\n  Open ${url}\n\n  Ctrl-C stops it. The log is ${logFile}.`);
    const code = await server.ended;
    if (!stopping) {
      say(`The server ended with ${code}; see ${logFile}. Nothing saved is lost: npm start again.`);
      process.exitCode = 1;
    }
  } finally {
    await shutDown();
  }
}

await run(main);
