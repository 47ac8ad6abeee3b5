import type { LearnedAnswer } from '@pike-stone/contract';
import { factorGroups, type FactorTrial, type Verdict } from '@pike-stone/core/learn';

/** Cuts with one verdict at one setting, as the database counts them. */
export interface VerdictRow {
  readonly machine_id: string;
  readonly metal: string;
  readonly tool_material: string;
  readonly quantity: 'speed' | 'feed';
  /** Logarithm of set over table, in hundredths. */
  readonly ln_ratio: number;
  readonly verdict: Verdict;
  readonly cuts: number;
}

type Factor = LearnedAnswer['factors'][number];
type Learned = NonNullable<Factor['speed']>;

const trialOf = ({ ln_ratio, verdict, cuts }: VerdictRow): FactorTrial => ({
  ratio: Math.exp(ln_ratio / 100),
  verdict,
  count: cuts,
});

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

const groupOf = ({ metal, tool_material }: VerdictRow): string => `${metal}\n${tool_material}`;

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
  const factors = [...grouped(rows, ({ machine_id }) => machine_id)].flatMap(([machineId, own]): Factor[] => {
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
