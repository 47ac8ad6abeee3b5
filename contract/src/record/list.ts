import * as z from 'zod';
import { factsOf, storedOf, type Body, type Kind, type Stored } from './registry';

/** Number of records on one page of a list: usual and largest. */
export const PAGE = { usual: 50, most: 500 } as const;

const LONGEST_SEARCH = 200;
const yes = z.literal('1').transform(() => true);

/** The page of a list that an address asks for. */
export const listQuery = z.object({
  limit: z.coerce.number().int().min(1).max(PAGE.most).default(PAGE.usual),
  /** Continues after this place: `next` of the page before. */
  after: z.string().max(400).optional(),
  /** Words that a record must have, each at least by its beginning. */
  q: z.string().max(LONGEST_SEARCH).optional(),
  /** Put away, or not; both when it is left out. */
  archived: z.enum(['0', '1']).optional(),
  /** Kinds of a thing, with commas between them. */
  kinds: z.string().max(400).optional(),
  dull: yes.optional(),
  order: z.enum(['newest', 'name']).default('newest'),
});
export type ListQuery = z.infer<typeof listQuery>;

/** A record that is not as this application knows it, set aside so that the others can be used. */
export interface SetAside {
  readonly id: string;
  readonly why: string;
}

/** One page of a list. */
export interface List<K extends Kind> {
  readonly records: readonly Stored<K>[];
  /** Records that could not be read. */
  readonly aside: readonly SetAside[];
  /** Where the following page begins; null at the end. */
  readonly next: string | null;
  /** Records of the kind in the shop; null where it is not counted, as in a search. */
  readonly total: number | null;
}

const page = z.object({
  records: z.array(z.unknown()),
  next: z.string().nullable(),
  total: z.number().int().nullable(),
});

/** Schema of a page as the server writes it. */
export const listOf = <K extends Kind>(kind: K) => page.extend({ records: z.array(storedOf(kind)) });

const nameOf = (one: unknown): string => {
  const { id, body } = (one ?? {}) as { readonly id?: unknown; readonly body?: { readonly name?: unknown } };
  return typeof body?.name === 'string' ? body.name : typeof id === 'string' ? id : 'no name';
};

/** Reads a page record by record: one that does not fit is set aside with its reason, and the others are there. */
export const readList = <K extends Kind>(kind: K) => {
  const stored = storedOf(kind);
  return page.transform(({ records, next, total }): List<K> => {
    const read = records.map((one) => ({ one, result: stored.safeParse(one) }));
    return {
      records: read.flatMap(({ result }) => (result.success ? [result.data as Stored<K>] : [])),
      aside: read.flatMap(({ one, result }) =>
        result.success
          ? []
          : [
              {
                id: nameOf(one),
                why: `${result.error.issues[0]!.path.join('.')}: ${result.error.issues[0]!.message}`,
              },
            ],
      ),
      next,
      total,
    };
  });
};

/** Kinds whose records have a name and words to be found by. */
export const isNamed = (kind: Kind): boolean => factsOf(kind).named === true;
export const isFound = (kind: Kind): boolean => isNamed(kind) || factsOf(kind).found === true;

/** Words of a search, in small letters and without the punctuation around them. */
export const searchWords = (q: string): string[] =>
  q
    .toLowerCase()
    .split(/\s+/)
    .map((word) => word.replace(/^[^\p{L}\p{N}]+|[^\p{L}\p{N}]+$/gu, ''))
    .filter((word) => word !== '');

/** Text of a record that a search looks in: what the database keeps as its words. */
export function wordsOf<K extends Kind>(kind: K, body: Body<K>): string {
  const of = body as Readonly<Record<string, unknown>>;
  const names = (of.names ?? {}) as Readonly<Record<string, string>>;
  const parts =
    kind === 'cuts'
      ? [names.machine, names.stock, names.tool, of.operation, of.outcome, of.remark]
      : [of.name, of.kind, of.material, of.metal, of.form, of.note];
  return parts
    .filter((part) => typeof part === 'string')
    .join(' ')
    .toLowerCase();
}

/** Whether each word is the beginning of a word in a text, as the database searches. */
export const hasWords = (text: string, words: readonly string[]): boolean => {
  const whole = text.split(/[\s,;:()/]+/);
  const there = [...whole, ...whole.flatMap((word) => word.split('-'))];
  return words.every((word) => there.some((one) => one.startsWith(word)));
};
