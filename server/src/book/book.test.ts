import { bookQuery, type BookFilter } from '@pike-stone/contract/book';
import { bookStatement, LOOKED_AT } from './book-statement';
import { learnedFrom, type VerdictRow } from './learned-from';
import { settingsStatement, sumsStatements } from './sums-statement';

const SHOP = '0192f000-0000-7000-8000-000000000001';
const [A, B] = ['0192f000-0001-7000-8000-000000000001', '0192f000-0001-7000-8000-000000000002'];
const WHOLE: BookFilter = {
  machine: A,
  stock: A,
  tool: A,
  operation: 'turn',
  outcome: 'worked',
  sign: 'squeal',
  run: A,
  from: '2026-11-01',
  to: '2026-11-30',
  q: 'bush sang',
};
const KEYS = Object.keys(WHOLE) as (keyof BookFilter)[];
/** Every filter of one thing and of two, nothing, and all of it. */
const FILTERS: BookFilter[] = [
  {},
  WHOLE,
  ...KEYS.flatMap((one, i) => [
    { [one]: WHOLE[one] },
    ...KEYS.slice(i + 1).map((other) => ({ [one]: WHOLE[one], [other]: WHOLE[other] })),
  ]),
];
const places = (text: string): number[] => [...text.matchAll(/\$(\d+)/g)].map(([, place]) => Number(place));

describe('statements of the book', () => {
  it.each(FILTERS.map((filter) => [Object.keys(filter).join(' and ') || 'nothing', filter] as const))(
    'filtered by %s ask for every value that they are given, and are confined to the shop',
    (_, filter) => {
      const query = bookQuery.parse(filter);
      const statements = [
        bookStatement(SHOP, query),
        settingsStatement(SHOP, filter),
        ...Object.values(sumsStatements(SHOP, filter)),
      ];
      for (const { text, values } of statements) {
        expect([...new Set(places(text))].sort((a, b) => a - b)).toEqual(values!.map((__, i) => i + 1));
        expect(values![0]).toBe(SHOP);
        expect(text).toContain('shop_id = $1');
      }
    },
  );

  it('two things are looked for cell by cell, one by its own index, a run as a whole', () => {
    const of = (filter: BookFilter) => bookStatement(SHOP, bookQuery.parse(filter)).text;
    expect(of({ machine: A })).not.toContain('cut_cell');
    expect(of({ machine: A, tool: B })).toContain('cut_cell');
    expect(of({ sign: 'squeal', tool: B })).toContain('cut_cell');
    expect(of({ run: A, machine: A, outcome: 'worked' })).not.toContain('cut_cell');
    expect(of({ run: A, outcome: 'worked' })).toContain('one.outcome');
  });

  it('the last day of a filter is included, and a search looks at so many', () => {
    const { values } = bookStatement(SHOP, bookQuery.parse({ to: '2026-11-30', q: 'sang' }));
    expect(values).toContain('2026-12-01');
    expect(values).toContain(LOOKED_AT);
  });
});

describe('what a shop has learned', () => {
  const row = (more: Partial<VerdictRow> = {}): VerdictRow => ({
    machineId: A!,
    metal: 'brass',
    toolMaterial: 'hss',
    quantity: 'speed',
    lnRatio: -40,
    verdict: 'right',
    cuts: 8,
    ...more,
  });

  it('of no cuts is nothing', () => expect(learnedFrom([])).toEqual({ factors: [] }));

  it('stands for each group of a machine, and for those that have no cuts yet', () => {
    const { factors } = learnedFrom([row(), row({ metal: 'steel', lnRatio: 20, cuts: 2 })]);
    expect(factors.map(({ metal, toolMaterial }) => [metal, toolMaterial])).toEqual([
      [null, null],
      ['brass', 'hss'],
      ['steel', 'hss'],
    ]);
    const [none, brass, steel] = factors.map(({ speed }) => speed!);
    expect([none!.cuts, brass!.cuts, steel!.cuts]).toEqual([0, 8, 2]);
    for (const one of [none, brass, steel]) expect(one!.machineCuts).toBe(10);
    expect(brass!.factor).toBeLessThan(none!.factor);
    expect(steel!.factor).toBeGreaterThan(none!.factor);
  });

  it('keeps speed and feed apart: a group that told of one has the machine’s for the other', () => {
    const { factors } = learnedFrom([row(), row({ metal: 'steel', quantity: 'feed', lnRatio: 30 })]);
    const steel = factors.find(({ metal }) => metal === 'steel')!;
    expect([steel.speed!.cuts, steel.feed!.cuts]).toEqual([0, 8]);
    const only = learnedFrom([row()]).factors[1]!;
    expect(only.feed).toBeNull();
  });

  it('keeps machines apart', () => {
    const { factors } = learnedFrom([row(), row({ machineId: B!, lnRatio: 40 })]);
    const of = (id: string) =>
      factors.find(({ machineId, metal }) => machineId === id && metal === 'brass')!.speed!;
    expect(of(A!).factor).toBeLessThan(1);
    expect(of(B!).factor).toBeGreaterThan(1);
    expect(of(A!).machineCuts).toBe(8);
  });
});
