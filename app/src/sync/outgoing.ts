import { canCheck, factsOf, isKind, upgraded, type Body, type Kind, type Stored } from '@pike-stone/contract';
import * as z from 'zod';

/** A write that is kept on the device until the shop's computer has it. */
export interface Outgoing<K extends Kind = Kind> {
  readonly kind: K;
  readonly id: string;
  readonly version: number;
  readonly archived: boolean;
  readonly body: Body<K>;
  readonly queuedAt: string;
  /** Rises with each write of the device: what is referred to was written first and is sent first. */
  readonly order: number;
  readonly state: 'waiting' | 'conflict' | 'refused';
  /** The record on the server, when someone else has changed it first. */
  readonly current?: Stored<K>;
  readonly why?: string;
}

/** The last write this device sent for a record, whether or not an answer came. */
export interface LastSent extends Pick<Outgoing, 'archived' | 'body'> {
  readonly at: number;
}

/** Name of a record among all kinds: a photo has the id of what it shows. */
export const recordKey = (kind: Kind, id: string): string => `${kind}/${id}`;

const shape = z.object({
  kind: z.string().refine(isKind),
  id: z.string(),
  version: z.number(),
  archived: z.boolean(),
  body: z.unknown(),
  queuedAt: z.string(),
  order: z.number().default(0),
  state: z.enum(['waiting', 'conflict', 'refused']),
  why: z.string().optional(),
  current: z.unknown().optional(),
});

/** Faults of a value that a form can mend; any other fault is of the body's shape, which would break a page. */
const MENDABLE = ['too_small', 'too_big', 'custom', 'invalid_format', 'not_multiple_of'];

/** Reads a write as it was kept, also by an older version of the application; throws when it is none. */
export function readOutgoing(kept: unknown): Outgoing {
  const entry = shape.parse(kept);
  const kind = entry.kind as Kind;
  const bodyOf = (found: unknown) => {
    const body = upgraded(kind, found);
    // One that cannot be checked yet was checked when it was written.
    const error = canCheck(kind) && factsOf(kind).body.safeParse(body).error;
    if (error && error.issues.some(({ code }) => !MENDABLE.includes(code))) throw error;
    return body;
  };
  const current = entry.current as Stored<Kind> | undefined;
  return {
    ...entry,
    body: bodyOf(entry.body),
    ...(current && { current: { ...current, body: bodyOf(current.body) } }),
  } as Outgoing;
}
