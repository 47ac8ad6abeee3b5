import { createServer } from 'node:http';
import pino from 'pino';
import { HeavyCalculations } from './calc/heavy';
import { readConfig } from './config';
import { migrate } from './db/migrate';
import { DiskRoom } from './db/disk-room';
import { ShopPool } from './db/shop-pool';
import { FirstPage } from './first-page/first-page';
import { loadDemo } from './demo/load';
import { Backups } from './http/backups';
import { buildServer } from './http/server';
import { OwnAddress } from './http/own-address';
import { Instrument } from './instrument/instrument';
import { tcpLines } from './instrument/line-source';
import { measure } from './measure';
import { Pairing } from './session/pairing';

/** Requests under way are given so long at the end; what is still open after twice as long is left as it is. */
const DRAIN_MS = 5_000;
/** A client that sends its request more slowly than this is cut off. */
const REQUEST_MS = { headersTimeout: 10_000, requestTimeout: 30_000, connectionsCheckingInterval: 3_000 };

/** Sends the state of the start to the parent process, when there is one. */
const tell = (message: Record<string, unknown>): void => void process.send?.(message);

async function main(): Promise<void> {
  const config = readConfig(process.env);
  const log = pino({ level: config.logLevel });
  const applied = await migrate(config);
  const loaded = await loadDemo(config.ownerUrl);
  const pool = new ShopPool(config.appUrl);
  const healthPool = new ShopPool(config.appUrl, 1, false);
  const heavy = new HeavyCalculations();
  const address = new OwnAddress(config.host, config.names);
  // A code is of use only where devices come in that need one.
  const needsCode = !config.ownCluster || !address.onlyHere;
  const pairing = new Pairing(Date.now, (code) => needsCode && tell({ pairing: code }));
  const backups = new Backups(Date.now);
  const instruments = new Map(
    config.instruments.map(({ kind, host, port }) => [kind, new Instrument(kind, tcpLines(host, port))]),
  );
  const { webRoot, ownCluster, instance } = config;
  const disk = new DiskRoom(config.disk, config.diskReserveMb);
  const firstPage = webRoot ? new FirstPage(webRoot, log) : null;
  const server = createServer(
    REQUEST_MS,
    buildServer({
      pool,
      healthPool,
      disk,
      heavy,
      pairing,
      needsCode,
      backups,
      address,
      instruments,
      ownCluster,
      instance,
      webRoot,
      firstPage,
      log,
    }),
  );

  const stop = (reason: string): void => {
    log.info({ reason }, 'stopping');
    const deadline = setTimeout(() => server.closeAllConnections(), DRAIN_MS);
    setTimeout(() => process.exit(0), 2 * DRAIN_MS);
    server.close(() => {
      clearTimeout(deadline);
      void Promise.all([pool.end(), healthPool.end(), heavy.end(), firstPage?.end()]).finally(() =>
        process.exit(0),
      );
    });
    for (const instrument of instruments.values()) instrument.close();
    server.closeIdleConnections();
  };
  let stopping = false;
  for (const signal of ['SIGTERM', 'SIGINT', 'disconnect'] as const) {
    process.on(signal, () => {
      if (!stopping) stop(signal);
      stopping = true;
    });
  }

  process.on('message', (message) => {
    const { backup } = message as { readonly backup?: number | null };
    if (backup !== undefined) backups.note(backup);
  });
  if (process.env.PIKE_MEASURE === 'yes') {
    const measured = measure();
    process.on('message', (message) => message === 'measure' && tell({ measured: measured() }));
  }

  server.on('error', (error) => {
    tell({ failed: error.message, code: (error as NodeJS.ErrnoException).code, port: config.port });
    log.fatal({ err: error }, 'cannot listen');
    process.exit(1);
  });
  server.listen(config.port, config.host, () => {
    const at = server.address();
    const port = typeof at === 'object' && at ? at.port : config.port;
    log.info({ host: config.host, port, applied, loaded }, 'listening');
    tell({
      listening: { host: config.host, port, applied, loaded, pairing: needsCode ? pairing.code : null },
    });
  });
}

/** Starts the server; scripts/lib/run-program.cjs calls it. */
export function start(): void {
  main().catch((error: unknown) => {
    tell({ failed: error instanceof Error ? error.message : String(error) });
    console.error(error);
    process.exit(1);
  });
}
