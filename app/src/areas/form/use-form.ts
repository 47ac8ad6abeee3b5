import type { FormBody } from '@pike-stone/contract';
import { OutOfRange } from '@pike-stone/core';
import {
  correctedForm,
  shapeFindings,
  shapeOf,
  toolFindings,
  type FormFinding,
  type FormShape,
} from '@pike-stone/core/form';
import { useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { newId, putBack, save, useRecords, type Shown } from '../../data/records';
import { useUndo } from '../../kit/Undo';

/** A form cutter of the shop as pages show it, and how it is changed. */
export interface Form {
  readonly record: Shown<'forms'>;
  readonly body: FormBody;
  /** Null when there can be no such form. */
  readonly shape: FormShape | null;
  /** Null when there is no form, or no such tool can carry it. */
  readonly corrected: ReturnType<typeof correctedForm> | null;
  readonly findings: readonly FormFinding[];
  readonly impossible: OutOfRange | null;
  readonly change: (change: Partial<FormBody>, said?: string) => void;
}

type Worked = Pick<Form, 'shape' | 'corrected' | 'findings' | 'impossible'>;

/** The form, what its tool makes of it, and what is wrong with either. */
function worked({ source, tool }: Pick<FormBody, 'source' | 'tool'>): Worked {
  let shape: FormShape | null = null;
  try {
    shape = shapeOf(source);
    return {
      shape,
      corrected: correctedForm(shape, tool),
      findings: [...shapeFindings(shape), ...toolFindings(shape, tool)],
      impossible: null,
    };
  } catch (error) {
    if (!(error instanceof OutOfRange)) throw error;
    return { shape, corrected: null, findings: shape ? shapeFindings(shape) : [], impossible: error };
  }
}

/** The form cutter of an id; null while it is loading or when there is none. */
export function useForm(id: string) {
  const { records, loading, error } = useRecords('forms');
  const say = useUndo((state) => state.say);
  const record = records.find((one) => one.id === id) ?? null;
  const key = JSON.stringify(record && [record.body.source, record.body.tool]);
  const result = useMemo(
    () => record && worked(record.body),
    // Compared by content: a form takes longer to be worked out than to be written down.
    // oxlint-disable-next-line react/exhaustive-deps
    [key],
  );
  const form: Form | null = record
    && result && {
      record,
      body: record.body,
      ...result,
      change: (change, said) => {
        void save('forms', record.id, record.version, { ...record.body, ...change });
        if (said) say(said, () => void putBack('forms', record));
      },
    };
  return { form, loading, error };
}

/** Keeps a new form at once, and opens it. */
export function useOpenForm(): (body: FormBody) => void {
  const router = useRouter();
  // Made when the page opens: a second press opens the same form.
  const [id] = useState(newId);
  return (body) => {
    void save('forms', id, 0, body);
    router.push(`/grind/forms/${id}`);
  };
}
