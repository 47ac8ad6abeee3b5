import { useState } from 'react';
import { View } from 'react-native';
import { useUnits } from '../../../data/preferences';
import { Button } from '../../../kit/Button';
import { Panel } from '../../../kit/Panel';
import { TextBox } from '../../../kit/TextBox';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import { cornerText, readCorners } from './corner-rows';
import { DrawingPanel } from './DrawingPanel';
import type { SourcePanelProps } from './source-panel';

/** Lines and arcs, a corner on each row. */
export function CornersPanel({ form, source, onClose }: SourcePanelProps<'corners'>) {
  const units = useUnits();
  const [text, setText] = useState(() => cornerText(source.corners, units));
  const [opening, setOpening] = useState(false);
  const read = readCorners(text, units);
  const set = () => {
    if (read.rows === null) return;
    form.change({ source: { kind: 'corners', corners: read.rows } }, 'Corners changed.');
    onClose();
  };
  return (
    <Panel
      title="Lines and arcs"
      onClose={onClose}
      footer={
        <>
          <Button label="DXF or SVG" onPress={() => setOpening(true)} />
          <Button kind="main" label="Set" onPress={set} disabled={read.rows === null} style={styles.grow} />
        </>
      }
    >
      <View style={styles.pad}>
        <Words role="note">
          {`A corner on each row, from left to right, in ${units === 'mm' ? 'mm' : 'inches'}: x, y, and the radius of the arc that goes on from it. A minus bends it the other way; without a radius it is a line. The tool stands above.`}
        </Words>
        <TextBox
          label="Corners: x y radius"
          figures
          lines={10}
          value={text}
          onChange={setText}
          fault={read.fault ?? undefined}
          reading={read.rows ? `${read.rows.length} corners` : undefined}
        />
      </View>
      {opening && (
        <DrawingPanel
          onTake={(profile) => setText(cornerText(profile, units))}
          onClose={() => setOpening(false)}
        />
      )}
    </Panel>
  );
}

const styles = sheet({
  grow: { flex: 1 },
  pad: { paddingHorizontal: SPACE.edge, paddingBottom: SPACE.edge, gap: SPACE.near },
});
