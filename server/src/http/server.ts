import type { InstrumentKind } from '@pike-stone/contract';
import { bringLaterBodies } from '@pike-stone/contract/later';
import { openApi } from '@pike-stone/contract/openapi';
import express, { type Express, type Router } from 'express';
import type { Logger } from 'pino';
import { archiveRoutes } from '../archive/routes';
import { bookRoutes } from '../book/routes';
import { LearnedOfShops, learnedRoutes } from '../book/learned';
import type { HeavyCalculations } from '../calc/heavy';
import { calcRoutes } from '../calc/routes';
import type { DiskRoom } from '../db/disk-room';
import type { ShopPool } from '../db/shop-pool';
import type { FirstPage } from '../first-page/first-page';
import type { Instrument } from '../instrument/instrument';
import { instrumentRoutes } from '../instrument/routes';
import { Records } from '../record/repository';
import { recordRoutes } from '../record/routes';
import { stockLevelRoutes } from '../record/stock-levels';
import type { Pairing } from '../session/pairing';
import { deviceRoutes, sessionRoutes, type Door } from '../session/routes';
import { Sessions } from '../session/sessions';
import type { Backups } from './backups';
import { dataHeaders, pageHeaders } from './headers';
import { health } from './health';
import { jsonBody } from './json-body';
import type { OwnAddress } from './own-address';
import { noSuchRoute, onError } from './problem';
import { requestLog } from './request-log';
import { webApp } from './web-app';

const VERSION = '0.1.0';

/** Everything that the server answers with. */
export interface Parts {
  readonly pool: ShopPool;
  /** Connections for the health check alone. */
  readonly healthPool: ShopPool;
  readonly disk: DiskRoom;
  readonly heavy: HeavyCalculations;
  readonly pairing: Pairing;
  /** Devices come in that need a code. */
  readonly needsCode: boolean;
  readonly backups: Backups;
  readonly address: OwnAddress;
  readonly instruments: ReadonlyMap<InstrumentKind, Instrument>;
  readonly ownCluster: boolean;
  readonly instance: string;
  readonly webRoot: string | null;
  /** Draws the first page for a visitor; null without an application. */
  readonly firstPage: FirstPage | null;
  readonly log: Logger;
}

/** The HTTP server: the API under /api, the application elsewhere. */
export function buildServer(parts: Parts): Express {
  bringLaterBodies();
  const { log, webRoot, firstPage, address, pool, pairing, needsCode, ownCluster } = parts;
  const server = express();
  const records = new Records(pool, parts.disk);
  const learned = new LearnedOfShops(pool, parts.heavy);
  const door: Door = { pool, sessions: new Sessions(pool), pairing, needsCode, ownCluster };
  const web = webRoot
    ? webApp(webRoot, async (request) => firstPage?.elementFor(request, door, records, learned) ?? null)
    : null;
  server.disable('x-powered-by').set('trust proxy', false).set('etag', false);
  server.use(requestLog(log), address.required());
  server.use('/api', dataHeaders, apiRoutes(parts, records, door, learned));
  if (web) server.use(pageHeaders(web), web.routes);
  server.use(noSuchRoute);
  server.use(onError(log));
  return server;
}

function apiRoutes(parts: Parts, records: Records, door: Door, learned: LearnedOfShops): Router {
  const { pool, healthPool, disk, heavy, backups, instruments, instance } = parts;
  const { sessions } = door;
  const api = express.Router();
  // Made when it is first asked for: a start that makes it takes about a fifth longer.
  let description: string | undefined;
  api.get('/health', health({ pool: healthPool, disk, instance, version: VERSION }));
  api.get('/openapi.json', (_request, response) => {
    response.type('json').send((description ??= JSON.stringify(openApi(VERSION))));
  });
  api.use('/instruments', sessions.required(), instrumentRoutes(instruments));
  api.use('/archive', sessions.required(), archiveRoutes(pool, disk, records, Date.now));
  api.use(jsonBody);
  api.use('/session', sessionRoutes(door));
  api.use('/calc', calcRoutes(heavy));
  api.use('/devices', sessions.required(), deviceRoutes(door));
  api.get('/backups', sessions.required(), backups.route());
  api.use('/stock-levels', sessions.required(), stockLevelRoutes(pool));
  api.use('/book', sessions.required(), bookRoutes(pool));
  api.use('/learned', sessions.required(), learnedRoutes(learned));
  api.use(sessions.required(), recordRoutes(records));
  api.use(noSuchRoute);
  return api;
}
