import type { SupplyBody, ToolBody } from '@pike-stone/contract';
import { USUAL_PRICES } from '@pike-stone/core/choose';
import { countIn } from '../../../data/count-in';
import { bought, edgeGone, recounted, reground } from './acts';
import { supplyCounted, toolCounted } from './used-up';

const PRICES = USUAL_PRICES['ground-bit'];
const box: SupplyBody = {
  kind: 'insert-box',
  name: 'Box',
  material: 'carbide-coated',
  edgesEach: 4,
  price: 8,
  note: '',
};
const blank: SupplyBody = {
  kind: 'blank',
  name: 'Blank',
  material: 'hss',
  widthMm: 10,
  heightMm: 10,
  regrindMm: 0.5,
  note: '',
};
const inserts = supplyCounted('b', box)!;
const bar = supplyCounted('k', blank)!;

describe('what is counted', () => {
  it('a box by its edges, a blank by its length; a holder, a wheel and a stone not at all', () => {
    expect(inserts).toMatchObject({
      of: 'supplies',
      itemId: 'b',
      edgesEach: 4,
      usedUp: { by: 'edges', lowAt: 4 },
    });
    expect(bar.usedUp).toEqual({ by: 'length', regrindMm: 0.5, lowAt: 2 });
    expect(supplyCounted('b', { ...box, lowAt: 10 })!.usedUp.lowAt).toBe(10);
    expect(supplyCounted('h', { kind: 'holder', name: 'Holder', note: '' })).toBeNull();
    expect(supplyCounted('s', { kind: 'stone', name: 'Stone', note: '' })).toBeNull();
  });

  it('a tool by the box of its inserts, else by what is left to grind away', () => {
    const tool: Pick<ToolBody, 'boxId' | 'regrindMm' | 'price'> = { boxId: 'b', price: 20 };
    expect(toolCounted('t', tool, [{ id: 'b', body: box }])).toMatchObject({
      of: 'supplies',
      itemId: 'b',
      from: 'Box',
      price: 8,
    });
    expect(toolCounted('t', { regrindMm: 0.4, price: 20 }, [])).toMatchObject({
      of: 'tools',
      itemId: 't',
      price: 20,
      usedUp: { by: 'length', regrindMm: 0.4 },
    });
    expect(toolCounted('t', {}, [])).toBeNull();
    // Its box is gone, and nothing else is known of it.
    expect(toolCounted('t', { boxId: 'x' }, [])).toBeNull();
  });
});

describe('what is written of a touch', () => {
  it('an edge used or broken is one edge and its share of the insert', () => {
    expect(edgeGone(inserts, 'used', PRICES)).toMatchObject({ act: 'used', edges: -1, cost: 2 });
    const unpriced = supplyCounted('b', { ...box, price: undefined })!;
    expect(edgeGone(unpriced, 'broken', PRICES).cost).toBe(PRICES.insertCost / 4);
  });

  it('a grind is its length, its minutes and its wheel', () =>
    expect(reground(bar, PRICES)).toMatchObject({ act: 'ground', lengthMm: -0.5, cost: 4 * 0.6 + 0.1 }));

  it('what is bought comes in as edges or as length', () => {
    expect(bought(inserts, 10, 8)).toEqual({
      of: 'supplies',
      itemId: 'b',
      act: 'bought',
      edges: 40,
      cost: 80,
    });
    expect(bought(bar, 80, 11)).toEqual({
      of: 'supplies',
      itemId: 'k',
      act: 'bought',
      lengthMm: 80,
      cost: 11,
    });
  });

  it('a count is the difference from what the ledger says', () => {
    expect(recounted(inserts, 12, 15)).toMatchObject({ act: 'counted', edges: -3 });
    expect(recounted(bar, 80, 62.5)).toMatchObject({ lengthMm: 17.5 });
  });
});

it('an entry that the server has is counted into the sums that are shown', () => {
  const entry = {
    of: 'supplies' as const,
    itemId: 'b',
    at: '2026-11-01T10:00:00.000Z',
    act: 'used' as const,
    edges: -1,
    lengthMm: 0,
    massG: 0,
    cost: 2,
    note: '',
  };
  const first = countIn([], entry);
  expect(first).toEqual([
    { of: 'supplies', itemId: 'b', edges: -1, lengthMm: 0, massG: 0, cost: 2, entries: 1 },
  ]);
  const other = { ...first[0]!, itemId: 'c' };
  expect(countIn([other, ...first], entry)).toEqual([
    other,
    { ...first[0]!, edges: -2, cost: 4, entries: 2 },
  ]);
});
