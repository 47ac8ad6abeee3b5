import type { Body, DrawerKind } from '@pike-stone/contract';
import { TOOL_MATERIALS } from '@pike-stone/core';
import { useRouter } from 'expo-router';
import { useEffect, useMemo, useState } from 'react';
import { FormProvider, get, useForm, useWatch } from 'react-hook-form';
import { StyleSheet, View } from 'react-native';

import { useMetals } from '../../data/metals';
import { useUnits } from '../../data/preferences';
import { newId, putBack, save, useRecords, type Shown } from '../../data/records';
import { backOr } from '../../kit/back';
import { Button } from '../../kit/Button';
import { Loading } from '../../kit/Empty';
import { ArchiveIcon, CopyIcon, RestoreIcon } from '../../kit/icons';
import { Fold } from '../../kit/Fold';
import { Screen, Sheet } from '../../kit/Screen';
import { useUndo } from '../../kit/Undo';
import { Words } from '../../kit/Words';
import { SPACE } from '../../theme/type';
import { NotHere } from '../NotHere';
import { ToolDrawing } from './drawing/ToolDrawing';
import { Field } from './Fields';
import { useFormDrafts } from './form-drafts';
import type { Raw } from './form-spec';
import { resolverFor, sortedSteps, toRaw } from './form-values';
import { Photo } from './Photo';
import { partOf } from './parts-of-kind';
import { specOf } from './specs';

interface ItemProps<K extends DrawerKind> {
  readonly kind: K;
  /** Of the record, or `new`. */
  readonly id: string;
  /** Which of the ready-made beginnings a new one starts from. */
  readonly type?: string | undefined;
  /** Id of the record that a new one copies. */
  readonly from?: string | undefined;
  /** What the edge of a new tool was found to be made of. */
  readonly edge?: string | undefined;
  /** It stands beside its list on a wide screen. */
  readonly inPane?: boolean;
}

/** One record of the drawer, or a new one, as a form. */
export function Item<K extends DrawerKind>({ kind, id, type, from, edge, inPane = false }: ItemProps<K>) {
  const { records, loading, error } = useRecords(kind);
  const { fresh } = specOf(kind);
  const record = records.find((one) => one.id === id) ?? null;
  // A form that was kept and stays open beside its list begins anew from what was kept.
  const [kept, setKept] = useState(0);
  if (id !== 'new')
    return record ? (
      <ItemForm
        key={`${kept} ${changedElsewhere(record.body)}`}
        kind={kind}
        record={record}
        body={record.body}
        draftKey={`${kind}/${id}`}
        inPane={inPane}
        onKept={() => setKept((times) => times + 1)}
      />
    ) : loading || error ? (
      <Loading error={error} />
    ) : (
      <NotHere />
    );
  const model = from ? records.find((one) => one.id === from)?.body : undefined;
  if (from && !model) return loading || error ? <Loading error={error} /> : <NotHere />;
  return (
    <ItemForm
      kind={kind}
      record={null}
      body={
        model
          ? { ...model, name: `${model.name}, copy`.slice(0, 60), photo: undefined }
          : withEdge((fresh.find((one) => one.type === type) ?? fresh[0]!).body, edge)
      }
      draftKey={`${kind}/new/${from ?? type ?? edge ?? ''}`}
    />
  );
}

/** What the parts above the form change of a record: the form is opened anew with it. */
const changedElsewhere = (body: Body<DrawerKind>): string =>
  JSON.stringify(['dull' in body && body.dull, 'boxId' in body && body.boxId, 'photo' in body && body.photo]);

/** A new tool with the edge that was found; anything else as it is. */
function withEdge<B extends Body<DrawerKind>>(body: B, edge: string | undefined): B {
  const isEdge = TOOL_MATERIALS.some(({ key }) => key === edge);
  return isEdge && 'material' in body ? { ...body, material: edge } : body;
}

interface ItemFormProps<K extends DrawerKind> {
  readonly kind: K;
  readonly record: Shown<K> | null;
  readonly body: Body<K>;
  readonly draftKey: string;
  readonly inPane?: boolean;
  /** Called when it was kept and stays open. */
  readonly onKept?: () => void;
}

function ItemForm<K extends DrawerKind>({
  kind,
  record,
  body,
  draftKey,
  inPane = false,
  onKept,
}: ItemFormProps<K>) {
  const router = useRouter();
  const units = useUnits();
  const say = useUndo((state) => state.say);
  const { keep, drop } = useFormDrafts();
  const spec = specOf(kind);
  const Part = partOf(kind);
  const metals = useMetals();
  // The version the form was opened from: a later one on the server makes a conflict and is not overwritten.
  const [opened] = useState(() => {
    const draft = useFormDrafts.getState().drafts[draftKey];
    return { version: draft?.version ?? record?.version ?? 0, body, draft: draft?.raw };
  });
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
  const leave = () => {
    if (inPane) onKept?.();
    else backOr(router, `/drawer?kind=${kind}`);
  };

  const write = async (next: Body<K>) => {
    const target = record?.id ?? newId();
    const result = await save(kind, target, opened.version, next, record?.archived ?? false);
    if (result.sent === 'refused') {
      for (const { path, message } of result.refusal.problem.fields ?? [])
        form.setError(path.replace(/^body\./, ''), { type: 'server', message });
      return;
    }
    drop(draftKey);
    if (result.sent !== 'conflict')
      say(
        result.sent === 'waiting'
          ? 'Kept on this device; sent when the shop’s computer answers.'
          : `${next.name} is in the drawer.`,
      );
    leave();
  };
  const submit = () => {
    const groups = spec.groups(form.getValues(), metals);
    const sorted = sortedSteps(form.getValues(), groups);
    for (const group of groups)
      for (const field of group.fields)
        if (field.type === 'steps') form.setValue(field.path, sorted[field.path]);
    void form.handleSubmit(write)();
  };
  const archive = async () => {
    if (!record) return;
    const away = !record.archived;
    await save(kind, record.id, record.version, record.body, away);
    say(
      away ? `${record.body.name} is put away.` : `${record.body.name} is back.`,
      () => void putBack(kind, { ...record, archived: !away }),
    );
    leave();
  };
  const undoChanges = () => {
    const before = form.getValues();
    form.reset(start);
    drop(draftKey);
    say('As it was before.', () => form.reset(structuredClone(before)));
  };
  const faults = Object.keys(form.formState.errors).length;
  const groups = spec.groups(raw, metals);
  // What is drawn or counted comes first; the boxes of one that is there already open on touch.
  const folds = record !== null && Part !== undefined && kind !== 'machines';
  return (
    <FormProvider {...form}>
      <Screen
        title={record ? body.name : `New ${spec.oneOf?.(body) ?? spec.one}`}
        about={record?.archived ? 'Put away' : undefined}
        onBack={inPane ? undefined : leave}
        inPane={inPane}
        footer={
          <>
            <Button
              kind="other"
              label="As before"
              says="Put everything back as it was"
              disabled={!changed}
              onPress={undoChanges}
            />
            <Button
              kind="main"
              label={record ? 'Keep the change' : 'Add to the drawer'}
              onPress={submit}
              style={styles.fill}
            />
          </>
        }
      >
        {faults > 0 && form.formState.submitCount > 0 && (
          <View style={styles.pad}>
            <Words role="fault" aria-live="polite">
              Not kept yet: see the red sentences. Nothing typed is lost.
            </Words>
          </View>
        )}
        {kind === 'tools' && <ToolDrawing />}
        {record && Part && <Part id={record.id} body={record.body} />}
        {record && kind === 'tools' && <Photo kind="tools" record={record as Shown<'tools'>} />}
        {record && kind === 'supplies' && <Photo kind="supplies" record={record as Shown<'supplies'>} />}
        {groups.map((group) => {
          const fields = group.fields.map((field) => <Field key={field.path} spec={field} />);
          const isWrong = group.fields.some(({ path }) => get(form.formState.errors, path) !== undefined);
          return folds ? (
            <Fold key={group.title} title={group.title} mustShow={isWrong}>
              {fields}
            </Fold>
          ) : (
            <Sheet key={group.title}>
              <View style={styles.group}>
                <Words role="heading">{group.title}</Words>
                {fields}
              </View>
            </Sheet>
          );
        })}
        {record && (
          <View style={styles.actions}>
            <Button
              label="Duplicate"
              icon={(colour) => <CopyIcon color={colour} size={19} />}
              onPress={() => router.push(`/drawer/${kind}/new?from=${record.id}`)}
              style={styles.fill}
            />
            <Button
              label={record.archived ? 'Bring back' : 'Put away'}
              icon={(colour) =>
                record.archived ? (
                  <RestoreIcon color={colour} size={19} />
                ) : (
                  <ArchiveIcon color={colour} size={19} />
                )
              }
              onPress={() => void archive()}
              style={styles.fill}
            />
          </View>
        )}
      </Screen>
    </FormProvider>
  );
}

const styles = StyleSheet.create({
  fill: { flex: 1 },
  pad: { paddingHorizontal: SPACE.edge },
  group: { padding: SPACE.edge, gap: SPACE.near },
  actions: { flexDirection: 'row', gap: SPACE.close, paddingHorizontal: SPACE.edge },
});
