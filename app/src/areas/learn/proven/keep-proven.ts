import { cutChoice, type ProvenBody } from '@pike-stone/contract';
import { OPERATION_WORDS, sayDepth } from '@pike-stone/words';
import { planWith } from '@pike-stone/core/forecast';
import { newId, save, type Shown } from '../../../data/records';
import { leverFor } from '../lever-for';
import type { CutOf } from '../useCutOf';

/** The setting of a cut as it is kept to be found again: with belt, lever and dial by the names on the machine. */
function provenOf({ id, body }: Shown<'cuts'>, cut: CutOf, keptAt: string): ProvenBody {
  const { setup, plan } = cut;
  const { set } = body;
  const lever = leverFor(cut, set);
  const asSet = planWith(plan, { rpm: set.rpm, mmRev: set.feedMmRev, depthMm: set.depthMm });
  return {
    name: `${OPERATION_WORDS[body.operation].verb} ${body.names.stock}`.slice(0, 60),
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
      depth: sayDepth(asSet, setup, 'mm').setting.slice(0, 60),
    },
    names: body.names,
    fromCutId: id,
    keptAt,
    note: '',
  };
}

/** Keeps the setting of a cut; resolves to the id under which it is kept. */
export async function keepProven(cut: Shown<'cuts'>, of: CutOf): Promise<string> {
  const id = newId();
  await save('proven', id, 0, provenOf(cut, of, new Date().toISOString()));
  return id;
}
