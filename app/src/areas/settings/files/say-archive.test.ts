import type { TakeInAnswer } from '@pike-stone/contract/archive';
import { differing, kindLines, toBeWritten } from './say-archive';

const NONE = { fresh: 0, same: 0, differs: 0, bad: 0, names: [] };
const KINDS: TakeInAnswer['kinds'] = [
  { ...NONE, kind: 'machines', same: 1 },
  { ...NONE, kind: 'metals' },
  { ...NONE, kind: 'stock', same: 9 },
  { ...NONE, kind: 'tools', fresh: 3, same: 40, differs: 2, bad: 1, names: ['Knife tool', 'Drill 8.5'] },
  { ...NONE, kind: 'cuts', differs: 1, names: ['Bronze bush, Boring bar'] },
  { ...NONE, kind: 'ledger', fresh: 7, differs: 4 },
];

test('each kind that the file brings something of is a line of counts; what is here just so is one line', () => {
  expect(kindLines(KINDS).map(({ title, about }) => `${title}: ${about}`)).toEqual([
    'Tools: 3 new, 40 as they are here, 2 differ (Knife tool; Drill 8.5), 1 cannot be read',
    'Cuts in the book: 1 differs (Bronze bush, Boring bar)',
    'Ledger of the drawer: 7 new, 4 differ',
    'As they are here: Machines 1, Stock 9',
  ]);
});

test('more that differ than are named are counted', () => {
  expect(kindLines([{ ...NONE, kind: 'tools', differs: 9, names: ['a', 'b'] }])[0]!.about).toBe(
    '9 differ (a; b and 7 more)',
  );
});

test('what is written: new records, and those that differ when the file’s are wanted, never the ledger’s', () => {
  expect(toBeWritten(KINDS, 'new')).toBe(10);
  expect(toBeWritten(KINDS, 'all')).toBe(13);
  expect(toBeWritten([{ ...NONE, kind: 'tools', same: 5 }], 'all')).toBe(0);
  expect(differing(KINDS)).toBe(7);
});
