import fc from 'fast-check';
import { wholeIn, wholeOver } from './whole';

it('an error of arithmetic costs no piece and adds none', () => {
  expect(wholeIn((2.4 - 1.5) / 0.3)).toBe(3);
  expect(wholeOver((0.1 + 0.2) / 0.1)).toBe(3);
});

it('what is really there is not rounded away', () =>
  fc.assert(
    fc.property(
      fc.integer({ min: 0, max: 1e6 }),
      fc.double({ min: 1e-6, max: 0.999, noNaN: true }),
      (n, part) => {
        expect([wholeIn(n), wholeOver(n)]).toEqual([n, n]);
        expect([wholeIn(n + part), wholeOver(n + part)]).toEqual([n, n + 1]);
      },
    ),
  ));
