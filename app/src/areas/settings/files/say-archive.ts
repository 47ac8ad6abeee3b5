import { factsOf } from '@pike-stone/contract';
import type { Take, TakeInAnswer } from '@pike-stone/contract/archive';
import { KIND_WORDS } from './kind-words';

type Counts = TakeInAnswer['kinds'][number];

/** What an archive holds beside what the shop has: a kind of record, and a line of counts. */
export interface KindLine {
  readonly title: string;
  readonly about: string;
}

/**
 * The kinds that an archive brings something of, and after them in one line all that the shop has just so.
 * @example kindLines([{ kind: 'tools', fresh: 3, same: 40, differs: 1, bad: 0, names: ['Knife tool'] }])
 *          // [{ title: 'Tools', about: '3 new, 40 as they are here, 1 differs (Knife tool)' }]
 */
export function kindLines(kinds: TakeInAnswer['kinds']): KindLine[] {
  const bringing = kinds.filter(({ fresh, differs, bad }) => fresh + differs + bad > 0);
  const known = kinds.filter((one) => !bringing.includes(one) && one.same > 0);
  return [
    ...bringing.map((counts) => ({ title: KIND_WORDS[counts.kind], about: sayCounts(counts) })),
    ...(known.length > 0
      ? [
          {
            title: 'As they are here',
            about: known.map(({ kind, same }) => `${KIND_WORDS[kind]} ${same}`).join(', '),
          },
        ]
      : []),
  ];
}

function sayCounts({ fresh, same, differs, bad, names }: Counts): string {
  const more = differs > names.length ? ` and ${differs - names.length} more` : '';
  return [
    fresh > 0 && `${fresh} new`,
    same > 0 && `${same} as ${same === 1 ? 'it is' : 'they are'} here`,
    differs > 0
      && `${differs} ${differs === 1 ? 'differs' : 'differ'}${names.length > 0 ? ` (${names.join('; ')}${more})` : ''}`,
    bad > 0 && `${bad} cannot be read`,
  ]
    .filter(Boolean)
    .join(', ');
}

const sum = (kinds: TakeInAnswer['kinds'], of: 'fresh' | 'differs'): number =>
  kinds.reduce((total, counts) => total + counts[of], 0);

/** Records that would be written. What is only added to, as the ledger, is never written over. */
export function toBeWritten(kinds: TakeInAnswer['kinds'], take: Take): number {
  const differing = sum(
    kinds.filter(({ kind }) => !factsOf(kind).addedOnly),
    'differs',
  );
  return sum(kinds, 'fresh') + (take === 'all' ? differing : 0);
}

/** Records of the shop that the file has otherwise. */
export const differing = (kinds: TakeInAnswer['kinds']): number => sum(kinds, 'differs');
