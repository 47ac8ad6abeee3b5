import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { setTimeout as wait } from 'node:timers/promises';
import {
  ARCHIVE,
  TABLE_KINDS,
  TAKES,
  takeInAnswer,
  type Take,
  type TakeInAnswer,
} from '@pike-stone/contract/archive';
import { Router, type Request, type Response } from 'express';
import type { DiskRoom } from '../db/disk-room';
import type { ShopClient, ShopPool } from '../db/shop-pool';
import { HttpProblem, notFound } from '../http/problem';
import type { Records } from '../record/repository';
import { Archive } from './read-archive';
import { tableOf } from './table';
import { takeIn } from './take-in';
import { withUpload } from './upload';
import { writeArchive } from './write-archive';

/** Archives and tables that are made or read at the same time; each holds a connection to the database. */
const MOST_AT_A_TIME = 2;
/** A file that has arrived keeps its place until its connection is given back: the next waits for that, a second at most. */
const LOOK_AGAIN = { times: 20, afterMs: 50 };

/** The whole shop as one file, out and in, and each kind as a table. */
export function archiveRoutes(pool: ShopPool, disk: DiskRoom, records: Records, now: () => number): Router {
  const router = Router();
  let atWork = 0;
  const oneOfFew = async (work: () => Promise<void>): Promise<void> => {
    for (let looked = 0; atWork >= MOST_AT_A_TIME; looked += 1) {
      if (looked === LOOK_AGAIN.times)
        throw new HttpProblem(
          429,
          'Busy',
          'Two files of the shop are being made or read already. Try again in a moment.',
          { retryAfterS: 10 },
        );
      await wait(LOOK_AGAIN.afterMs);
    }
    atWork += 1;
    try {
      await work();
    } finally {
      atWork -= 1;
    }
  };

  router.get('/', (_request, response) =>
    oneOfFew(() =>
      sent(response, () =>
        pool.step(response.locals.shopId as string, 'read', async (client) => {
          const made = new Date(now());
          const shop = await shopOf(client, response.locals.shopId as string);
          const name = `pike-stone-${made.toISOString().slice(0, 10)}.zip`;
          response.attachment(name).type(ARCHIVE.mediaType);
          await writeArchive(client, shop, response, made);
        }),
      ),
    ),
  );

  router.get('/:table', (request, response) => {
    const kind = TABLE_KINDS.find((one) => `${one}.csv` === request.params.table);
    if (!kind) throw notFound();
    return oneOfFew(() =>
      sent(response, () =>
        pool.step(response.locals.shopId as string, 'read', async (client) => {
          response.attachment(`pike-stone-${kind}.csv`).type('text/csv');
          await pipeline(Readable.from(tableOf(client, response.locals.shopId as string, kind)), response);
        }),
      ),
    );
  });

  router.post('/', (request, response) => {
    const take = takeOf(request);
    const { state } = request.query;
    return oneOfFew(async () => {
      await disk.check();
      const { shopId } = response.locals as { shopId: string };
      const answer = await withUpload(request, ARCHIVE.mostBytes, (path) =>
        takeFrom(path, shopId, take, typeof state === 'string' ? state : null, response),
      );
      records.recount(shopId);
      response.json(answer);
    });
  });

  async function takeFrom(
    path: string,
    shopId: string,
    take: Take,
    state: string | null,
    response: Response,
  ): Promise<TakeInAnswer> {
    const archive = await Archive.open(path);
    try {
      // A trial writes all and undoes it, so it meets whatever taking in would meet.
      const found = await pool.step(shopId, take === 'none' ? 'try' : 'write', (client) =>
        takeIn(client, shopId, archive, take, state, () => response.destroyed),
      );
      const { madeAt, shop } = archive.manifest;
      return takeInAnswer.parse({
        ...found,
        taken: take !== 'none',
        madeAt,
        shop: shop.name,
        changed: [...archive.changed],
      });
    } finally {
      archive.close();
    }
  }
  return router;
}

/** Sends a file that is made while it is sent; one that cannot be made to its end is cut off, so that nobody takes it for whole. */
async function sent(response: Response, make: () => Promise<void>): Promise<void> {
  try {
    await make();
  } catch (error) {
    if (response.headersSent || response.destroyed) response.destroy();
    else {
      response.removeHeader('Content-Disposition');
      throw error;
    }
  }
}

function takeOf(request: Request): Take {
  if (!request.is(ARCHIVE.mediaType))
    throw new HttpProblem(415, 'Not readable', `Send the archive with Content-Type: ${ARCHIVE.mediaType}.`);
  const take = TAKES.find((one) => one === (request.query.take ?? 'none'));
  if (!take)
    throw new HttpProblem(
      400,
      'Something does not fit',
      `There is no such way to take it in: ${TAKES.join(', ')}.`,
      { fields: [{ path: 'take', message: `Must be one of ${TAKES.join(', ')}.` }] },
    );
  return take;
}

async function shopOf(client: ShopClient, shopId: string): Promise<{ id: string; name: string }> {
  const { rows } = await client.query<{ name: string }>('select name from shop where shop_id = $1', [shopId]);
  return { id: shopId, name: rows[0]?.name ?? '' };
}
