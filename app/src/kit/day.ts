/**
 * A date as "12 Nov", with the year when it is not the present one. It is taken from the text that every engine
 * makes of a day ("Thu Nov 12 2026"): the first use of a formatter for a language costs an old phone a fifth of
 * a second.
 */
export function dayOf(iso: string, now = new Date()): string {
  const day = new Date(iso);
  const [, month, date] = day.toDateString().split(' ');
  const year = day.getFullYear();
  return `${Number(date)} ${month}${year === now.getFullYear() ? '' : ` ${year}`}`;
}
