import { createHash, randomBytes } from 'node:crypto';
import type { Device } from '@pike-stone/contract';
import { parseCookie, stringifySetCookie } from 'cookie';
import type { Request, RequestHandler, Response } from 'express';
import { DEMO_SHOP } from '../demo/shop';
import type { ShopPool } from '../db/shop-pool';
import { HttpProblem } from '../http/problem';

const COOKIE = 'pike_session';
const LIFETIME_DAYS = 400;
/** A visitor of this computer who was not seen for so long is forgotten, and so are more of them than this. */
const VISITOR_DAYS = 30;
const MOST_VISITORS = 200;
const REMEMBERED = 10_000;
/** How long an answer of the database is trusted: another server on it may have sent a device away. */
const REMEMBERED_MS = 10_000;
const NOTED_MS = 60_000;

const hashOf = (token: string): Buffer => createHash('sha256').update(token).digest();

/** A device that is in. */
export interface Entered {
  readonly shopId: string;
  readonly sessionId: string;
}

interface SessionRow {
  shop_id: string;
  id: string;
  last_used_at: Date;
}

interface DeviceRow {
  id: string;
  device: string;
  paired: boolean;
  created_at: Date;
  last_used_at: Date;
}

/** The sessions of devices: finds the shop behind a cookie, lets devices in, and sends them away. */
export class Sessions {
  readonly #known = new Map<string, Entered & { readonly until: number }>();

  /** The shop that devices are let into. */
  readonly letsInto: string = DEMO_SHOP.id;

  constructor(private readonly pool: ShopPool) {}

  async find(request: Request): Promise<Entered | null> {
    const token = parseCookie(request.headers.cookie ?? '')[COOKIE];
    if (!token || token.length > 100) return null;
    const known = this.#known.get(token);
    if (known && known.until > Date.now()) return known;
    const [row] = await this.pool.shopless<SessionRow>({
      name: 'session-of',
      text: 'select shop_id, id, last_used_at from session_of($1)',
      values: [hashOf(token)],
    });
    this.#known.delete(token);
    if (!row) return null;
    const entered = { shopId: row.shop_id, sessionId: row.id };
    if (this.#known.size >= REMEMBERED) this.#known.clear();
    this.#known.set(token, { ...entered, until: Date.now() + REMEMBERED_MS });
    if (Date.now() - row.last_used_at.getTime() > NOTED_MS) this.#noteUse(entered);
    return entered;
  }

  /** Notes the last use of a device. A disk without room does not keep anybody out. */
  #noteUse({ shopId, sessionId }: Entered): void {
    const noted = this.pool.query(shopId, {
      name: 'session-used',
      text: 'update session set last_used_at = now() where shop_id = $1 and id = $2',
      values: [shopId, sessionId],
    });
    void noted.catch(() => undefined);
  }

  /** Lets a device into the shop: one that gave a code (`paired`), or a visitor at this computer. */
  async letIn(response: Response, device: string, paired: boolean): Promise<Entered> {
    const shopId = this.letsInto;
    const token = randomBytes(32).toString('base64url');
    await this.#prune(shopId);
    const [row] = await this.pool.query<{ id: string }>(shopId, {
      text: `insert into session (shop_id, token_hash, expires_at, device, paired)
        values ($1, $2, now() + make_interval(days => $3), $4, $5) returning id`,
      values: [shopId, hashOf(token), LIFETIME_DAYS, device, paired],
    });
    response.append('Set-Cookie', cookieOf(token, LIFETIME_DAYS * 86_400));
    return { shopId, sessionId: row!.id };
  }

  async #prune(shopId: string): Promise<void> {
    await this.pool.query(shopId, {
      name: 'prune-sessions',
      text: `delete from session where shop_id = $1 and (
          expires_at < now()
          or (not paired and last_used_at < now() - make_interval(days => $2))
          or id in (select id from session where shop_id = $1 and not paired order by last_used_at desc offset $3)
        )`,
      values: [shopId, VISITOR_DAYS, MOST_VISITORS],
    });
  }

  /** The devices of a shop, last used first. */
  async devices({ shopId, sessionId }: Entered): Promise<Device[]> {
    const rows = await this.pool.query<DeviceRow>(shopId, {
      name: 'devices',
      text: `select id, device, paired, created_at, last_used_at from session
        where shop_id = $1 and expires_at > now() order by last_used_at desc limit 300`,
      values: [shopId],
    });
    return rows.map((row) => ({
      id: row.id,
      name: row.device,
      paired: row.paired,
      since: row.created_at.toISOString(),
      lastUse: row.last_used_at.toISOString(),
      thisOne: row.id === sessionId,
    }));
  }

  /** Sends a device away at once; false when there is none of this id. */
  async sendAway(shopId: string, sessionId: string): Promise<boolean> {
    const gone = await this.pool.query(shopId, {
      name: 'send-away',
      text: 'delete from session where shop_id = $1 and id = $2 returning id',
      values: [shopId, sessionId],
    });
    for (const [token, known] of this.#known) if (known.sessionId === sessionId) this.#known.delete(token);
    return gone.length > 0;
  }

  /** Middleware that finds the shop of a request, for all routes after it. */
  required(): RequestHandler {
    return async (request, response, next) => {
      const entered = await this.find(request);
      if (!entered)
        throw new HttpProblem(401, 'Not in a shop', 'Open the application first; it lets you into the shop.');
      response.locals.shopId = entered.shopId;
      response.locals.entered = entered;
      next();
    };
  }
}

const cookieOf = (value: string, maxAge: number): string =>
  stringifySetCookie({ name: COOKIE, value, httpOnly: true, sameSite: 'strict', path: '/', maxAge });
