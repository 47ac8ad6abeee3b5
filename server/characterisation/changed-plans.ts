import { join } from 'node:path';
import { cases } from './cases';
import { CUTTERS } from './cutters';
import { kept } from './kept';
import { told, type Told } from './told';

/** Two figures are the same when a solver's last digit is all that tells them apart. */
const SAME = 1e-8;
function same(was: number | null | undefined, is: number | null | undefined): boolean {
  if (typeof was !== 'number' || typeof is !== 'number') return was === is;
  return Math.abs(was - is) <= SAME * Math.abs(was);
}

/** Differences between two plans, as "name: was, is". */
function differences(was: Told, is: Told): string[] {
  const names = new Set([...Object.keys(was.numbers), ...Object.keys(is.numbers)]);
  const numbers = [...names]
    .filter((name) => !same(was.numbers[name], is.numbers[name]))
    .map((name) => `${name}: was ${was.numbers[name]}, is ${is.numbers[name]}`);
  const gone = was.sentences
    .filter((text) => !is.sentences.includes(text))
    .map((text) => `no longer said: ${text}`);
  const fresh = is.sentences
    .filter((text) => !was.sentences.includes(text))
    .map((text) => `newly said: ${text}`);
  const moved =
    gone.length + fresh.length === 0 && was.sentences.join('\n') !== is.sentences.join('\n')
      ? ['the sentences stand in another order']
      : [];
  return [...numbers, ...gone, ...fresh, ...moved];
}

/** Descriptions of the plans that are not as they were kept, looking at one in `everyNth`. */
export function changedPlans(everyNth = 1): string[] {
  const before = kept(join(__dirname, 'plans.json.br'));
  const all = cases();
  if (all.length !== before.length) return [`there are ${all.length} cases, and ${before.length} were kept`];
  return all.flatMap((one, i) => {
    if (i % everyNth !== 0) return [];
    const found = differences(before[i]!, told(one, i, CUTTERS));
    const { operation, machine, tool } = one.setup;
    return found.length > 0
      ? [
          `case ${i}, ${operation} on the ${machine.name} with ${tool.name}:\n  ${found.slice(0, 8).join('\n  ')}`,
        ]
      : [];
  });
}
