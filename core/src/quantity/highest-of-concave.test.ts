import fc from 'fast-check';
import { highestOfConcave } from './highest-of-concave';

it('finds the top of a hill, inside and at either end', () => {
  const hill = (top: number) => (x: number) => 4 - (x - top) ** 2;
  expect(highestOfConcave(hill(1), 0, 3)).toBeCloseTo(4, 5);
  expect(highestOfConcave(hill(-1), 0, 3)).toBeCloseTo(3, 2);
  expect(highestOfConcave(hill(5), 0, 3)).toBeCloseTo(0, 1);
});

it('is no lower than the value anywhere, by more than a hundred-thousandth of the range', () =>
  fc.assert(
    fc.property(
      fc.double({ min: 0.1, max: 3, noNaN: true }),
      fc.double({ min: 0, max: 1, noNaN: true }),
      (width, share) => {
        const of = (x: number) => Math.sin(x) ** 0.78;
        return highestOfConcave(of, 0, width) >= of(share * width) - 3e-3 * width;
      },
    ),
  ));
