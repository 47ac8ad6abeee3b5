import fc from 'fast-check';
import { inverseNormal } from './inverse-normal';
import { seededDraws } from './random-draws';
import { welchInterval } from './welch-interval';

const A = [3.1, 3.05, 3.12, 3.08];
const B = [2.8, 2.86, 2.78, 2.83];

it('by hand: 0.27 with t 2.46 at 5.9 degrees of freedom', () => {
  const found = welchInterval(A, B, 0.01, 0.95, 0.1);
  expect(found.difference).toBeCloseTo(0.27, 9);
  expect(found.degrees).toBeCloseTo(5.8548, 4);
  expect(found.t).toBeCloseTo(2.4617, 4);
  expect(found.verdict).toBe('a-higher');
});

it.each([
  [B, A, 0.1, 'b-higher'],
  [A, B, 0.5, 'no-difference-that-matters'],
  [[3.1, 2.95, 3.12], [3.02, 3.15, 2.9, 3.05], 0.1, 'no-difference-seen'],
  [[3, 3, 3], [3, 3, 3], 0.1, 'no-difference-that-matters'],
] as const)('%j and %j, where %d matters: %s', (a, b, matters, verdict) =>
  expect(welchInterval(a, b, 0.01, 0.95, matters).verdict).toBe(verdict),
);

it('turned round it is the same difference the other way', () =>
  fc.assert(
    fc.property(
      fc.array(fc.double({ min: 0, max: 10, noNaN: true }), { minLength: 2, maxLength: 8 }),
      fc.array(fc.double({ min: 0, max: 10, noNaN: true }), { minLength: 2, maxLength: 8 }),
      (a, b) => {
        const [one, other] = [welchInterval(a, b, 0.1, 0.95, 0), welchInterval(b, a, 0.1, 0.95, 0)];
        expect(other.difference).toBeCloseTo(-one.difference, 9);
        expect(other.low).toBeCloseTo(-one.high, 9);
        expect(one.smallestSeen).toBeGreaterThan(0);
      },
    ),
  ));

it('covers the true difference as often as it says, over a thousand comparisons', () => {
  const draw = seededDraws(17);
  let held = 0;
  for (let i = 0; i < 1_000; i += 1) {
    const series = (mean: number, sd: number) =>
      Array.from({ length: 4 }, () => mean + sd * inverseNormal(draw()));
    const { low, high } = welchInterval(series(400, 12), series(370, 7), 0, 0.95, 10);
    if (low <= 30 && high >= 30) held += 1;
  }
  expect(Math.abs(held / 1_000 - 0.95)).toBeLessThan(0.03);
});

it.each([
  [[3], B, 'number of readings of A'],
  [A, [3], 'number of readings of B'],
] as const)('refuses %j against %j', (a, b, what) =>
  expect(() => welchInterval(a, b, 0.01, 0.95, 0.1)).toThrow(what),
);

it('refuses a confidence that is none, and a resolution below nothing', () => {
  expect(() => welchInterval(A, B, 0.01, 1, 0.1)).toThrow('confidence');
  expect(() => welchInterval(A, B, -1, 0.95, 0.1)).toThrow('resolution');
});
