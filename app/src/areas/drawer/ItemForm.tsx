import type { DrawerKind } from '@pike-stone/contract';
import { useRouter } from 'expo-router';
import { FormProvider, get, useFormState } from 'react-hook-form';
import { View } from 'react-native';
import type { Shown } from '../../data/records';
import { Button } from '../../kit/Button';
import { Fold } from '../../kit/Fold';
import { ArchiveIcon, CopyIcon, RestoreIcon } from '../../kit/icons';
import { Screen, Sheet } from '../../kit/Screen';
import { Words } from '../../kit/Words';
import { sheet } from '../../theme/sheet';
import { SPACE } from '../../theme/type';
import { ToolDrawing } from './drawing/ToolDrawing';
import { Field } from './Fields';
import type { FormGroup } from './form-spec';
import { partOf } from './parts-of-kind';
import { Photo } from './Photo';
import { specOf } from './specs';
import { useItemForm, type ItemFormOf } from './use-item-form';

/** One record as a form: what is drawn or counted comes first, then its fields. */
export function ItemForm<K extends DrawerKind>(of: ItemFormOf<K>) {
  const { kind, record, body, inPane = false } = of;
  const spec = specOf(kind);
  const Part = partOf(kind);
  const { form, groups, changed, busy, submit, archive, undoChanges, leave } = useItemForm(of);
  const faults = Object.keys(form.formState.errors).length;
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
              busy={busy}
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
        {groups.map((group) => (
          <Group key={group.title} group={group} folds={folds} />
        ))}
        {record && <Actions kind={kind} record={record} onArchive={archive} />}
      </Screen>
    </FormProvider>
  );
}

/** Fields that belong together; those of one that is there already open on touch, or where something is wrong. */
function Group({ group: { title, fields }, folds }: { group: FormGroup; folds: boolean }) {
  const { errors } = useFormState();
  const boxes = fields.map((field) => <Field key={field.path} spec={field} />);
  if (folds)
    return (
      <Fold title={title} mustShow={fields.some(({ path }) => get(errors, path) !== undefined)}>
        {boxes}
      </Fold>
    );
  return (
    <Sheet>
      <View style={styles.group}>
        <Words role="heading">{title}</Words>
        {boxes}
      </View>
    </Sheet>
  );
}

/** What is done with a record as a whole. */
function Actions({
  kind,
  record,
  onArchive,
}: {
  kind: DrawerKind;
  record: Pick<Shown<DrawerKind>, 'id' | 'archived'>;
  onArchive: () => void;
}) {
  const router = useRouter();
  const PutAway = record.archived ? RestoreIcon : ArchiveIcon;
  return (
    <View style={styles.actions}>
      <Button
        label="Duplicate"
        icon={(colour) => <CopyIcon color={colour} size={19} />}
        onPress={() => router.push(`/drawer/${kind}/new?from=${record.id}`)}
        style={styles.fill}
      />
      <Button
        label={record.archived ? 'Bring back' : 'Put away'}
        icon={(colour) => <PutAway color={colour} size={19} />}
        onPress={onArchive}
        style={styles.fill}
      />
    </View>
  );
}

const styles = sheet({
  fill: { flex: 1 },
  pad: { paddingHorizontal: SPACE.edge },
  group: { padding: SPACE.edge, gap: SPACE.near },
  actions: { flexDirection: 'row', gap: SPACE.close, paddingHorizontal: SPACE.edge },
});
