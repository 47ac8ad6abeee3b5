import fc from 'fast-check';
import { judgeHeights } from './tooth-heights';

it('finds the high tooth and how far it comes down', () => {
  const verdict = judgeHeights([0, 0.004, 0.021, 0.002], 'finishing', 0.05);
  expect(verdict).toMatchObject({ ok: false, lowest: 1, alone: null });
  expect(verdict.touch).toEqual([{ tooth: 3, downMm: 0.021 }]);
});

it('a tooth that stands out by more than the feed does the work of all', () =>
  expect(judgeHeights([0, 0.004, 0.03, 0.002], 'roughing', 0.02).alone).toBe(3));

it('a low tooth brings all the others down', () =>
  expect(judgeHeights([0, 0, -0.05, 0], 'roughing', null).touch.map(({ tooth }) => tooth)).toEqual([
    1, 2, 4,
  ]));

it('the limit itself passes', () => expect(judgeHeights([0, 0.01], 'finishing', null).ok).toBe(true));

it('brought down by what it says, no tooth is high; the zero of the indicator does not matter', () =>
  fc.assert(
    fc.property(
      fc.array(fc.double({ min: -0.2, max: 0.2, noNaN: true }), { minLength: 2, maxLength: 8 }),
      fc.double({ min: -1, max: 1, noNaN: true }),
      (heights, zero) => {
        const { touch } = judgeHeights(heights, 'finishing', null);
        const after = heights.map((mm, i) => mm - (touch.find(({ tooth }) => tooth === i + 1)?.downMm ?? 0));
        expect(judgeHeights(after, 'finishing', null).ok).toBe(true);
        const moved = judgeHeights(
          heights.map((mm) => mm + zero),
          'finishing',
          null,
        );
        expect(moved.spreadMm).toBeCloseTo(judgeHeights(heights, 'finishing', null).spreadMm, 9);
      },
    ),
  ));

it('refuses a single tooth', () => expect(() => judgeHeights([0], 'finishing', null)).toThrow('heights'));
