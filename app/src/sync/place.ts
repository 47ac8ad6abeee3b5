import type { Kind } from '@pike-stone/contract';
import { openDB, type DBSchema, type IDBPDatabase } from 'idb';
import type { LastSent, Outgoing } from './outgoing';

/** Something kept on this device that could not be read, with the reason. */
export interface Aside {
  readonly at: string;
  readonly what: string;
  readonly why: string;
  /** As it was found. */
  readonly found: unknown;
}

type RecordKey = [shop: string, kind: Kind, id: string];

/** Everything that the application keeps on a device for its shops; each shop's part is under the shop's id. */
interface Kept extends DBSchema {
  /** Writes that the server does not have yet. */
  outgoing: { key: RecordKey; value: Outgoing };
  /** The last write that was sent for a record, whether or not an answer came. */
  sent: { key: RecordKey; value: LastSent };
  /** The last answer of each address. */
  answers: { key: [shop: string, address: string]; value: unknown };
  aside: { key: number; value: Aside };
  about: { key: string; value: unknown };
}
export type Place = IDBPDatabase<Kept>;

const NAME = 'pike-stone';

/** One function a version: it brings the database of the version before into the next. */
const VERSIONS: readonly ((place: Place) => void)[] = [
  (place) => {
    place.createObjectStore('outgoing');
    place.createObjectStore('sent');
    place.createObjectStore('answers');
    place.createObjectStore('aside', { autoIncrement: true });
    place.createObjectStore('about');
  },
];

let opened: Promise<Place | null> | null = null;

/** The device's database; null where the browser has none or does not let us have it. */
export function place(): Promise<Place | null> {
  opened ??= openDB<Kept>(NAME, VERSIONS.length, {
    upgrade: (database, from) => VERSIONS.slice(from).forEach((bring) => bring(database)),
    // Another tab has a newer version of the application: it may go on, this one opens again when it needs to.
    blocking: (_from, _to, event) => {
      (event.target as IDBDatabase).close();
      opened = null;
    },
    terminated: () => {
      opened = null;
    },
  }).catch(() => null);
  return opened;
}

/** Forgets which database is open, for tests that empty the device. */
export const closePlace = async (): Promise<void> => {
  (await opened)?.close();
  opened = null;
};
