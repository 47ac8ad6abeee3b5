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

/** A connection that is bound to a shop. */
export type ShopClient = Pick<pg.PoolClient, 'query'>;

/** How a step begins: it sees the shop to its end as it was at its beginning; what changes meanwhile ends one that writes. */
const STEPS = {
  read: 'begin isolation level repeatable read read only',
  write: 'begin isolation level repeatable read',
  try: 'begin',
} as const;
/** A step waits for what is read from a file or sent to a slow device. */
const STEP_IDLE = `set local idle_in_transaction_session_timeout = '60s'`;

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
      await this.#bind(client, shopId);
      return (await client.query<R>(statement)).rows;
    });
  }

  /**
   * Runs several statements for one shop as one step: all that it writes is kept, or nothing.
   * @param kind  a step that writes is kept when `work` answers; one that tries is undone even then
   * @throws what `work` throws, after everything was undone
   */
  async step<R>(
    shopId: string,
    kind: keyof typeof STEPS,
    work: (client: ShopClient) => Promise<R>,
  ): Promise<R> {
    const ended = await this.#lend(async (client) => {
      await this.#bind(client, shopId);
      await client.query(STEPS[kind]);
      await client.query(STEP_IDLE);
      let ending: { readonly result: R } | { readonly error: unknown };
      try {
        ending = { result: await work(client) };
      } catch (error) {
        ending = { error };
      }
      // On a connection that is broken, this fails too.
      await client.query(kind === 'write' && 'result' in ending ? 'commit' : 'rollback');
      return ending;
    });
    if ('result' in ended) return ended.result;
    throw ended.error instanceof pg.DatabaseError ? faultOf(ended.error) : ended.error;
  }

  async #bind(client: pg.PoolClient, shopId: string): Promise<void> {
    if (this.#boundTo.get(client) === shopId) return;
    this.#boundTo.delete(client);
    await client.query({
      name: 'bind-shop',
      text: `select set_config('pike.shop', $1, false)`,
      values: [shopId],
    });
    this.#boundTo.set(client, shopId);
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
