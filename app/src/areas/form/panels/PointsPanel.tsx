import { sayUsualDoubt } from '@pike-stone/words/form';
import { useState } from 'react';
import { View } from 'react-native';
import { useUnits } from '../../../data/preferences';
import { Button } from '../../../kit/Button';
import { Panel } from '../../../kit/Panel';
import { pickText } from '../../../kit/pick-file';
import { TextBox } from '../../../kit/TextBox';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import { lengthText } from '../../figures/read-figure';
import { useFigures } from '../../figures/useFigures';
import { pointText, readPoints } from './corner-rows';
import { PhotoPanel } from './PhotoPanel';
import type { SourcePanelProps } from './source-panel';

/** Measured points, typed, pasted or from a file, and how near the lines and arcs must stay to them. */
export function PointsPanel({ form, source, onClose }: SourcePanelProps<'points'>) {
  const units = useUnits();
  const [text, setText] = useState(() => pointText(source.points, units));
  const figures = useFigures([
    {
      key: 'tolerance',
      label: 'Lines and arcs within',
      kind: 'size',
      low: 0.0005,
      high: 1,
      start: lengthText(source.toleranceMm, units),
      about: `as near as it was measured: ${sayUsualDoubt(units)}`,
    },
  ]);
  const [tracing, setTracing] = useState(false);
  const read = readPoints(text, units);
  const set = () => {
    const taken = figures.take();
    if (read.rows === null || !taken) return;
    form.change(
      { source: { kind: 'points', points: read.rows, toleranceMm: taken.tolerance[0]! } },
      'Points changed.',
    );
    onClose();
  };
  return (
    <Panel
      title="Measured points"
      onClose={onClose}
      footer={
        <>
          <Button label="Photo" says="From a photo" onPress={() => setTracing(true)} />
          <Button label="File" says="From a file" onPress={() => void pickText(setText)} />
          <Button kind="main" label="Set" onPress={set} disabled={read.rows === null} style={styles.grow} />
        </>
      }
    >
      <View style={styles.pad}>
        <Words role="note">
          {`A point on each row, in order along the form: x and y in ${units === 'mm' ? 'mm' : 'inches'}, or with a heading x_mm,y_mm or x_in,y_in.`}
        </Words>
        <TextBox
          label="Points: x y"
          figures
          lines={10}
          value={text}
          onChange={setText}
          fault={read.fault ?? undefined}
          reading={read.rows ? `${read.rows.length} points` : undefined}
        />
        {figures.boxes}
      </View>
      {tracing && (
        <PhotoPanel
          onTake={(points, toleranceMm) => {
            setText(pointText(points, units));
            figures.set('tolerance', lengthText(toleranceMm, units));
          }}
          onClose={() => setTracing(false)}
        />
      )}
    </Panel>
  );
}

const styles = sheet({
  grow: { flex: 1 },
  pad: { paddingHorizontal: SPACE.edge, paddingBottom: SPACE.edge, gap: SPACE.near },
});
