import type { Body, DrawerKind } from '@pike-stone/contract';
import { useEffect, useMemo, useState } from 'react';
import { useForm, useWatch } from 'react-hook-form';
import { useMetals } from '../../data/metals';
import { useUnits } from '../../data/preferences';
import { newId, putBack, save, type Shown } from '../../data/records';
import { useLeave } from '../../kit/back';
import { useBusy } from '../../kit/useBusy';
import { useUndo } from '../../kit/Undo';
import { useFormDrafts } from './form-drafts';
import type { Raw } from './form-spec';
import { resolverFor, sortedSteps, toRaw } from './form-values';
import { specOf } from './specs';

export interface ItemFormOf<K extends DrawerKind> {
  readonly kind: K;
  readonly record: Shown<K> | null;
  readonly body: Body<K>;
  /** What is typed is kept under this until it is sent. */
  readonly draftKey: string;
  readonly inPane?: boolean;
  /** Called when it was kept and stays open. */
  readonly onKept?: () => void;
}

/** The form of a record: what is typed in it, and what its buttons do. */
export function useItemForm<K extends DrawerKind>({
  kind,
  record,
  body,
  draftKey,
  inPane = false,
  onKept,
}: ItemFormOf<K>) {
  const units = useUnits();
  const say = useUndo((state) => state.say);
  const { keep, drop } = useFormDrafts();
  const spec = specOf(kind);
  const metals = useMetals();
  // The version the form was opened from: a later one on the server makes a conflict and is not overwritten.
  const [opened] = useState(() => {
    const draft = useFormDrafts.getState().drafts[draftKey];
    return { version: draft?.version ?? record?.version ?? 0, body, draft: draft?.raw };
  });
  // Made when the form opens: however often it is kept, it is one record.
  const [target] = useState(() => record?.id ?? newId());
  const resolver = useMemo(
    () => (raw: Raw) => resolverFor(spec.schema, () => spec.groups(raw, metals), units, opened.body)(raw),
    [spec, units, opened, metals],
  );
  const start = useMemo(
    () =>
      toRaw(
        { ...spec.others?.values, ...opened.body },
        [...(spec.others?.groups ?? []), ...spec.groups(opened.body, metals)],
        units,
      ),
    [opened, spec, units, metals],
  );
  const form = useForm<Raw, unknown, Body<K>>({
    defaultValues: { ...start, ...opened.draft },
    resolver,
    mode: 'onBlur',
    reValidateMode: 'onChange',
  });
  const raw = useWatch({ control: form.control });
  const changed = JSON.stringify(raw) !== JSON.stringify(start);
  useEffect(() => {
    if (changed) keep(draftKey, { version: opened.version, raw });
  }, [changed, draftKey, keep, opened, raw]);
  const leavePage = useLeave(`/drawer?kind=${kind}`);
  const leave = inPane ? () => onKept?.() : leavePage;

  const write = async (next: Body<K>) => {
    const result = await save(kind, target, opened.version, next, record?.archived ?? false);
    if (result.sent === 'refused') {
      for (const { path, message } of result.refusal.problem.fields ?? [])
        form.setError(path.replace(/^body\./, ''), { type: 'server', message });
      return;
    }
    if (result.sent === 'unkept') return say(result.refusal.message);
    drop(draftKey);
    if (result.sent !== 'conflict')
      say(
        result.sent === 'waiting'
          ? 'Kept on this device; sent when the shop’s computer answers.'
          : `${next.name} is in the drawer.`,
      );
    leave();
  };
  const { busy, press: submit } = useBusy(async () => {
    const groups = spec.groups(form.getValues(), metals);
    const sorted = sortedSteps(form.getValues(), groups);
    for (const group of groups)
      for (const field of group.fields)
        if (field.type === 'steps') form.setValue(field.path, sorted[field.path]);
    await form.handleSubmit(write)();
  });
  const { press: archive } = useBusy(async () => {
    if (!record) return;
    const away = !record.archived;
    await save(kind, record.id, record.version, record.body, away);
    say(
      away ? `${record.body.name} is put away.` : `${record.body.name} is back.`,
      () => void putBack(kind, { ...record, archived: !away }),
    );
    leave();
  });
  const undoChanges = () => {
    const before = form.getValues();
    form.reset(start);
    drop(draftKey);
    say('As it was before.', () => form.reset(structuredClone(before)));
  };
  const groups = spec.groups(raw, metals);
  return { form, groups, changed, busy, submit, archive, undoChanges, leave };
}
