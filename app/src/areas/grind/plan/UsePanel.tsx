import { forThread } from '@pike-stone/core/grind';
import { useState } from 'react';
import { View } from 'react-native';
import { useUnits } from '../../../data/preferences';
import { Button } from '../../../kit/Button';
import { Panel } from '../../../kit/Panel';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import { lengthText } from '../../figures/read-figure';
import { useFigures } from '../../figures/useFigures';
import { SideChoice } from './SideChoice';
import type { WordPanelProps } from './word-panel';

/** The cut that a bit is ground for; a thread bit takes its clearances from the lead. */
export function UsePanel({ bit, onClose }: WordPanelProps) {
  const units = useUnits();
  const { body, change } = bit;
  const [side, setSide] = useState(body.use?.side ?? 'outside');
  const isThread = body.trailingDeg !== null;
  const start = (mm: number | undefined) => (mm === undefined ? '' : lengthText(mm, units));
  const figures = useFigures([
    {
      key: 'diameter',
      label: 'Diameter',
      kind: 'size',
      low: 0.5,
      high: 3000,
      start: start(body.use?.diameterMm),
    },
    {
      key: 'depth',
      label: 'Depth of cut',
      kind: 'size',
      low: 0.005,
      high: 100,
      start: start(body.use?.depthMm ?? 1),
    },
    {
      key: 'feed',
      label: isThread ? 'Lead: pitch times starts' : 'Feed a turn',
      kind: 'size',
      low: 0.001,
      high: 25,
      start: start(body.use?.feedMm ?? 0.1),
    },
  ]);
  const set = () => {
    const read = figures.take();
    if (!read) return;
    const use = {
      side,
      diameterMm: read.diameter[0]!,
      depthMm: read.depth[0]!,
      feedMm: read.feed[0]!,
      heightErrorMm: body.use?.heightErrorMm ?? 0,
    };
    // The flanks of a thread bit follow its lead.
    const next = isThread ? forThread({ ...body, use }, use.feedMm, use.diameterMm) : { use };
    change(next, 'Cut changed.');
    onClose();
  };
  return (
    <Panel
      title="Cut"
      onClose={onClose}
      footer={
        <>
          {body.use && (
            <Button
              label="Any cut"
              onPress={() => {
                change({ use: null }, 'For any cut.');
                onClose();
              }}
            />
          )}
          <Button kind="main" label="Set" onPress={set} style={styles.grow} />
        </>
      }
    >
      <View style={styles.pad}>
        <SideChoice value={side} onChange={setSide} />
        {figures.boxes}
      </View>
    </Panel>
  );
}

const styles = sheet({
  grow: { flex: 1 },
  pad: { paddingHorizontal: SPACE.edge, paddingBottom: SPACE.near, gap: SPACE.near },
});
