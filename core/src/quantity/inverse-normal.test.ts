import fc from 'fast-check';
import { inverseNormal } from './inverse-normal';

it('gives the quantiles of a normal table', () => {
  expect(inverseNormal(0.5)).toBe(0);
  expect(inverseNormal(0.975)).toBeCloseTo(1.959963984540054, 14);
  expect(inverseNormal(0.9)).toBeCloseTo(1.2815515655446004, 14);
  // Both tails: beyond 5 in sqrt(-ln p) the third approximation takes over.
  expect(inverseNormal(1e-6)).toBeCloseTo(-4.75342430882, 10);
  expect(inverseNormal(1e-20)).toBeCloseTo(-9.26234008979841, 12);
});

it('is odd about the middle and rises', () =>
  fc.assert(
    fc.property(
      fc.double({ min: 1e-12, max: 0.5, noNaN: true }),
      fc.double({ min: 0.001, max: 0.5, noNaN: true }),
      (low, more) => {
        expect(inverseNormal(low)).toBeCloseTo(-inverseNormal(1 - low), 3);
        expect(inverseNormal(Math.min(0.999, low + more))).toBeGreaterThan(inverseNormal(low));
      },
    ),
  ));

it.each([0, 1, -0.1, NaN])('refuses a share of %p', (share) =>
  expect(() => inverseNormal(share)).toThrow('share must be from 0 to 1'),
);
