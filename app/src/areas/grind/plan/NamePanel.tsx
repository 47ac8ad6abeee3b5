import { bitBody } from '@pike-stone/contract';
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
import type { Bit } from '../use-bit';

/** What a bit is called, where it lives, a note; and putting it away. */
export function NamePanel({ bit, onClose }: { bit: Bit; onClose: () => void }) {
  const router = useRouter();
  const say = useUndo((state) => state.say);
  const { body, record } = bit;
  const [name, setName] = useState(body.name);
  const [place, setPlace] = useState(body.place ?? '');
  const [note, setNote] = useState(body.note);
  const read = bitBody.safeParse({ ...body, name, place: place.trim() || undefined, note });
  const faultAt = (field: string) =>
    read.success ? undefined : read.error.issues.find(({ path }) => path[0] === field)?.message;
  const set = () => {
    if (!read.success) return;
    bit.change({ name: read.data.name, place: read.data.place, note }, 'Kept.');
    onClose();
  };
  const putAway = () => {
    void save('bits', record.id, record.version, body, true);
    say('Put away.', () => void putBack('bits', record));
    router.replace('/grind');
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
        <TextBox label="Where it lives" value={place} onChange={setPlace} fault={faultAt('place')} />
        <TextBox label="Note" value={note} onChange={setNote} fault={faultAt('note')} />
        {body.state === 'ground' && (
          <Button
            label="It is dull"
            onPress={() => {
              bit.change({ state: 'dull' }, 'Dull: it stands among those to be ground.');
              onClose();
            }}
          />
        )}
      </View>
    </Panel>
  );
}

const styles = sheet({
  grow: { flex: 1 },
  pad: { paddingHorizontal: SPACE.edge, paddingBottom: SPACE.edge, gap: SPACE.near },
});
