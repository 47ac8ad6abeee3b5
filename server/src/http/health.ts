import type { RequestHandler } from 'express';
import type { DiskRoom } from '../db/disk-room';
import type { ShopPool } from '../db/shop-pool';

export interface HealthParts {
  /** A pool of its own: the others may all wait for a lock. */
  readonly pool: ShopPool;
  readonly disk: DiskRoom;
  readonly instance: string;
  readonly version: string;
}

/** Says whether the server does all that it should, and what is down. */
export const health =
  ({ pool, disk, instance, version }: HealthParts): RequestHandler =>
  async (_request, response) => {
    const [database, full] = await Promise.all([
      pool.shopless({ text: 'select 1' }).then(
        () => true,
        () => false,
      ),
      disk.isFull(),
    ]);
    const status = !database ? 'database not reachable' : full ? 'disk full: nothing can be written' : 'ok';
    if (!database) response.setHeader('Retry-After', 1);
    response.status(database ? 200 : 503).json({ status, database, disk: !full, instance, version });
  };
