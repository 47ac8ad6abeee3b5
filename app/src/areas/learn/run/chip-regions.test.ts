import type { ChipMap } from '@pike-stone/core/learn';
import { namePlace, regionPath, type Place } from './chip-regions';

/** Left half ribbon, right half arcs, four by four cells of 50 px. */
const row = ['ribbon', 'ribbon', 'arc-pieces', 'arc-pieces'] as const;
const MAP: ChipMap = { feedsMmRev: [1, 2, 3, 4], depthsMm: [1, 2, 3, 4], chips: [row, row, row, row] };
const px = (cell: number): number => 50 * cell;
const BOUNDS = { left: 0, right: 200, top: 0, bottom: 200 };
const at = (column: number, line: number): Place => [px(column), px(line)];

it('cells side by side are one strip a row, without seams', () => {
  const path = regionPath(MAP, 'ribbon', px, px);
  expect(path).toBe('M0 0H100V50H0ZM0 50H100V100H0ZM0 100H100V150H0ZM0 150H100V200H0Z');
  expect(regionPath(MAP, 'arc-pieces', px, px)).toMatch(/^M100 0H200/);
  expect(regionPath(MAP, 'dust', px, px)).toBe('');
});

it('a region in two pieces of a row is two strips', () => {
  const split: ChipMap = { ...MAP, depthsMm: [1], chips: [['dust', 'ribbon', 'dust', 'dust']] };
  expect(regionPath(split, 'dust', px, px)).toBe('M0 0H50V50H0ZM100 0H200V50H100Z');
});

it('a name stands in its region, inside the paper and away from the marks', () => {
  const [x, y] = namePlace(MAP, 'ribbon', at, [[75, 175]], BOUNDS)!;
  expect(x).toBeLessThan(100);
  expect(x).toBeGreaterThanOrEqual(40);
  expect(y).toBeLessThan(125);
  const [, lower] = namePlace(MAP, 'ribbon', at, [[75, 25]], BOUNDS)!;
  expect(lower).toBeGreaterThan(75);
});

it('a region of a few cells has no name', () => {
  const row20 = Array.from({ length: 20 }, (_, i) => (i === 0 ? 'dust' : 'ribbon'));
  const small = { ...MAP, chips: [row20] } as ChipMap;
  expect(namePlace(small, 'dust', at, [], BOUNDS)).toBeNull();
  expect(namePlace(small, 'ribbon', at, [], BOUNDS)).not.toBeNull();
});
