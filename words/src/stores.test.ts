import { LEDGER_ACTS } from '@pike-stone/core/inventory';
import { ACT_WORDS, sayChange, sayLeft } from './stores';

const edges = { by: 'edges', lowAt: 4 } as const;
const length = { by: 'length', regrindMm: 0.5, lowAt: 2 } as const;
const plain = (text: string) => text.replace(/\u00a0/g, ' ');

it('says what is left as inserts and edges, as length and regrinds', () => {
  const left = (count: number, each: number | null = 4) =>
    sayLeft(edges, { edges: count, lengthMm: 0, entries: 3 }, each, 'mm');
  expect(left(23)).toBe('23 edges left: 5 inserts and 3 edges of one');
  expect(left(4)).toBe('4 edges left: 1 insert');
  expect(left(1)).toBe('1 edge left: 0 inserts and 1 edge of one');
  expect(left(-2)).toBe('2 edges more were taken than counted in: count again');
  expect(left(7, null)).toBe('7 edges');
  const tally = { edges: 0, lengthMm: 12.4, entries: 1 };
  expect(plain(sayLeft(length, tally, null, 'mm'))).toBe('12.4 mm left to grind away: 24 regrinds');
  expect(plain(sayLeft(length, tally, null, 'inch'))).toBe('0.488 in left to grind away: 24 regrinds');
  expect(sayLeft(length, { ...tally, entries: 0 }, null, 'mm')).toBe('Not counted yet');
});

it('every act has its words', () => {
  for (const act of LEDGER_ACTS) expect(ACT_WORDS[act].length).toBeGreaterThan(3);
});

it('says by how much an entry changed what is left', () => {
  expect(sayChange({ edges: -1, lengthMm: 0 }, 'mm')).toBe('−1 edge');
  expect(sayChange({ edges: 40, lengthMm: 0 }, 'mm')).toBe('+40 edges');
  expect(plain(sayChange({ edges: 0, lengthMm: -0.5 }, 'mm'))).toBe('−0.5 mm');
  expect(plain(sayChange({ edges: 0, lengthMm: 25.4 }, 'inch'))).toBe('+1.000 in');
  expect(sayChange({ edges: 0, lengthMm: 0 }, 'mm')).toBe('');
});
