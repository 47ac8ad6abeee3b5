import { createHash, randomBytes } from 'node:crypto';
import { parseCookie, stringifySetCookie } from 'cookie';
import type { Request, RequestHandler, Response } from 'express';
import { DEMO_SHOP } from '../demo/shop';
import type { ShopPool } from '../db/shop-pool';
import { HttpProblem } from '../http/problem';

const COOKIE = 'pike_session';
const LIFETIME_DAYS = 400;
const REMEMBERED = 10_000;
const REMEMBERED_MS = 5 * 60_000;

const hashOf = (token: string): Buffer => createHash('sha256').update(token).digest();

/** Finds the shop behind a cookie, and lets a visitor of the demo in. */
export class Sessions {
  readonly #known = new Map<string, { readonly shopId: string; readonly until: number }>();

  constructor(private readonly pool: ShopPool) {}

  async shopOf(request: Request): Promise<string | null> {
    const token = parseCookie(request.headers.cookie ?? '')[COOKIE];
    if (!token || token.length > 100) return null;
    const known = this.#known.get(token);
    if (known && known.until > Date.now()) return known.shopId;
    const [row] = await this.pool.shopless<{ shop_id: string | null }>({
      name: 'session-shop',
      text: 'select session_shop($1) as shop_id',
      values: [hashOf(token)],
    });
    if (!row?.shop_id) return null;
    if (this.#known.size >= REMEMBERED) this.#known.clear();
    this.#known.set(token, { shopId: row.shop_id, until: Date.now() + REMEMBERED_MS });
    return row.shop_id;
  }

  async letIn(response: Response): Promise<string> {
    const token = randomBytes(32).toString('base64url');
    await this.pool.query(DEMO_SHOP.id, {
      text: `insert into session (shop_id, token_hash, expires_at) values ($1, $2, now() + make_interval(days => $3))`,
      values: [DEMO_SHOP.id, hashOf(token), LIFETIME_DAYS],
    });
    response.append(
      'Set-Cookie',
      stringifySetCookie({
        name: COOKIE,
        value: token,
        httpOnly: true,
        sameSite: 'strict',
        path: '/',
        maxAge: LIFETIME_DAYS * 86_400,
      }),
    );
    return DEMO_SHOP.id;
  }

  /** Middleware that finds the shop of a request, for all routes after it. */
  required(): RequestHandler {
    return async (request, response, next) => {
      const shopId = await this.shopOf(request);
      if (!shopId)
        throw new HttpProblem(401, 'Not in a shop', 'Open the application first; it lets you into the shop.');
      response.locals.shopId = shopId;
      next();
    };
  }

  routes(): RequestHandler {
    return async (request, response) => {
      const shopId = (await this.shopOf(request)) ?? (await this.letIn(response));
      const [shop] = await this.pool.query<{ shop_id: string; name: string }>(shopId, {
        name: 'shop',
        text: 'select shop_id, name from shop where shop_id = $1',
        values: [shopId],
      });
      response.json({ shop: { id: shop?.shop_id, name: shop?.name } });
    };
  }
}
