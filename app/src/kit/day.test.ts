import { dayOf } from './day';

test('a date is said by day and month, and by its year when that is another', () => {
  const now = new Date(2026, 10, 28);
  expect(dayOf(new Date(2026, 8, 3, 23, 59).toISOString(), now)).toBe('3 Sep');
  expect(dayOf(new Date(2026, 11, 31).toISOString(), now)).toBe('31 Dec');
  expect(dayOf(new Date(2025, 0, 1).toISOString(), now)).toBe('1 Jan 2025');
});

test('every day of a year is said as the calendar has it', () => {
  const written = new Intl.DateTimeFormat('en-US', { day: 'numeric', month: 'short' });
  for (let n = 0; n < 366; n += 1) {
    const day = new Date(2024, 0, 1 + n, 12);
    const [month, date] = written.format(day).split(' ');
    expect(dayOf(day.toISOString(), new Date(2024, 5, 1))).toBe(`${date} ${month}`);
  }
});
