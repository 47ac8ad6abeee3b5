import { formBody } from '@pike-stone/contract';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { putBack, save } from '../../../data/records';
import { Button } from '../../../kit/Button';
import { Panel } from '../../../kit/Panel';
import { TextBox } from '../../../kit/TextBox';
import { useUndo } from '../../../kit/Undo';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import type { Form } from '../use-form';

/** What a form cutter is called, and a note; and putting it away. */
export function NamePanel({ form, onClose }: { form: Form; onClose: () => void }) {
  const router = useRouter();
  const say = useUndo((state) => state.say);
  const { body, record } = form;
  const [name, setName] = useState(body.name);
  const [note, setNote] = useState(body.note);
  const read = formBody.pick({ name: true, note: true }).safeParse({ name, note });
  const faultAt = (field: string) =>
    read.success ? undefined : read.error.issues.find(({ path }) => path[0] === field)?.message;
  const set = () => {
    if (!read.success) return;
    form.change(read.data, 'Kept.');
    onClose();
  };
  const putAway = () => {
    void save('forms', record.id, record.version, body, true);
    say('Put away.', () => void putBack('forms', record));
    router.replace('/grind/forms');
  };
  return (
    <Panel
      title="Name and note"
      onClose={onClose}
      footer={
        <>
          <Button label="Put it away" onPress={putAway} />
          <Button kind="main" label="Set" onPress={set} style={styles.grow} />
        </>
      }
    >
      <View style={styles.pad}>
        <TextBox label="Name" value={name} onChange={setName} fault={faultAt('name')} />
        <TextBox label="Note" lines={3} value={note} onChange={setNote} fault={faultAt('note')} />
      </View>
    </Panel>
  );
}

const styles = sheet({
  grow: { flex: 1 },
  pad: { paddingHorizontal: SPACE.edge, paddingBottom: SPACE.edge, gap: SPACE.near },
});
