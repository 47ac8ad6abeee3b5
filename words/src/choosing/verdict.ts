import type { ChoiceFactor, Confidence, JobChoice, Verdict } from '@pike-stone/core/choose';
import type { UnitSystem } from '../format';
import { sayFactor, type ChoiceContext } from './factor';

const VERDICT: Readonly<Record<Verdict, string>> = {
  hss: 'High speed steel',
  carbide: 'Carbide',
  either: 'Either will do',
};
const CONFIDENCE: Readonly<Record<Confidence, string>> = {
  strong: 'strongly',
  clear: 'clearly',
  slight: 'slightly',
  'toss-up': 'a toss-up',
};

/** The verdict in as few words as it has: "Carbide, clearly". */
export const sayVerdict = ({ verdict, confidence }: { verdict: Verdict; confidence: Confidence }): string =>
  verdict === 'either' && confidence === 'toss-up'
    ? `${VERDICT.either}: ${CONFIDENCE['toss-up']}`
    : `${VERDICT[verdict]}, ${CONFIDENCE[confidence]}`;

/** What decides it: the strongest reason that speaks for the verdict, in the machine's own numbers. */
export function sayWhy(
  { weighed, inputs }: Pick<JobChoice<unknown>, 'weighed' | 'inputs'>,
  context: ChoiceContext,
  units: UnitSystem,
): string {
  if (weighed.excluded === 'hss')
    return `This metal, about ${Math.round(inputs.hardnessHb)} HB, is too hard for high speed steel: carbide, or grinding.`;
  if (weighed.excluded === 'carbide')
    return 'A special form, and no carbide of that form in the drawer: a form is ground in high speed steel in minutes.';
  const deciding = decidingFactor(weighed);
  return deciding ? sayFactor(deciding, inputs, context, units) : 'Nothing speaks for the one or the other.';
}

/** The strongest factor on the side of the score; of a toss-up the strongest of all. */
function decidingFactor({
  score,
  verdict,
  contributions,
  topReasons,
}: JobChoice<unknown>['weighed']): ChoiceFactor | null {
  if (verdict === 'either') return topReasons[0] ?? null;
  const own = (Object.keys(contributions) as ChoiceFactor[])
    .filter((factor) => contributions[factor] * score > 0)
    .sort((a, b) => Math.abs(contributions[b]) - Math.abs(contributions[a]));
  return own[0] ?? topReasons[0] ?? null;
}
