import { COOL_C } from '@pike-stone/core/grind';

/** What the timer at the grinder says: how long until the limit, or until the tip is cool enough. */
export function sayHeatTimer(
  grinding: boolean,
  tipC: number,
  limitC: number,
  secondsLeft: number | null,
): string {
  if (grinding) {
    if (tipC >= limitC) return `Pause now: over ${limitC} °C.`;
    return secondsLeft === null
      ? `It will not come to ${limitC} °C.`
      : `${Math.ceil(secondsLeft)} s more until ${limitC} °C.`;
  }
  if (tipC <= COOL_C) return 'Cool enough to go on.';
  return secondsLeft === null ? 'Let it cool.' : `Cool enough in ${Math.ceil(secondsLeft)} s.`;
}
