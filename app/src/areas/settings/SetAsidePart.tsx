import { View } from 'react-native';
import { Button } from '../../kit/Button';
import { save as saveFile } from '../../kit/save-file';
import { Sheet } from '../../kit/Screen';
import { Words } from '../../kit/Words';
import { dropAside, useAside } from '../../sync/aside';
import { sheet } from '../../theme/sheet';
import { SPACE } from '../../theme/type';

/** What was kept on this device and could not be read: to be saved as a file, and dropped. */
export function SetAsidePart() {
  const things = useAside((state) => state.things);
  if (things.length === 0) return null;
  return (
    <Sheet>
      <View style={styles.group}>
        <Words role="heading">Set aside on this device</Words>
        <Words role="note">
          It was kept here, and is not what this application can read. Nothing of it is shown elsewhere. Save
          it before you drop it, if it may hold something of yours.
        </Words>
        <View role="list" aria-label="Set aside on this device">
          {things.map((thing) => (
            <View key={thing.key} role="listitem" style={styles.thing}>
              <View style={styles.words}>
                <Words>{thing.what}</Words>
                <Words role="note">{thing.why.slice(0, 160)}</Words>
              </View>
              <Button
                kind="plain"
                label="Save"
                says={`Save ${thing.what}`}
                onPress={() =>
                  saveFile(
                    new Blob([JSON.stringify(thing, null, 2)], { type: 'application/json' }),
                    'pike-stone-set-aside.json',
                  )
                }
              />
              <Button
                kind="plain"
                label="Drop"
                says={`Drop ${thing.what}`}
                onPress={() => void dropAside(thing.key)}
              />
            </View>
          ))}
        </View>
      </View>
    </Sheet>
  );
}

const styles = sheet({
  group: { padding: SPACE.edge, gap: SPACE.near },
  thing: { flexDirection: 'row', alignItems: 'center', gap: SPACE.close, minHeight: 56 },
  words: { flex: 1, minWidth: 0 },
});
