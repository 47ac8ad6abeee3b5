import type { BitBody } from '@pike-stone/contract';
import { MATERIALS, OutOfRange } from '@pike-stone/core';
import {
  bitFindings,
  forceOnBit,
  grindSteps,
  type BitFinding,
  type BitPlan,
  type GrindStep,
} from '@pike-stone/core/grind';
import { useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { newId, putBack, save, useRecords, type Shown } from '../../data/records';
import { useUndo } from '../../kit/Undo';
import { useSolid, type GrindingSolid } from '../../workers/solid-work';
import { frontOf, planOf } from './bit-model';

/** A bit of the shop as pages show it, and how it is changed. */
export interface Bit {
  readonly record: Shown<'bits'>;
  readonly body: BitBody;
  readonly plan: BitPlan;
  /** Steps at the wheel; none when no bit can have these angles. */
  readonly steps: readonly GrindStep[];
  /** Why no bit can have these angles; null when one can. */
  readonly impossible: OutOfRange | null;
  /** Changes it at once, and offers to put it back. */
  readonly change: (change: Partial<BitBody>, said?: string) => void;
}

/** Steps of a plan, or what cannot be about it. */
function stepsOf(plan: BitPlan): Pick<Bit, 'steps' | 'impossible'> {
  try {
    return { steps: grindSteps(plan), impossible: null };
  } catch (error) {
    if (error instanceof OutOfRange) return { steps: [], impossible: error };
    throw error;
  }
}

/** The bit of an id; null while it is loading or when there is none. */
export function useBit(id: string) {
  const { records, loading, error } = useRecords('bits');
  const say = useUndo((state) => state.say);
  const record = records.find((one) => one.id === id) ?? null;
  const bit = useMemo((): Bit | null => {
    if (!record) return null;
    const plan = planOf(record.body);
    return {
      record,
      body: record.body,
      plan,
      ...stepsOf(plan),
      change: (change, said) => {
        void save('bits', record.id, record.version, { ...record.body, ...change });
        if (said) say(said, () => void putBack('bits', record));
      },
    };
  }, [record, say]);
  return { bit, loading, error };
}

/** Keeps a new bit at once, and opens it to be planned. */
export function useOpenBit(): (body: BitBody) => void {
  const router = useRouter();
  // Made when the page opens: a second press opens the same bit.
  const [id] = useState(newId);
  return (body) => {
    void save('bits', id, 0, body);
    router.push(`/grind/${id}`);
  };
}

/** The bit's solid, what is read on it, and what is wrong with it. */
export interface GroundBit extends GrindingSolid {
  readonly findings: readonly BitFinding[];
}

export function useGroundBit(bit: Bit | null): GroundBit {
  const front = bit && !bit.impossible ? frontOf(bit.plan) : null;
  const solid = useSolid(front);
  const read = solid.answer?.read ?? null;
  const use = bit?.body.use ?? null;
  const metal = MATERIALS.find(({ key: one }) => one === bit?.body.metalKey) ?? null;
  const key = JSON.stringify([front, use, metal?.key]);
  const findings = useMemo(
    () => (read && front ? bitFindings(front, read, use, metal && use && forceOnBit(front, use, metal)) : []),
    // Compared by content, not by identity.
    // oxlint-disable-next-line react/exhaustive-deps
    [read, key],
  );
  return { ...solid, findings };
}
