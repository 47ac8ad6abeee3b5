import { formatLength, joined, type UnitSystem } from '@pike-stone/words';
import { ABRASIVE_WORDS, FORM_WORDS } from '@pike-stone/words/wheel';
import type { ShownWheel } from './use-wheels';

/** What a wheel is, in a few words: its marking, else its abrasive and grit. */
export function whatItIs({ record: { body }, use }: ShownWheel): string {
  if (use.marking) return body.marking!.trim();
  if (use.abrasive === null) return 'not described yet';
  return `${ABRASIVE_WORDS[use.abrasive]}${use.grit === null ? '' : ` ${use.grit}`}${body.form ? `, ${FORM_WORDS[body.form].name}` : ''}`;
}

/** The line under a wheel in a list. */
export function aboutWheel(wheel: ShownWheel, units: UnitSystem): string {
  const { record, use } = wheel;
  const due =
    use.due === null || use.due.share === null
      ? []
      : [use.due.share >= 1 ? 'dress it' : `dress in ${use.due.piecesToDress} grinds`];
  return [
    whatItIs(wheel),
    `${joined(formatLength(record.body.diameterMm, units))} now`,
    ...(use.overSpeed ? ['too fast for its rating'] : use.usedUp ? ['used up'] : due),
  ].join(', ');
}
