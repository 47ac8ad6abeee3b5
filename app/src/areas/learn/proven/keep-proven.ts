import { cutChoice, type ProvenBody } from '@pike-stone/contract';
import { usableFeeds } from '@pike-stone/core';
import { OPERATION_WORDS, sayDepth } from '@pike-stone/words';
import { planWith } from '@pike-stone/core/forecast';
import { newId, save, type Shown } from '../../../data/records';
import type { CutOf } from '../useCutOf';

const SAME = 1e-6;

/** The setting of a cut as it is kept to be found again: with belt, lever and dial by the names on the machine. */
function provenOf({ id, body }: Shown<'cuts'>, { setup, plan }: CutOf, keptAt: string): ProvenBody {
  const { set } = body;
  const lever = usableFeeds(setup).find(
    ({ value }) =>
      Math.abs(
        value / (plan.feed.setting.how === 'lever' && plan.feed.setting.per === 'min' ? set.rpm : 1)
          - set.feedMmRev,
      )
      < SAME * 1e3,
  );
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
