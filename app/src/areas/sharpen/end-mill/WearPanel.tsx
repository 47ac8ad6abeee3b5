import { MILL_WEAR, USUAL_WEAR_MM } from '@pike-stone/core/wheel';
import { MILL_WEAR_WORDS } from '@pike-stone/words/wheel';
import { useState } from 'react';
import { View } from 'react-native';
import { useUnits } from '../../../data/preferences';
import { Button } from '../../../kit/Button';
import { Choice } from '../../../kit/Choice';
import { Panel } from '../../../kit/Panel';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import { lengthText } from '../../figures/read-figure';
import { useFigures } from '../../figures/useFigures';
import type { EndMill } from './use-end-mill';

/** What is seen on the end of the cutter, and how much of it. */
export function WearPanel({ mill, onClose }: { mill: EndMill; onClose: () => void }) {
  const units = useUnits();
  const { draft, change } = mill;
  const [wear, setWear] = useState(draft.wear);
  const figures = useFigures([
    {
      key: 'land',
      label: 'Width of the worn land',
      kind: 'size',
      low: 0,
      high: 20,
      start: lengthText(draft.wearMm, units),
      about: 'square to the axis of the cutter',
    },
    {
      key: 'chip',
      label: 'Depth of the deepest chip',
      kind: 'size',
      low: 0,
      high: 20,
      start: lengthText(draft.chipMm, units),
      about: 'along the axis; 0 when there is none',
    },
  ]);
  const choose = (next: typeof wear) => {
    setWear(next);
    figures.set('land', lengthText(USUAL_WEAR_MM[next].wearMm, units));
    figures.set('chip', lengthText(USUAL_WEAR_MM[next].chipMm, units));
  };
  const set = () => {
    const read = figures.take();
    if (!read) return;
    change({ wear, wearMm: read.land[0]!, chipMm: read.chip[0]! }, 'Wear changed.');
    onClose();
  };
  return (
    <Panel
      title="Wear seen"
      onClose={onClose}
      footer={<Button kind="main" label="Set" onPress={set} style={styles.grow} />}
    >
      <View style={styles.body}>
        <Choice
          says="Wear seen"
          value={wear}
          onChange={choose}
          options={MILL_WEAR.map((value) => ({ value, label: MILL_WEAR_WORDS[value].name }))}
          about={MILL_WEAR_WORDS[wear].about}
        />
        {figures.boxes}
      </View>
    </Panel>
  );
}

const styles = sheet({
  grow: { flex: 1 },
  body: { paddingHorizontal: SPACE.edge, paddingBottom: SPACE.edge, gap: SPACE.near },
});
