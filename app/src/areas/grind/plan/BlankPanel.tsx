import { useState } from 'react';
import { View } from 'react-native';
import { useUnits } from '../../../data/preferences';
import { useRecords } from '../../../data/records';
import { Button } from '../../../kit/Button';
import { Choice } from '../../../kit/Choice';
import { Panel } from '../../../kit/Panel';
import { Row } from '../../../kit/Row';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import { lengthText } from '../../figures/read-figure';
import { useFigures } from '../../figures/useFigures';
import { onBlank } from '../bit-model';
import type { WordPanelProps } from './word-panel';

/** Steel that a bit is ground from: typed, or a blank of the drawer. */
export function BlankPanel({ bit, onClose }: WordPanelProps) {
  const units = useUnits();
  const { body, change } = bit;
  const [section, setSection] = useState(body.blank.section);
  const { records } = useRecords('supplies');
  const size = (key: 'widthMm' | 'heightMm' | 'lengthMm', label: string, high: number) =>
    ({
      key,
      label,
      kind: 'size',
      low: key === 'lengthMm' ? 5 : 2,
      high,
      start: lengthText(body.blank[key], units),
    }) as const;
  const downText = lengthText(body.noseDownMm, units);
  const figures = useFigures([
    size('widthMm', 'Width or diameter', 60),
    size('heightMm', 'Height', 60),
    size('lengthMm', 'Length', 400),
    {
      key: 'down',
      label: 'Nose below the top',
      kind: 'size',
      low: 0,
      high: 50,
      start: downText,
      about: 'As little as cleans the top; more in a round blank, whose top is narrow.',
    } as const,
  ]);
  const set = () => {
    const read = figures.take();
    if (!read) return;
    const widthMm = read.widthMm[0]!;
    const heightMm = section === 'round' ? widthMm : read.heightMm[0]!;
    // A typed size is no longer that of the drawer's blank.
    const blank = { section, widthMm, heightMm, lengthMm: read.lengthMm[0]! };
    const downMm = read.down[0]!;
    const isTyped = lengthText(downMm, units) !== downText;
    change(
      { blankId: null, ...onBlank(body, blank), ...(isTyped && { noseDownMm: downMm }) },
      'Steel changed.',
    );
    onClose();
  };
  const blanks = records.flatMap(({ id, archived, body: one }) =>
    !archived && one.kind === 'blank' ? [{ id, one }] : [],
  );
  return (
    <Panel
      title="Steel"
      onClose={onClose}
      footer={<Button kind="main" label="Set" onPress={set} style={styles.grow} />}
    >
      <View style={styles.pad}>
        <Choice
          says="Made of"
          value={body.material}
          onChange={(material) => change({ material })}
          options={[
            { value: 'hss', label: 'HSS' },
            { value: 'hss-co', label: 'Cobalt HSS' },
            { value: 'carbon-steel', label: 'Carbon steel' },
            { value: 'brazed-carbide', label: 'Brazed carbide' },
          ]}
        />
        <Choice
          says="Section"
          value={section}
          onChange={setSection}
          options={[
            { value: 'square', label: 'Square or flat' },
            { value: 'round', label: 'Round' },
          ]}
        />
        {figures.boxes}
        {blanks.length > 0 && <Words role="heading">From the drawer</Words>}
      </View>
      {blanks.map(({ id, one }) => (
        <Row
          key={id}
          title={one.name}
          chosen={id === body.blankId}
          onPress={() => {
            change(
              {
                blankId: id,
                material: one.material,
                ...onBlank(body, {
                  ...body.blank,
                  section: 'square',
                  widthMm: one.widthMm,
                  heightMm: one.heightMm,
                }),
              },
              'Steel changed.',
            );
            onClose();
          }}
        />
      ))}
    </Panel>
  );
}

const styles = sheet({
  grow: { flex: 1 },
  pad: { paddingHorizontal: SPACE.edge, paddingBottom: SPACE.near, gap: SPACE.near },
});
