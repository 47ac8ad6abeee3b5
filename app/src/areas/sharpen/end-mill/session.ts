import type { SharpeningBody } from '@pike-stone/contract';
import { useMemo } from 'react';
import { newId, save, useRecords } from '../../../data/records';
import { endTeethOf } from './draft';
import type { EndMill } from './use-end-mill';
import { stepByStep, type StepByStep } from '../../grind/steps/step-by-step';

/** The sharpening that is going on for a cutter, and how it goes on. */
export interface MillSession extends StepByStep {
  readonly body: SharpeningBody;
  readonly finish: (more: Partial<SharpeningBody>) => void;
}

const fresh = ({ draft, tool, plan }: EndMill): SharpeningBody => ({
  name: draft.name,
  toolId: tool?.id ?? null,
  what: 'end-teeth',
  startedAt: new Date().toISOString(),
  finishedAt: null,
  wheelId: draft.wheelId,
  endTeeth: endTeethOf(draft),
  done: [],
  heightsMm: [],
  stockMm: plan?.rounds.stockMm ?? 0,
  volumeMm3: plan?.volumeMm3 ?? 0,
  lengthAfterMm: null,
  diameterAfterMm: null,
  minutes: null,
  note: '',
});

/** The unfinished sharpening of a cutter, or a new one, which is kept from its first step on. */
export function useMillSession(mill: EndMill, keys: readonly string[]): MillSession {
  const { records } = useRecords('sharpenings');
  const toolId = mill.tool?.id ?? null;
  const going = records.find(
    ({ archived, body }) =>
      !archived && body.what === 'end-teeth' && body.toolId === toolId && body.finishedAt === null,
  );
  const begun = useMemo(
    () => ({ id: newId(), body: fresh(mill) }),
    // A sharpening is begun once for a cutter, whatever else of the plan changes.
    // oxlint-disable-next-line react/exhaustive-deps
    [mill.key],
  );
  const id = going?.id ?? begun.id;
  const body = going?.body ?? begun.body;
  const version = going?.version ?? 0;
  const write = (change: Partial<SharpeningBody>) =>
    void save('sharpenings', id, version, { ...body, ...change });
  return {
    body,
    ...stepByStep(keys, body.done, (done) => write({ done })),
    finish: (more) => write({ finishedAt: new Date().toISOString(), ...more }),
  };
}
