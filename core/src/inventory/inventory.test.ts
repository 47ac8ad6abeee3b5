import fc from 'fast-check';
import { edgesLeft } from './edges-left';
import { supplyState, usesLeft } from './supply-state';
import { EMPTY_TALLY, tallied } from './tally';

const amount = fc.integer({ min: -50, max: 50 });
const entry = fc.record({ edges: amount, lengthMm: amount, massG: amount, cost: amount });

it('the stock is the sum of the entries, in whatever order they come', () =>
  fc.assert(
    fc.property(fc.array(entry, { maxLength: 20 }), (entries) => {
      const sum = entries.reduce(tallied, EMPTY_TALLY);
      expect([...entries].reverse().reduce(tallied, EMPTY_TALLY)).toEqual(sum);
      expect(sum.entries).toBe(entries.length);
      expect(sum.edges).toBe(entries.reduce((total, { edges }) => total + edges, 0));
      expect(sum.lengthMm).toBe(entries.reduce((total, { lengthMm }) => total + lengthMm, 0));
      expect(sum.massG).toBe(entries.reduce((total, { massG }) => total + massG, 0));
      expect(sum.cost).toBe(entries.reduce((total, { cost }) => total + cost, 0));
    }),
  ));

it('an entry and its opposite leave everything but their number as it was', () => {
  const one = { edges: -1, lengthMm: 2, massG: 3, cost: 4 };
  const back = { edges: 1, lengthMm: -2, massG: -3, cost: -4 };
  expect([one, back].reduce(tallied, EMPTY_TALLY)).toEqual({ ...EMPTY_TALLY, entries: 2 });
});

it('edges are whole inserts and those of the one in use', () => {
  expect(edgesLeft(23, 4)).toEqual({ whole: 5, onOne: 3, short: false });
  expect(edgesLeft(8, 4)).toEqual({ whole: 2, onOne: 0, short: false });
  expect(edgesLeft(0, 4)).toEqual({ whole: 0, onOne: 0, short: false });
  expect(edgesLeft(-2, 4)).toEqual({ whole: 0, onOne: 0, short: true });
  expect(() => edgesLeft(3, 0)).toThrow('edges of an insert');
});

it('is low from its limit down, none below one use, uncounted without an entry', () => {
  const box = { by: 'edges', lowAt: 4 } as const;
  const at = (edges: number, entries = 1) => supplyState(box, { edges, lengthMm: 0, entries });
  expect([at(5), at(4), at(1), at(0), at(-3), at(0, 0)]).toEqual([
    'plenty',
    'low',
    'low',
    'none',
    'none',
    'uncounted',
  ]);
});

it('counts regrinds by the length that is left, whole ones only', () => {
  const bit = { by: 'length', regrindMm: 0.5, lowAt: 2 } as const;
  const at = (lengthMm: number) => ({ edges: 0, lengthMm, entries: 1 });
  expect(usesLeft(bit, at(12.4))).toBe(24);
  expect(usesLeft(bit, at(-1))).toBe(0);
  expect([supplyState(bit, at(1.5)), supplyState(bit, at(1)), supplyState(bit, at(0.4))]).toEqual([
    'plenty',
    'low',
    'none',
  ]);
});
