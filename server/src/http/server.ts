import { openApi } from '@pike-stone/contract/openapi';
import compression from 'compression';
import express, { type Express } from 'express';
import type { Logger } from 'pino';
import type { InstrumentKind } from '@pike-stone/contract';
import type { ShopPool } from '../db/shop-pool';
import type { Instrument } from '../instrument/instrument';
import { calcRoutes } from '../calc/routes';
import { instrumentRoutes } from '../instrument/routes';
import { Records } from '../record/repository';
import { recordRoutes } from '../record/routes';
import { stockLevelRoutes } from '../record/stock-levels';
import { dataHeaders, pageHeaders } from './headers';
import { noSuchRoute, onError } from './problem';
import { requestLog } from './request-log';
import { Sessions } from '../session/session';
import { webApp } from './web-app';

const VERSION = '0.1.0';
const BODY_LIMIT = '64kb';

/** The HTTP server: the API under /api, the application elsewhere. */
export function buildServer(
  pool: ShopPool,
  log: Logger,
  webRoot: string | null,
  instruments: ReadonlyMap<InstrumentKind, Instrument>,
): Express {
  const server = express();
  const web = webRoot ? webApp(webRoot) : null;
  server.disable('x-powered-by').set('trust proxy', false).set('etag', false);
  server.use(requestLog(log));
  server.use('/api', dataHeaders, apiRoutes(pool, instruments));
  if (web) server.use(pageHeaders(web), compression(), web.routes);
  server.use(noSuchRoute);
  server.use(onError(log));
  return server;
}

function apiRoutes(pool: ShopPool, instruments: ReadonlyMap<InstrumentKind, Instrument>): express.Router {
  const api = express.Router();
  const sessions = new Sessions(pool);
  const description = openApi(VERSION);
  api.get('/health', async (_request, response) => {
    const database = await pool.shopless({ text: 'select 1' }).then(
      () => true,
      () => false,
    );
    response
      .status(database ? 200 : 503)
      .json({ status: database ? 'ok' : 'database not reachable', database, version: VERSION });
  });
  api.get('/openapi.json', (_request, response) => void response.json(description));
  api.get('/session', sessions.routes());
  api.use('/instruments', sessions.required(), instrumentRoutes(instruments));
  api.use(express.json({ limit: BODY_LIMIT, strict: true }));
  api.use('/calc', calcRoutes());
  api.use('/stock-levels', sessions.required(), stockLevelRoutes(pool));
  api.use(sessions.required(), recordRoutes(new Records(pool)));
  api.use(noSuchRoute);
  return api;
}
