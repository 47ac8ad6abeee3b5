import { cutChoice, type ProvenBody } from '@pike-stone/contract';
import { planAt } from '@pike-stone/core/learn';
import { sayDepth } from '@pike-stone/words';
import { nameOfCut } from '@pike-stone/words/learn';
import { newId, save, type Shown } from '../../../data/records';
import { leverFor } from '../lever-for';
import type { CutOf } from '../useCutOf';

/** The setting of a cut as it is kept to be found again: with belt, lever and dial by the names on the machine. */
export function provenOf({ id, body }: Shown<'cuts'>, cut: CutOf, keptAt: string): ProvenBody {
  const { setup, plan } = cut;
  const { set } = body;
  const lever = leverFor(cut, set);
  return {
    name: nameOfCut(body.operation, body.names.stock),
    cut: cutChoice.parse({
      ...body,
      rpmByHand: set.rpm,
      depthMm: set.depthMm,
      feedByHand: lever?.value ?? null,
    }),
    set,
    diameterMm: body.diameterMm,
    steps: {
      speed: (setup.machine.speeds.find(({ rpm }) => rpm === set.rpm)?.setting ?? '').slice(0, 60),
      feed: (lever?.setting ?? '').slice(0, 60),
      depth: sayDepth(planAt(plan, set), setup, 'mm').setting.slice(0, 60),
    },
    names: body.names,
    fromCutId: id,
    keptAt,
    note: '',
  };
}

/** Keeps the setting of a cut; resolves to the id under which it is kept, or to why it is not. */
export async function keepProven(
  cut: Shown<'cuts'>,
  of: CutOf,
): Promise<{ readonly id: string } | { readonly refusal: Error }> {
  const id = newId();
  const result = await save('proven', id, 0, provenOf(cut, of, new Date().toISOString()));
  return 'refusal' in result ? result : { id };
}
