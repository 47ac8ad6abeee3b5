import { seededDraws } from './random-draws';

const drawn = (seed: number, count: number) => Array.from({ length: count }, seededDraws(seed));

it('draws the same for the same seed, and otherwise for another', () => {
  expect(drawn(7, 20)).toEqual(drawn(7, 20));
  expect(drawn(7, 3)).not.toEqual(drawn(8, 3));
});

it('spreads evenly inside 0 to 1', () => {
  const counts = new Array<number>(10).fill(0);
  for (const u of drawn(1, 20_000)) {
    expect(u > 0 && u < 1).toBe(true);
    counts[Math.floor(u * 10)]! += 1;
  }
  // A tenth of 20,000, give or take five standard deviations.
  for (const count of counts) expect(Math.abs(count - 2000)).toBeLessThan(5 * Math.sqrt(1800));
});
