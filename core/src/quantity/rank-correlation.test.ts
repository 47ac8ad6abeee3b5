import fc from 'fast-check';
import { histogram } from './histogram';
import { quantile } from './quantile';
import { rankCorrelation, ranks } from './rank-correlation';

it('shares the mean rank among equal values', () =>
  expect([...ranks([5, 1, 5, 9, 5])]).toEqual([2, 0, 2, 4, 2]));

it('is one for what rises together, minus one for what falls, none for what stays', () =>
  fc.assert(
    fc.property(
      fc.uniqueArray(fc.integer({ min: -1000, max: 1000 }), { minLength: 2, maxLength: 30 }),
      (x) => {
        expect(
          rankCorrelation(
            x,
            x.map((v) => v ** 3),
          ),
        ).toBeCloseTo(1, 12);
        expect(
          rankCorrelation(
            x,
            x.map((v) => -2 * v),
          ),
        ).toBeCloseTo(-1, 12);
        expect(
          rankCorrelation(
            x,
            x.map(() => 4),
          ),
        ).toBe(0);
      },
    ),
  ));

it('refuses lists that do not match', () => {
  expect(() => rankCorrelation([1], [1])).toThrow('number of values must be 2 or more');
  expect(() => rankCorrelation([1, 2], [1, 2, 3])).toThrow('number of values must be from 2 to 2');
});

it('a quantile lies straight between its neighbours', () => {
  expect(quantile([1, 2, 4], 0)).toBe(1);
  expect(quantile([1, 2, 4], 0.75)).toBe(3);
  expect(quantile([1, 2, 4], 1)).toBe(4);
  expect(quantile([7], 0.3)).toBe(7);
});

it('a histogram counts every value once, those outside at the ends', () => {
  expect(histogram([-5, 0, 1, 2.5, 9.99, 10, 40], 0, 10, 4)).toEqual([3, 1, 0, 3]);
  expect(histogram([3, 3], 3, 3, 2)).toEqual([2, 0]);
});

it('a value that never changes has one rank, however often it stands', () => {
  const all = ranks(new Float64Array(300_000));
  expect([all[0], all.at(-1)]).toEqual([149_999.5, 149_999.5]);
});
