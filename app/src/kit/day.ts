/** A date as "12 Nov", with the year when it is not the present one. */
export function dayOf(iso: string, now = new Date()): string {
  const day = new Date(iso);
  return day.toLocaleDateString('en-GB', {
    day: 'numeric',
    month: 'short',
    ...(day.getFullYear() === now.getFullYear() ? {} : { year: 'numeric' }),
  });
}
