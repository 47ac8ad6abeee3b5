import { ownGears, ownPieces, ownPlates } from './own-list';

it('reads pieces of one’s own in whole steps, and refuses what is none', () => {
  expect(ownPieces('1 1.005; 50', 'mm')).toEqual([2000, 2010, 100_000]);
  expect(ownPieces('0.1001, 1', 'in')).toEqual([2002, 20_000]);
  expect(ownPieces('1 1.00007', 'mm')).toBeNull();
  expect(ownPieces('1 two', 'mm')).toBeNull();
  expect(ownPieces('', 'mm')).toBeNull();
  expect(ownPieces('3 -1', 'mm')).toBeNull();
});

it('reads plates, a side on each row, and refuses part of a hole', () => {
  expect(ownPlates('15 16 / / 21 23')).toEqual([
    [15, 16],
    [21, 23],
  ]);
  expect(ownPlates('15 16.5')).toBeNull();
  expect(ownPlates('1')).toBeNull();
  expect(ownPlates('')).toBeNull();
});

it('reads the gears of a head, and refuses one alone', () => {
  expect(ownGears('24 24 28')).toEqual([24, 24, 28]);
  expect(ownGears('24')).toBeNull();
  expect(ownGears('24 28.5')).toBeNull();
});
