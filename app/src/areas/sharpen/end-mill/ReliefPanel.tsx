import { useState } from 'react';
import { View } from 'react-native';
import { useUnits } from '../../../data/preferences';
import { Button } from '../../../kit/Button';
import { Panel } from '../../../kit/Panel';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import { lengthText } from '../../figures/read-figure';
import { useFigures } from '../../figures/useFigures';
import type { EndMill } from './use-end-mill';

/** Reliefs, land and dish of the ends. */
export function ReliefPanel({ mill, onClose }: { mill: EndMill; onClose: () => void }) {
  const units = useUnits();
  const { draft, change } = mill;
  const [fault, setFault] = useState<string | null>(null);
  const figures = useFigures([
    {
      key: 'relief',
      label: 'Relief at the edge, degrees',
      kind: 'number',
      low: 0.5,
      high: 30,
      start: String(draft.reliefDeg),
      about: '5 to 8 is usual; little rubs in a plunge, much weakens the corner.',
    },
    {
      key: 'land',
      label: 'Land behind the edge',
      kind: 'size',
      low: 0.05,
      high: 20,
      start: lengthText(draft.landMm, units),
      about: 'Small wheels need a narrow one.',
    },
    {
      key: 'second',
      label: 'Second relief, degrees',
      kind: 'number',
      low: 1,
      high: 60,
      optional: true,
      start: draft.secondDeg === null ? '' : String(draft.secondDeg),
      about: '12 to 15 is usual; empty for none.',
    },
    {
      key: 'dish',
      label: 'Dish, degrees',
      kind: 'number',
      low: 0,
      high: 15,
      start: String(draft.dishDeg),
      about: '1 to 3: the ends fall towards the centre, so that the corners cut.',
    },
  ]);
  const set = () => {
    const read = figures.take();
    if (!read) return;
    const secondDeg = read.second[0] ?? null;
    if (secondDeg !== null && secondDeg <= read.relief[0]!)
      return setFault('The second relief must be more than the first.');
    change(
      { reliefDeg: read.relief[0]!, landMm: read.land[0]!, secondDeg, dishDeg: read.dish[0]! },
      'Relief changed.',
    );
    onClose();
  };
  return (
    <Panel
      title="Relief"
      onClose={onClose}
      footer={<Button kind="main" label="Set" onPress={set} style={styles.grow} />}
    >
      <View style={styles.body}>
        {figures.boxes}
        {fault && <Words role="fault">{fault}</Words>}
      </View>
    </Panel>
  );
}

const styles = sheet({
  grow: { flex: 1 },
  body: { paddingHorizontal: SPACE.edge, paddingBottom: SPACE.edge, gap: SPACE.near },
});
