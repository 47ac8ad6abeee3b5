import { entry, type DeviceList, type PairingAnswer, type SessionAnswer } from '@pike-stone/contract';
import { Router, type Request, type RequestHandler, type Response } from 'express';
import { rateLimit } from 'express-rate-limit';
import * as z from 'zod';
import type { ShopPool } from '../db/shop-pool';
import { jsonOnly } from '../http/json-body';
import { fromHere } from '../http/own-address';
import { HttpProblem, invalid, notFound } from '../http/problem';
import { deviceName } from './device-name';
import type { Pairing } from './pairing';
import type { Entered, Sessions } from './sessions';

/** Wrong codes from one address within a time. */
const WRONG_CODES = { limit: 8, windowMs: 10 * 60_000 };

/** Who may come in, and by what. */
export interface Door {
  readonly pool: ShopPool;
  readonly sessions: Sessions;
  readonly pairing: Pairing;
  /** Devices come in that need a code. */
  readonly needsCode: boolean;
  /** The database came with the application: then a visitor at this very computer needs no code. */
  readonly ownCluster: boolean;
}

const entryFor = ({ ownCluster }: Door, request: Request): SessionAnswer['entry'] =>
  ownCluster && fromHere(request) ? 'open' : 'code';

async function shopOf({ pool }: Door, shopId: string): Promise<SessionAnswer['shop']> {
  const [shop] = await pool.query<{ shop_id: string; name: string }>(shopId, {
    name: 'shop',
    text: 'select shop_id, name from shop where shop_id = $1',
    values: [shopId],
  });
  return shop ? { id: shop.shop_id, name: shop.name } : null;
}

/** The shop of a visitor who is in, or whom the door would let in without a code; null when there is none. */
export async function shopOfVisitor(door: Door, request: Request): Promise<SessionAnswer['shop']> {
  const entered = await door.sessions.find(request);
  if (entered) return shopOf(door, entered.shopId);
  return entryFor(door, request) === 'open' ? shopOf(door, door.sessions.letsInto) : null;
}

/** Lets a device in that may come in, by its place or by a code. */
async function letIn(door: Door, request: Request, response: Response): Promise<Entered> {
  const read = entry.safeParse(request.body);
  if (!read.success) throw invalid(read.error);
  const name = read.data.device ?? deviceName(request.headers['user-agent']);
  if (entryFor(door, request) === 'open') return door.sessions.letIn(response, name, false);
  if (!read.data.code || !door.pairing.use(read.data.code))
    throw new HttpProblem(403, 'Not let in', 'That is not the code. It changes after each use: look again.', {
      fields: [{ path: 'code', message: 'That is not the code shown now.' }],
    });
  return door.sessions.letIn(response, name, true);
}

/** Counts wrong codes from one address. */
const slowly = (door: Door): RequestHandler =>
  rateLimit({
    ...WRONG_CODES,
    skipSuccessfulRequests: true,
    skip: (request) => entryFor(door, request) === 'open',
    standardHeaders: false,
    legacyHeaders: false,
    handler: (_request, _response, next) =>
      next(
        new HttpProblem(
          429,
          'Too many tries',
          'Too many wrong codes came from this device. Wait ten minutes.',
          { retryAfterS: WRONG_CODES.windowMs / 1_000 },
        ),
      ),
  });

/** `GET` says whether this device is in and how it may come in; `POST` asks to come in. */
export function sessionRoutes(door: Door): Router {
  const router = Router();
  router.get('/', async (request, response) => {
    const entered = await door.sessions.find(request);
    const answer: SessionAnswer = {
      shop: entered ? await shopOf(door, entered.shopId) : null,
      entry: entryFor(door, request),
    };
    response.json(answer);
  });
  router.post('/', jsonOnly, slowly(door), async (request, response) => {
    const entered = (await door.sessions.find(request)) ?? (await letIn(door, request, response));
    const answer: SessionAnswer = {
      shop: await shopOf(door, entered.shopId),
      entry: entryFor(door, request),
    };
    response.json(answer);
  });
  return router;
}

const anId = z.uuid();

/** The devices that are in, to be looked at and sent away, and the code for the next one. */
export function deviceRoutes(door: Door): Router {
  const router = Router();
  router.get('/', async (_request, response) => {
    const answer: DeviceList = { devices: await door.sessions.devices(response.locals.entered as Entered) };
    response.json(answer);
  });
  router.get('/code', (_request, response) => {
    const { code, untilMs } = door.pairing.code;
    const answer: PairingAnswer = door.needsCode
      ? { code, until: new Date(untilMs).toISOString() }
      : { code: null, until: null };
    response.json(answer);
  });
  router.delete('/:id', async (request, response) => {
    const id = anId.safeParse(request.params.id);
    if (!id.success || !(await door.sessions.sendAway(response.locals.shopId, id.data))) throw notFound();
    response.status(204).end();
  });
  return router;
}
