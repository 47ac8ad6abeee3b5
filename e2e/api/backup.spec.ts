import { timeOf, tooMany } from '../../scripts/lib/backup.mjs';
import { expect, test } from '@playwright/test';

const DAY_MS = 86_400_000;
const NOW = Date.UTC(2026, 10, 28, 12);

/** One backup a day for so many days, newest first. */
const daily = (days: number) =>
  Array.from({ length: days }, (_, i) => ({ file: `day ${i}`, at: NOW - i * DAY_MS }));

test('of daily backups the last week stays whole, then one a week, then one a month, then none', () => {
  const all = daily(1_000);
  const gone = new Set(tooMany(all, NOW).map(({ at }) => at));
  const ages = all.filter(({ at }) => !gone.has(at)).map(({ at }) => (NOW - at) / DAY_MS);
  expect(ages.filter((age) => age <= 7)).toEqual([0, 1, 2, 3, 4, 5, 6, 7]);
  const weekly = ages.filter((age) => age > 7 && age <= 56);
  expect(weekly.length).toBeGreaterThanOrEqual(7);
  expect(weekly.length).toBeLessThanOrEqual(8);
  const monthly = ages.filter((age) => age > 56);
  expect(monthly.length).toBeGreaterThanOrEqual(22);
  expect(monthly.length).toBeLessThanOrEqual(24);
  expect(Math.max(...ages)).toBeLessThanOrEqual(24 * 31);
});

test('thinning again lets nothing more go, and the newest stays however old it is', () => {
  const all = daily(400);
  const gone = new Set(tooMany(all, NOW).map(({ at }) => at));
  expect(
    tooMany(
      all.filter(({ at }) => !gone.has(at)),
      NOW,
    ),
  ).toEqual([]);
  const old = [{ file: 'old', at: NOW - 3_000 * DAY_MS }];
  expect(tooMany(old, NOW)).toEqual([]);
});

test('a backup is known by its name, and nothing else is taken for one', () => {
  expect(timeOf('/x/pike-stone-2026-11-28T12-00-00Z.dump')).toBe(NOW);
  for (const name of ['pike-stone-2026-11-28.dump', 'pike-stone-2026-11-28T12-00-00Z.dump.part', 'notes.txt'])
    expect(timeOf(name)).toBeNull();
});
