import { statfs } from 'node:fs/promises';
import { DiskFull } from './database-faults';

const LOOKED_MS = 1_000;

/**
 * Watches the disk that the database lies on, so that a write is refused while there is still room for
 * the database to go on reading. Without a folder (a database elsewhere) nothing is refused here.
 */
export class DiskRoom {
  #looked = { at: 0, full: false };

  /** @param reserveMb  room below which a write is refused, megabytes */
  constructor(
    private readonly folder: string | null,
    private readonly reserveMb: number,
  ) {}

  async isFull(): Promise<boolean> {
    if (!this.folder) return false;
    if (Date.now() - this.#looked.at >= LOOKED_MS) {
      const room = await statfs(this.folder).catch(() => null);
      this.#looked = {
        at: Date.now(),
        full: room !== null && room.bavail * room.bsize < this.reserveMb * 1024 ** 2,
      };
    }
    return this.#looked.full;
  }

  /** Throws DiskFull when there is no room for a write. */
  async check(): Promise<void> {
    if (await this.isFull()) throw new DiskFull();
  }
}
