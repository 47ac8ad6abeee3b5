import type { LearnedAnswer } from '@pike-stone/contract';
import { factorGroups, trialOf, type CountedCuts, type FactorTrial } from '@pike-stone/core/learn';

/** Cuts that said the same of a setting, with where they were taken, as the database counts them. */
export interface VerdictRow extends CountedCuts {
  readonly machineId: string;
  readonly metal: string;
  readonly toolMaterial: string;
  readonly quantity: 'speed' | 'feed';
}

type Factor = LearnedAnswer['factors'][number];
type Learned = NonNullable<Factor['speed']>;

/** Rows by a name each, in the order in which the names come. */
function grouped<Row>(rows: readonly Row[], nameOf: (row: Row) => string): Map<string, Row[]> {
  const found = new Map<string, Row[]>();
  for (const row of rows) {
    const list = found.get(nameOf(row)) ?? [];
    list.push(row);
    found.set(nameOf(row), list);
  }
  return found;
}

const groupOf = ({ metal, toolMaterial }: VerdictRow): string => `${metal}\n${toolMaterial}`;

/** The learned factors of one quantity on one machine, by group; an empty name is a group without cuts. */
function learnedOn(rows: readonly VerdictRow[]): Map<string, Learned> {
  const trials = [...grouped(rows, groupOf)].map(([group, list]): readonly [string, FactorTrial[]] => [
    group,
    list.map(trialOf),
  ]);
  const { machine, newGroup, groups } = factorGroups(Object.fromEntries(trials));
  const machineCuts = machine.cuts;
  return new Map([
    ['', { factor: newGroup.median, low: newGroup.low, high: newGroup.high, cuts: 0, machineCuts }],
    ...Object.entries(groups).map(([group, { median, low, high, cuts }]): [string, Learned] => [
      group,
      { factor: median, low, high, cuts, machineCuts },
    ]),
  ]);
}

/** The shop's own factors from what its cuts said, each machine with its groups learned together. */
export function learnedFrom(rows: readonly VerdictRow[]): LearnedAnswer {
  const factors = [...grouped(rows, ({ machineId }) => machineId)].flatMap(([machineId, own]): Factor[] => {
    const of = (quantity: VerdictRow['quantity']) => {
      const list = own.filter((row) => row.quantity === quantity);
      return list.length > 0 ? learnedOn(list) : new Map<string, Learned>();
    };
    const [speed, feed] = [of('speed'), of('feed')];
    return [...new Set(['', ...own.map(groupOf)])].map((group): Factor => {
      const [metal = null, toolMaterial = null] = group === '' ? [] : group.split('\n');
      const known = (learned: ReadonlyMap<string, Learned>) => learned.get(group) ?? learned.get('') ?? null;
      return { machineId, metal, toolMaterial, speed: known(speed), feed: known(feed) };
    });
  });
  return { factors };
}
