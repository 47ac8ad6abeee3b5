import type { GrindBody } from '@pike-stone/contract';
import type { GrindStep, WearSeen } from '@pike-stone/core/grind';
import { useMemo } from 'react';
import { newId, save, useRecords } from '../../../data/records';
import type { Bit } from '../use-bit';
import { stepByStep, type StepByStep } from './step-by-step';

/** The session at the grinder that is going on for a bit, and how it goes on. */
export interface Session extends StepByStep {
  readonly body: GrindBody;
  readonly read: (reading: GrindBody['readings'][number]) => void;
  readonly finish: (more: Partial<GrindBody>) => void;
}

const fresh = (bit: Bit, wear: WearSeen | null): GrindBody => ({
  bitId: bit.record.id,
  startedAt: new Date().toISOString(),
  finishedAt: null,
  why: bit.body.state === 'planned' ? 'new' : 'regrind',
  wear,
  done: [],
  readings: [],
  stockMm: 0,
  lengthAfterMm: bit.body.blank.lengthMm,
  noseRadiusMm: null,
  note: '',
});

/** The unfinished session of a bit, or a new one, which is kept from its first step on. */
export function useSession(bit: Bit, steps: readonly GrindStep[], wear: WearSeen | null): Session {
  const { records } = useRecords('grinds');
  const going = records.find(
    ({ archived, body }) => !archived && body.bitId === bit.record.id && body.finishedAt === null,
  );
  const begun = useMemo(
    () => ({ id: newId(), body: fresh(bit, wear) }),
    // A session is begun once for a bit, whatever else of it changes.
    // oxlint-disable-next-line react/exhaustive-deps
    [bit.record.id],
  );
  const id = going?.id ?? begun.id;
  const body = going?.body ?? begun.body;
  const version = going?.version ?? 0;
  const write = (change: Partial<GrindBody>) => void save('grinds', id, version, { ...body, ...change });
  const keys = steps.map(({ key }) => key);
  return {
    body,
    ...stepByStep(keys, body.done, (done) => write({ done })),
    read: (reading) =>
      write({
        readings: [
          ...body.readings.filter(({ step, plane }) => step !== reading.step || plane !== reading.plane),
          reading,
        ],
      }),
    finish: (more) => write({ finishedAt: new Date().toISOString(), ...more }),
  };
}
