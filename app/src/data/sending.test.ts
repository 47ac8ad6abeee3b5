import { waitMs } from './sending';

it('waits longer after each failed try, up to half a minute, and no less than the server asks', () => {
  const waits = Array.from({ length: 8 }, (_, failed) => waitMs(failed, null));
  expect(waits).toEqual([1_000, 2_000, 5_000, 10_000, 30_000, 30_000, 30_000, 30_000]);
  expect(waitMs(0, 8_000)).toBe(8_000);
  expect(waitMs(4, 8_000)).toBe(30_000);
});
