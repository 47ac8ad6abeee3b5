import pg from 'pg';

type Row = pg.QueryResultRow;

/** Thrown when no connection could be made, or it broke before an answer came. */
export class DatabaseAway extends Error {
  constructor(cause: unknown) {
    super('The database does not answer.', { cause });
  }
}

/** SQLSTATE class 57: the server is stopping or starting. */
const answered = (error: unknown): boolean =>
  error instanceof pg.DatabaseError && !error.code?.startsWith('57');

/**
 * Connections that belong to one shop while they are lent out.
 *
 * Row-level security reads `pike.shop`. A connection remembers the shop it was
 * last bound to, so a run of queries for one shop costs no extra round trip.
 */
export class ShopPool {
  readonly #pool: pg.Pool;
  readonly #boundTo = new WeakMap<pg.PoolClient, string>();

  constructor(connectionString: string, max = 10) {
    this.#pool = new pg.Pool({ connectionString, max, connectionTimeoutMillis: 5_000 });
    // A connection lost while idle is replaced at the next query.
    this.#pool.on('error', () => undefined);
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

  async #lend<Result>(work: (client: pg.PoolClient) => Promise<Result>): Promise<Result> {
    const client = await this.#pool.connect().catch((error: unknown) => {
      throw new DatabaseAway(error);
    });
    try {
      const result = await work(client);
      client.release();
      return result;
    } catch (error) {
      // After an answer of the server the connection is sound; after any other error it is dropped.
      const sound = answered(error);
      client.release(sound ? undefined : true);
      throw sound ? error : new DatabaseAway(error);
    }
  }

  end(): Promise<void> {
    return this.#pool.end();
  }
}
