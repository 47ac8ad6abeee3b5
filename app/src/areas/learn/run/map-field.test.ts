import type { Trial } from '@pike-stone/core/learn';
import { trial as anyTrial } from '@pike-stone/core/learn-fixture';
import { around, endsOf, marksOf, shareOf } from './map-field';

const trial = (feedMmRev: number, outcome: Trial['outcome'] = 'so-so', depthMm = 1, rpm = 250): Trial =>
  anyTrial([], { setting: { rpm, feedMmRev, depthMm }, outcome });

it('the field reaches beyond the trials by as many times on either side', () => {
  const range = around([0.1, 0.4, 0.2]);
  expect(range.high / 0.4).toBeCloseTo(0.1 / range.low, 9);
  expect(shareOf(range.low, range)).toBe(0);
  expect(shareOf(range.high, range)).toBe(1);
  // Twice the feed is as far on the paper wherever it begins.
  const far = (from: number) => shareOf(2 * from, range) - shareOf(from, range);
  expect(far(0.1)).toBeCloseTo(far(0.2), 9);
});

it('least and most stand at the scale, once where they are one', () => {
  expect(endsOf(around([0.1, 0.4]))).toEqual([expect.closeTo(0.1, 9), expect.closeTo(0.4, 9)]);
  expect(endsOf(around([0.2]))).toEqual([expect.closeTo(0.2, 9)]);
});

it('trials one after another at one place are one mark, as the last of them went', () => {
  const marks = marksOf([
    trial(0.1),
    trial(0.12),
    trial(0.12, 'worked', 1, 500),
    trial(0.12, 'did-not-work', 1.5),
    trial(0.1, 'worked'),
  ]);
  expect(marks.map(({ label, outcome }) => [label, outcome])).toEqual([
    ['1', 'so-so'],
    ['2–3', 'worked'],
    ['4', 'did-not-work'],
    ['5', 'worked'],
  ]);
  expect(marksOf([])).toEqual([]);
});
