import pg from 'pg';

/** Thrown when no connection could be made, or it broke before an answer came. */
export class DatabaseAway extends Error {
  /** @param retryAfterS  seconds after which it is worth asking again */
  constructor(
    cause: unknown,
    readonly retryAfterS = 1,
  ) {
    super('The database does not answer.', { cause });
  }
}

/** Thrown when the database answers, but not in time: a lock is held too long, or too many wait. */
export class DatabaseBusy extends Error {
  constructor(cause?: unknown) {
    super('The database is busy.', { cause });
  }
}

/** Thrown when the disk has no room for a write. */
export class DiskFull extends Error {
  constructor(cause?: unknown) {
    super('The disk of the shop’s computer is full.', { cause });
  }
}

/** What an SQLSTATE code means to the application; codes that are not here are the statement's own fault. */
const MEANING: readonly (readonly [code: RegExp, fault: new (cause: unknown) => Error])[] = [
  [/^(57P0[1-5]|08...|XX...|F0...)$/, DatabaseAway],
  // Statement or lock timeout, deadlock, memory or connections used up.
  [/^(57014|55P03|40001|40P01|53200|53300|53400)$/, DatabaseBusy],
  [/^(53100|58030)$/, DiskFull],
];

/** Brings an error of the driver into one of the faults above; a fault of the statement itself stays. */
export function faultOf(error: unknown): Error {
  if (error instanceof DatabaseAway || error instanceof DatabaseBusy || error instanceof DiskFull)
    return error;
  if (!(error instanceof pg.DatabaseError)) return new DatabaseAway(error);
  const [, Fault] = MEANING.find(([code]) => code.test(error.code ?? '')) ?? [];
  return Fault ? new Fault(error) : error;
}
