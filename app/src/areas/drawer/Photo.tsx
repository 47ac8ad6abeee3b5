import { useState } from 'react';
import { View } from 'react-native';
import { pickJpeg } from '../../data/pick-jpeg';
import { usePhoto } from '../../data/photos';
import { save, type Shown } from '../../data/records';
import { Button } from '../../kit/Button';
import { PhotoBox } from '../../kit/PhotoBox';
import { useUndo } from '../../kit/Undo';
import { sheet } from '../../theme/sheet';
import { SPACE } from '../../theme/type';

/** The photograph of a thing of the drawer, taken with the phone or chosen from its pictures. */
export function Photo<K extends 'tools' | 'supplies'>({ kind, record }: { kind: K; record: Shown<K> }) {
  const { id, body } = record;
  const { uri, put } = usePhoto(id, body.photo ?? false);
  const say = useUndo((state) => state.say);
  const [fault, setFault] = useState<string | null>(null);
  const take = async () => {
    const picked = await pickJpeg();
    if (!picked) return;
    if ('fault' in picked) return setFault(picked.fault);
    setFault(null);
    // Both are on the device before either is sent: a page that is closed now loses neither.
    const kept = put(picked.jpeg);
    if (!body.photo) void save(kind, id, record.version, { ...body, photo: true }, record.archived);
    await kept;
  };
  const remove = () => {
    const before = uri?.split(',')[1] ?? '';
    void put('');
    say('The photo is taken away.', () => void put(before));
  };
  return (
    <View style={styles.box}>
      <PhotoBox uri={uri} says={`Photo of ${body.name}`} fault={fault}>
        <View style={styles.row}>
          <Button
            label={uri ? 'Another photo' : 'Add a photo'}
            onPress={() => void take()}
            style={styles.grow}
          />
          {uri && <Button label="Take it away" onPress={remove} />}
        </View>
      </PhotoBox>
    </View>
  );
}

const styles = sheet({
  box: { paddingHorizontal: SPACE.edge },
  row: { flexDirection: 'row', gap: SPACE.close },
  grow: { flex: 1 },
});
