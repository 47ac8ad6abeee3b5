import pg from 'pg';
import { DatabaseAway, DatabaseBusy, faultOf } from './database-faults';

type Row = pg.QueryResultRow;

/** Longest time a statement may take and wait for a lock; no statement of ours needs either. */
const LIMITS = { statement_timeout: 5_000, lock_timeout: 2_000, idle_in_transaction_session_timeout: 10_000 };
const CONNECT_MS = 5_000;
/** Requests that may wait for a connection. */
const MOST_WAITING = 200;
const BACKOFF_MS = { first: 100, longest: 4_000 };

const nothing = (): void => undefined;

/**
 * Connections that belong to one shop while they are lent out.
 *
 * Row-level security reads `pike.shop`. A connection remembers the shop it was
 * last bound to, so a run of queries for one shop costs no extra round trip.
 *
 * When the database is away, requests are refused at once for a time that doubles
 * with each failed try, so that they do not pile up in front of it.
 */
export class ShopPool {
  readonly #pool: pg.Pool;
  readonly #boundTo = new WeakMap<pg.PoolClient, string>();
  #away = { until: 0, waitMs: 0 };

  /** @param patient  whether requests are refused at once for a while after a failed try */
  constructor(
    connectionString: string,
    max = 10,
    private readonly patient = true,
  ) {
    this.#pool = new pg.Pool({ connectionString, max, connectionTimeoutMillis: CONNECT_MS, ...LIMITS });
    // A connection that is lost while idle or lent out is replaced at the next query; the query that
    // was under way fails by itself. Without these listeners the process would end.
    this.#pool.on('error', nothing);
    this.#pool.on('connect', (client) => void client.on('error', nothing));
  }

  /** Runs one statement that sees and writes only this shop's rows. */
  async query<R extends Row>(shopId: string, statement: pg.QueryConfig): Promise<R[]> {
    return this.#lend(async (client) => {
      if (this.#boundTo.get(client) !== shopId) {
        this.#boundTo.delete(client);
        await client.query({
          name: 'bind-shop',
          text: `select set_config('pike.shop', $1, false)`,
          values: [shopId],
        });
        this.#boundTo.set(client, shopId);
      }
      return (await client.query<R>(statement)).rows;
    });
  }

  /** Runs a statement that belongs to no shop: the health check, or finding the shop of a cookie. */
  async shopless<R extends Row>(statement: pg.QueryConfig): Promise<R[]> {
    return this.#lend(async (client) => (await client.query<R>(statement)).rows);
  }

  async #connect(): Promise<pg.PoolClient> {
    const left = this.#away.until - Date.now();
    if (left > 0) throw new DatabaseAway(undefined, Math.ceil(left / 1_000));
    if (this.#pool.waitingCount >= MOST_WAITING) throw new DatabaseBusy();
    try {
      const client = await this.#pool.connect();
      this.#away = { until: 0, waitMs: 0 };
      return client;
    } catch (error) {
      // All connections are in use by slow statements: the database itself is there.
      if (this.#pool.totalCount >= this.#pool.options.max) throw new DatabaseBusy(error);
      const waitMs = Math.min(BACKOFF_MS.longest, this.#away.waitMs * 2 || BACKOFF_MS.first);
      if (this.patient) this.#away = { until: Date.now() + waitMs, waitMs };
      throw new DatabaseAway(error, Math.ceil(waitMs / 1_000));
    }
  }

  async #lend<Result>(work: (client: pg.PoolClient) => Promise<Result>): Promise<Result> {
    const client = await this.#connect();
    try {
      const result = await work(client);
      client.release();
      return result;
    } catch (error) {
      const fault = faultOf(error);
      // A connection that broke is dropped; after any other answer of the server it is sound.
      client.release(fault instanceof DatabaseAway);
      throw fault;
    }
  }

  end(): Promise<void> {
    return this.#pool.end();
  }
}
