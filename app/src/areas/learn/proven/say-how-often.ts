import { dayOf } from '../../../kit/day';
import type { HowOften } from './how-often';

/** How often a setting worked: "Worked in 4 of 5 cuts, last on 12 Nov." */
export function sayHowOften({ cuts, worked, lastAt }: HowOften): string {
  if (lastAt === null) return 'Not taken since it was kept.';
  const count = cuts === 1 ? 'Worked in the one cut' : `Worked in ${worked} of ${cuts} cuts`;
  return worked === 0
    ? `It did not work in ${cuts === 1 ? 'the one cut' : `any of ${cuts} cuts`}, last on ${dayOf(lastAt)}.`
    : `${count}, last on ${dayOf(lastAt)}.`;
}
