import { createServer } from 'node:http';
import pino from 'pino';
import { readConfig } from './config';
import { migrate } from './db/migrate';
import { ShopPool } from './db/shop-pool';
import { loadDemo } from './demo/load';
import { buildServer } from './http/server';
import { Instrument } from './instrument/instrument';
import { tcpLines } from './instrument/line-source';

const DRAIN_MS = 5_000;

/** Sends the state of the start to the parent process, when there is one. */
const tell = (message: Record<string, unknown>): void => void process.send?.(message);

async function main(): Promise<void> {
  const config = readConfig(process.env);
  const log = pino({ level: config.logLevel });
  const applied = await migrate(config);
  const loaded = await loadDemo(config.ownerUrl);
  const pool = new ShopPool(config.appUrl);
  const instruments = new Map(
    config.instruments.map(({ kind, host, port }) => [kind, new Instrument(kind, tcpLines(host, port))]),
  );
  const server = createServer(buildServer(pool, log, config.webRoot, instruments));

  const stop = (reason: string): void => {
    log.info({ reason }, 'stopping');
    const deadline = setTimeout(() => server.closeAllConnections(), DRAIN_MS);
    server.close(() => {
      clearTimeout(deadline);
      void pool.end().finally(() => process.exit(0));
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

  server.on('error', (error) => {
    tell({ failed: error.message, code: (error as NodeJS.ErrnoException).code });
    log.fatal({ err: error }, 'cannot listen');
    process.exit(1);
  });
  server.listen(config.port, config.host, () => {
    const address = server.address();
    const port = typeof address === 'object' && address ? address.port : config.port;
    log.info({ host: config.host, port, applied, loaded }, 'listening');
    tell({ listening: { host: config.host, port, applied, loaded } });
  });
}

main().catch((error: unknown) => {
  tell({ failed: error instanceof Error ? error.message : String(error) });
  console.error(error);
  process.exit(1);
});
