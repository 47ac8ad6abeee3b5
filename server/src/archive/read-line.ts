import { factsOf, PHOTO_LENGTH, upgraded, type Kind } from '@pike-stone/contract';
import { archiveLine, pictureOf } from '@pike-stone/contract/archive';
import { unkeepableIn } from '../db/unkeepable';
import { furtherFault } from '../record/further-fault';
import type { Archive } from './read-archive';

/** A line that can be taken in. */
export interface Given {
  readonly line: number;
  readonly id: string;
  readonly version: number;
  readonly archived: boolean;
  readonly updatedAt: string;
  /** As JSON text. */
  readonly body: string;
  /** What a person calls it; null for one that has no name. */
  readonly name: string | null;
}

/** Thrown for a line that cannot be taken in, with the reason. */
export class UnreadableLine extends Error {}

/**
 * Reads a line of a file of records. It is checked as a write would be.
 * @throws UnreadableLine with the reason when it is no record of the kind
 */
export async function readLine(
  archive: Archive,
  shopId: string,
  kind: Kind,
  number: number,
  text: string,
): Promise<Given> {
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch {
    throw new UnreadableLine('It is not JSON: broken off, or mistyped.');
  }
  const unkeepable = unkeepableIn(value);
  if (unkeepable)
    throw new UnreadableLine(`${unkeepable.join('.')}: It holds a character that cannot be kept.`);
  const line = archiveLine.safeParse(value);
  if (!line.success) throw new UnreadableLine(reason(line.error.issues));
  const { version, archived, updatedAt } = line.data;
  const id = factsOf(kind).single ? shopId : line.data.id;
  if (factsOf(kind).addedOnly && (version !== 1 || archived))
    throw new UnreadableLine(
      'An entry of the ledger stays as it was written: its version is 1, and it is in use.',
    );
  const found = kind === 'photos' ? await picture(archive, id, line.data.body) : line.data.body;
  const body = factsOf(kind).body.safeParse(upgraded(kind, found));
  if (!body.success) throw new UnreadableLine(reason(body.error.issues));
  const fault = furtherFault(kind, body.data);
  if (fault) throw new UnreadableLine(`${fault.path}: ${fault.message}`);
  return {
    line: number,
    id,
    version,
    archived,
    updatedAt,
    body: JSON.stringify(body.data),
    name: nameOf(body.data),
  };
}

const reason = ([issue]: readonly { readonly path: readonly PropertyKey[]; readonly message: string }[]) =>
  issue!.path.length > 0 ? `${issue!.path.map(String).join('.')}: ${issue!.message}` : issue!.message;

async function picture(
  archive: Archive,
  id: string,
  { file }: Readonly<Record<string, unknown>>,
): Promise<unknown> {
  if (file === null) return { jpeg: '' };
  const bytes = await archive.file(pictureOf(id), PHOTO_LENGTH);
  if (!bytes)
    throw new UnreadableLine(`${pictureOf(id)} is not in the archive, or is larger than a picture may be.`);
  return { jpeg: bytes.toString('base64') };
}

function nameOf(body: unknown): string | null {
  const { name, names } = body as {
    readonly name?: unknown;
    readonly names?: Readonly<Record<string, string>>;
  };
  if (typeof name === 'string') return name;
  return names ? `${names.stock}, ${names.tool}` : null;
}
