import fc from 'fast-check';
import { mean, variance } from './mean';

const values = fc.array(fc.double({ min: -1e3, max: 1e3, noNaN: true }), { minLength: 2, maxLength: 30 });

it('by hand', () => {
  expect(mean([2, 4, 9])).toBe(5);
  expect(variance([2, 4, 9])).toBe(13);
  expect(variance([2, 4, 9], false)).toBeCloseTo(26 / 3, 12);
  expect(variance([7, 7])).toBe(0);
});

it('moves with the values, and grows with the square of their scale', () =>
  fc.assert(
    fc.property(values, fc.double({ min: -100, max: 100, noNaN: true }), (list, by) => {
      expect(mean(list.map((one) => one + by))).toBeCloseTo(mean(list) + by, 6);
      expect(variance(list.map((one) => one + by))).toBeCloseTo(variance(list), 4);
      expect(variance(list.map((one) => 2 * one))).toBeCloseTo(4 * variance(list), 3);
    }),
  ));
