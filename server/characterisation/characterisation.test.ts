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

/** A mutation run looks at one in so many. */
const EVERY_NTH = Number(process.env.PIKE_PLANS_NTH ?? 1);

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

test('every plan is what it was: npm run characterise when it changes on purpose', () => {
  const before = kept(join(__dirname, 'plans.json.br'));
  const all = cases();
  expect(all).toHaveLength(before.length);
  const changed = all.flatMap((one, i) => {
    if (i % EVERY_NTH !== 0) return [];
    const found = differences(before[i]!, told(one, i, CUTTERS));
    return found.length > 0
      ? [
          `case ${i}, ${one.setup.operation} on the ${one.setup.machine.name} with ${one.setup.tool.name}:\n  ${found.slice(0, 8).join('\n  ')}`,
        ]
      : [];
  });
  expect(changed.slice(0, 10)).toEqual([]);
});
