import { TOOL_MATERIALS, type ToolMaterialKey } from '@pike-stone/core';
import { usualEndWish } from '@pike-stone/core/wheel';
import { useState } from 'react';
import { View } from 'react-native';
import { useUnits } from '../../../data/preferences';
import { Button } from '../../../kit/Button';
import { Choice, Tick } from '../../../kit/Choice';
import { Panel } from '../../../kit/Panel';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import { lengthText } from '../../figures/read-figure';
import { useFigures } from '../../figures/useFigures';
import type { EndMill } from './use-end-mill';

/** What end mills are made of. */
const MADE_OF: readonly ToolMaterialKey[] = ['hss', 'hss-co', 'solid-carbide'];

/** The cutter: diameter, flutes, length left, hand. */
export function CutterPanel({ mill, onClose }: { mill: EndMill; onClose: () => void }) {
  const units = useUnits();
  const { draft, change, tool } = mill;
  const [hand, setHand] = useState(draft.hand);
  const [material, setMaterial] = useState(draft.material);
  const [centre, setCentre] = useState(draft.centreCutting);
  const figures = useFigures([
    {
      key: 'diameter',
      label: 'Diameter, measured',
      kind: 'size',
      low: 2,
      high: 200,
      start: lengthText(draft.diameterMm, units),
    },
    { key: 'teeth', label: 'Flutes', kind: 'whole', low: 1, high: 60, start: String(draft.teeth) },
    {
      key: 'flute',
      label: 'Length of the flutes left',
      kind: 'size',
      low: 0.5,
      high: 500,
      start: lengthText(draft.fluteMm, units),
    },
  ]);
  const set = () => {
    const read = figures.take();
    if (!read) return;
    const teeth = read.teeth[0]!;
    const diameterMm = read.diameter[0]!;
    change(
      {
        diameterMm,
        teeth,
        fluteMm: read.flute[0]!,
        hand,
        material,
        centreCutting: centre,
        ...(diameterMm !== draft.diameterMm && { landMm: usualEndWish(diameterMm).landMm }),
      },
      'Cutter changed.',
    );
    onClose();
  };
  return (
    <Panel
      title="Cutter"
      onClose={onClose}
      footer={<Button kind="main" label="Set" onPress={set} style={styles.grow} />}
    >
      <View style={styles.body}>
        {tool && <Words role="note">{`${tool.body.name}, from the drawer`}</Words>}
        {figures.boxes}
        <Choice
          says="Hand"
          value={hand}
          onChange={setHand}
          options={[
            { value: 'right', label: 'Right hand' },
            { value: 'left', label: 'Left hand' },
          ]}
          about="A right-hand cutter turns counter-clockwise, seen at its end."
        />
        <Choice
          says="Made of"
          value={material}
          onChange={setMaterial}
          options={TOOL_MATERIALS.filter(({ key }) => MADE_OF.includes(key)).map(({ key, name }) => ({
            value: key,
            label: name,
          }))}
        />
        <Tick
          label="Cuts to the centre"
          about="The long tooth passes the centre by 0.1 to 0.3 mm; the others are gashed clear of it."
          value={centre}
          onChange={setCentre}
        />
      </View>
    </Panel>
  );
}

const styles = sheet({
  grow: { flex: 1 },
  body: { paddingHorizontal: SPACE.edge, paddingBottom: SPACE.edge, gap: SPACE.near },
});
