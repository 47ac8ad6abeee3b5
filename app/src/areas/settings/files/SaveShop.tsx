import { View } from 'react-native';
import { Caution } from '../../../kit/Caution';
import { save as saveFile } from '../../../kit/save-file';
import { Sheet } from '../../../kit/Screen';
import { Words } from '../../../kit/Words';
import { fetchShop } from '../../../sync/archive';
import { useOutbox } from '../../../sync/outbox';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import { FileButton } from './FileButton';
import { useFileWork } from './useFileWork';

/** Saves the whole shop as one archive. */
export function SaveShop() {
  const waiting = useOutbox((state) => state.entries.length);
  const work = useFileWork();
  const save = () =>
    work.begin(async (signal) => {
      const day = new Date().toISOString().slice(0, 10);
      saveFile(await fetchShop(signal), `pike-stone-${day}.zip`);
    });
  return (
    <Sheet>
      <View style={styles.group}>
        <Words role="heading">Out</Words>
        <Words>
          One file with all that the shop has recorded, pictures too. It can be read without this application,
          and taken in again here or in another shop.
        </Words>
      </View>
      {waiting > 0 && (
        <Caution level="caution">
          {`${waiting} ${waiting === 1 ? 'change waits' : 'changes wait'} on this device. What is not sent yet is not in the file.`}
        </Caution>
      )}
      <View style={styles.group}>
        <FileButton
          label="Save the whole shop"
          atWork="The file is being made"
          work={work}
          onPress={save}
          kind="main"
        />
      </View>
    </Sheet>
  );
}

const styles = sheet({ group: { padding: SPACE.edge, gap: SPACE.close } });
