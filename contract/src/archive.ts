import * as z from 'zod';
import { id } from './fields';
import { KINDS, type Kind } from './record/registry';

/** The archive of a whole shop: a zip file of JSON lines and pictures. docs/archive-format.md describes it. */
export const ARCHIVE = {
  format: 'pike-stone-shop',
  version: 1,
  mediaType: 'application/zip',
  /** Largest archive that is read in. */
  mostBytes: 256 * 1024 ** 2,
  /** Longest line: a record with room to spare. */
  mostLine: 256 * 1024,
  manifest: 'manifest.json',
} as const;

/** Where the records of a kind are in an archive. */
export const linesOf = (kind: Kind): string => `records/${kind}.jsonl`;
/** Where the picture with an id is in an archive. */
export const pictureOf = (of: string): string => `photos/${of}.jpg`;

export const archiveFile = z.object({
  path: z.string().max(200),
  bytes: z.number().int().min(0),
  sha256: z.string().regex(/^[0-9a-f]{64}$/),
  /** Lines of a file of records. */
  records: z.number().int().min(0).optional(),
});
export type ArchiveFile = z.infer<typeof archiveFile>;

export const archiveManifest = z.object({
  format: z.literal(ARCHIVE.format, { error: 'It is no archive of a shop.' }),
  version: z
    .number()
    .int()
    .min(1)
    .max(ARCHIVE.version, 'It was made by a newer version of this application: take that version first.'),
  madeAt: z.iso.datetime(),
  shop: z.object({ id, name: z.string().max(60) }),
  files: z.array(archiveFile).max(200_000),
});
export type ArchiveManifest = z.infer<typeof archiveManifest>;

/** A line of a file of records, before its body is looked at. */
export const archiveLine = z.object({
  id,
  version: z.number().int().min(1).max(2_000_000_000),
  archived: z.boolean(),
  updatedAt: z.iso.datetime(),
  body: z.looseObject({}),
});

/** What becomes of an archive that is read: nothing at first, its new records, or those that differ as well. */
export const TAKES = ['none', 'new', 'all'] as const;
export type Take = (typeof TAKES)[number];

const count = z.number().int();

/** What an archive holds beside what the shop has. */
export const takeInAnswer = z.object({
  /** The records are in the shop now; else this is what would become of them. */
  taken: z.boolean(),
  madeAt: z.iso.datetime(),
  shop: z.string(),
  kinds: z.array(
    z.object({
      kind: z.enum(KINDS as [Kind, ...Kind[]]),
      fresh: count,
      same: count,
      differs: count,
      bad: count,
      /** Names of the first that differ. */
      names: z.array(z.string()),
    }),
  ),
  /** The first lines that cannot be read, each with its reason. */
  faults: z.array(z.object({ file: z.string(), line: count, why: z.string() })),
  /** Files that are not as they were written. */
  changed: z.array(z.string()),
  /** Stands for what the shop has where the file differs. Taking that in says it: what changed meanwhile is not written over. */
  state: z.string(),
});
export type TakeInAnswer = z.infer<typeof takeInAnswer>;

/** Kinds that are saved as a table too; a picture is no row of one. */
export const TABLE_KINDS: readonly Kind[] = KINDS.filter((kind) => kind !== 'photos');
