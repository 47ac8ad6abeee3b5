import { createHash } from 'node:crypto';
import { factsOf, KINDS, type Kind } from '@pike-stone/contract';
import { linesOf, type Take, type TakeInAnswer } from '@pike-stone/contract/archive';
import pg from 'pg';
import type { ShopClient } from '../db/shop-pool';
import { HttpProblem } from '../http/problem';
import type { Archive } from './read-archive';
import { readLine, UnreadableLine, type Given } from './read-line';

/** Records that are compared and written at a time: few enough that other requests are answered meanwhile. */
const BATCH = 100;
const MOST_FAULTS = 100;
const MOST_NAMES = 5;

type Counts = TakeInAnswer['kinds'][number];
type TakenIn = Pick<TakeInAnswer, 'kinds' | 'faults' | 'state'>;

/** What the shop has under the id of a line. */
interface Known {
  readonly id: string;
  /** Null for one that it does not have. */
  readonly version: number | null;
  readonly same: boolean;
}

/**
 * Writes the records of an archive into a shop, each kind after those that it refers to. A record is known
 * by its id: one that the shop has just so is left alone, so that taking in twice changes nothing.
 * @param client  a connection in a step that is kept or undone as a whole
 * @param take    'all' also writes the archive's record over one of the shop that differs, and so does a trial
 * @param state   what was answered when the archive was looked at: 'all' is refused when the shop has changed since
 * @param isGone  whether nobody waits for the answer any more
 */
export async function takeIn(
  client: ShopClient,
  shopId: string,
  archive: Archive,
  take: Take,
  state: string | null,
  isGone: () => boolean,
): Promise<TakenIn> {
  const taken: Omit<TakenIn, 'state'> = { kinds: [], faults: [] };
  const differing = createHash('sha256');
  for (const kind of KINDS) {
    const counts: Counts = { kind, fresh: 0, same: 0, differs: 0, bad: 0, names: [] };
    const fault = (line: number, why: string): void => {
      counts.bad += 1;
      if (taken.faults.length < MOST_FAULTS) taken.faults.push({ file: linesOf(kind), line, why });
    };
    const writer = new Writer(client, shopId, kind, take, counts, fault, ({ id, version }) =>
      differing.update(`${kind}/${id}/${version} `),
    );
    let number = 0;
    for await (const text of archive.lines(kind)) {
      number += 1;
      if (text.trim() === '') continue;
      const given = await readLine(archive, shopId, kind, number, text).catch((error: unknown) => {
        if (!(error instanceof UnreadableLine)) throw error;
        fault(number, error.message);
        return null;
      });
      if (given) await writer.add(given);
      if (isGone())
        throw new HttpProblem(400, 'Not readable', 'The device left before the end; nothing was written.');
    }
    await writer.flush();
    taken.kinds.push(counts);
  }
  await archive.compareRest();
  const now = differing.digest('hex');
  if (take === 'all' && state !== now)
    throw new HttpProblem(
      409,
      'Changed meanwhile',
      'Somebody changed one of these records after you looked at the file. Nothing was written: read the file again.',
    );
  return { ...taken, state: now };
}

/** Compares lines of one kind with the shop and writes them, many at a time. */
class Writer {
  #batch = new Map<string, Given>();

  constructor(
    private readonly client: ShopClient,
    private readonly shopId: string,
    private readonly kind: Kind,
    private readonly take: Take,
    private readonly counts: Counts,
    private readonly fault: (line: number, why: string) => void,
    private readonly differs: (known: Known) => void,
  ) {}

  async add(given: Given): Promise<void> {
    // The second of one id is compared with the first.
    if (this.#batch.has(given.id) || this.#batch.size === BATCH) await this.flush();
    this.#batch.set(given.id, given);
  }

  async flush(): Promise<void> {
    const batch = [...this.#batch.values()];
    this.#batch = new Map();
    if (batch.length === 0) return;
    const known = await this.#known(batch);
    const isFresh = ({ id }: Given) => known.get(id)!.version === null;
    const fresh = batch.filter(isFresh);
    const differing = batch.filter((given) => !isFresh(given) && !known.get(given.id)!.same);
    this.counts.same += batch.length - fresh.length - differing.length;
    this.counts.differs += differing.length;
    for (const { id } of differing) this.differs(known.get(id)!);
    const named = differing.flatMap(({ name }) => (name === null ? [] : [name]));
    this.counts.names.push(...named.slice(0, MOST_NAMES - this.counts.names.length));
    this.counts.fresh += await this.#each(fresh, (some) => this.#insert(some));
    if (this.take !== 'new' && !factsOf(this.kind).addedOnly)
      await this.#each(differing, (some) => this.#update(some));
  }

  /** Whether the shop has the records of a batch, and has them just so. */
  async #known(batch: readonly Given[]): Promise<ReadonlyMap<string, Known>> {
    const { rows } = await this.client.query<Known>({
      text: `with ${GIVEN}
          select given.id, known.version,
            coalesce(known.archived = given.archived and known.body = given.body::jsonb, false) as same
          from given left join ${this.#table} as known on known.shop_id = $1 and known.id = given.id`,
      values: this.#values(batch),
    });
    return new Map(rows.map((row) => [row.id, row]));
  }

  /** Writes all at once; when the database refuses one of them, one by one. Answers how many are written. */
  async #each(all: readonly Given[], write: (some: readonly Given[]) => Promise<void>): Promise<number> {
    if (all.length === 0) return 0;
    try {
      await this.#undoable(() => write(all));
      return all.length;
    } catch (error) {
      if (!isRefusal(error)) throw error;
      if (all.length === 1) {
        this.fault(all[0]!.line, sayRefusal(error));
        return 0;
      }
      let written = 0;
      for (const one of all) written += await this.#each([one], write);
      return written;
    }
  }

  async #undoable(work: () => Promise<void>): Promise<void> {
    await this.client.query('savepoint batch');
    try {
      await work();
    } catch (error) {
      await this.client.query('rollback to savepoint batch');
      throw error;
    }
    await this.client.query('release savepoint batch');
  }

  async #insert(some: readonly Given[]): Promise<void> {
    await this.client.query({
      text: `with ${GIVEN} insert into ${this.#table} (shop_id, id, version, archived, updated_at, body)
        select $1, id, version, archived, updated_at, body::jsonb from given on conflict (shop_id, id) do nothing`,
      values: this.#values(some),
    });
  }

  async #update(some: readonly Given[]): Promise<void> {
    await this.client.query({
      text: `with ${GIVEN} update ${this.#table} as known
        set version = known.version + 1, archived = given.archived, body = given.body::jsonb, updated_at = now()
        from given where known.shop_id = $1 and known.id = given.id`,
      values: this.#values(some),
    });
  }

  get #table(): string {
    return factsOf(this.kind).table;
  }

  #values(some: readonly Given[]): unknown[] {
    return [
      this.shopId,
      some.map(({ id }) => id),
      some.map(({ version }) => version),
      some.map(({ archived }) => archived),
      some.map(({ updatedAt }) => updatedAt),
      some.map(({ body }) => body),
    ];
  }
}

const GIVEN = `given as (
  select * from unnest($2::uuid[], $3::integer[], $4::boolean[], $5::timestamptz[], $6::text[])
    as given (id, version, archived, updated_at, body)
)`;

const NAMES_A_STRANGER = '23503';
/** Whether the database refuses a record for what it holds. */
const isRefusal = (error: unknown): error is pg.DatabaseError =>
  error instanceof pg.DatabaseError && /^(22|23)/.test(error.code ?? '');
const sayRefusal = ({ code }: pg.DatabaseError): string =>
  code === NAMES_A_STRANGER
    ? 'The machine, stock, tool, metal, box or bit that it names is neither in this file nor in the shop.'
    : 'The database cannot keep one of its values.';
