import { type Kind } from '@pike-stone/contract';
import { TABLE_KINDS } from '@pike-stone/contract/archive';
import { View } from 'react-native';
import { Button } from '../../../kit/Button';
import { save as saveFile } from '../../../kit/save-file';
import { Sheet } from '../../../kit/Screen';
import { Words } from '../../../kit/Words';
import { fetchTable } from '../../../sync/archive';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import { KIND_WORDS } from './kind-words';
import { useFileWork } from './useFileWork';

/** Each kind of record as a CSV file. */
export function Tables() {
  return (
    <Sheet>
      <View style={styles.group}>
        <Words role="heading">As tables</Words>
        <Words role="note">
          CSV, one row a record, all of them, also what is put away; sizes in millimetres. A cell that looks
          like a formula is made plain text. Tools, stock and stores can be taken in from a table too, in the
          drawer.
        </Words>
        <View role="list" aria-label="Tables">
          {TABLE_KINDS.map((kind) => (
            <TableRow key={kind} kind={kind} />
          ))}
        </View>
      </View>
    </Sheet>
  );
}

function TableRow({ kind }: { readonly kind: Kind }) {
  const work = useFileWork();
  const save = () =>
    work.begin(async (signal) => saveFile(await fetchTable(kind, signal), `pike-stone-${kind}.csv`));
  return (
    <View role="listitem" style={styles.row}>
      <View style={styles.words}>
        <Words>{KIND_WORDS[kind]}</Words>
        {work.fault !== null && <Words role="fault">{work.fault}</Words>}
      </View>
      <Button
        kind="plain"
        label={work.busy ? 'Making …' : 'Save CSV'}
        says={`Save CSV: ${KIND_WORDS[kind]}`}
        busy={work.busy}
        onPress={save}
      />
    </View>
  );
}

const styles = sheet({
  group: { padding: SPACE.edge, gap: SPACE.close },
  row: { flexDirection: 'row', alignItems: 'center', gap: SPACE.near, minHeight: 56 },
  words: { flex: 1, minWidth: 0 },
});
