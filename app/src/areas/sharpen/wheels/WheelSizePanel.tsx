import { View } from 'react-native';
import { useUnits } from '../../../data/preferences';
import { Button } from '../../../kit/Button';
import { Panel } from '../../../kit/Panel';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import { lengthText } from '../../figures/read-figure';
import { useFigures } from '../../figures/useFigures';
import { useWheelChange } from './change-wheel';
import type { ShownWheel } from './use-wheels';

/** Diameter of a wheel as it measures now and when it was new, and its rating. */
export function WheelSizePanel({ wheel, onClose }: { wheel: ShownWheel; onClose: () => void }) {
  const units = useUnits();
  const { record, use } = wheel;
  const { body } = record;
  const { change, write } = useWheelChange(wheel);
  const figures = useFigures([
    {
      key: 'now',
      label: 'Diameter now',
      kind: 'size',
      low: 10,
      high: 600,
      start: lengthText(body.diameterMm, units),
      about: 'Measured: it goes into the dress book, and the rest is corrected for it.',
    },
    {
      key: 'new',
      label: 'Diameter when new',
      kind: 'size',
      low: 10,
      high: 600,
      start: lengthText(use.markedMm, units),
      about: 'Its rating counts for this one: a worn wheel may not run faster.',
    },
    { key: 'width', label: 'Width', kind: 'size', low: 1, high: 150, start: lengthText(use.widthMm, units) },
    {
      key: 'rated',
      label: 'Rated, m/s',
      kind: 'number',
      low: 1,
      high: 200,
      optional: true,
      start: use.ratedMPerS === null ? '' : String(use.ratedMPerS),
    },
    {
      key: 'rpm',
      label: 'Or rated, rpm',
      kind: 'number',
      low: 100,
      high: 60_000,
      optional: true,
      start: body.ratedRpm === undefined ? '' : String(body.ratedRpm),
    },
  ]);
  const set = () => {
    const read = figures.take();
    if (!read) return;
    const more = {
      markedMm: Math.max(read.new[0]!, read.now[0]!),
      widthMm: read.width[0]!,
      ratedMPerS: read.rated[0],
      ratedRpm: read.rpm[0],
    };
    const same =
      more.markedMm === use.markedMm
      && more.widthMm === use.widthMm
      && more.ratedMPerS === (use.ratedMPerS ?? undefined)
      && more.ratedRpm === body.ratedRpm;
    if (same && read.now[0] !== body.diameterMm)
      write({ act: 'measured', diameterMm: read.now[0]!, note: '' }, 'Measured.');
    else change({ ...more, diameterMm: read.now[0]! });
    onClose();
  };
  return (
    <Panel
      title="Sizes and rating"
      onClose={onClose}
      footer={<Button kind="main" label="Set" onPress={set} style={styles.grow} />}
    >
      <View style={styles.body}>{figures.boxes}</View>
    </Panel>
  );
}

const styles = sheet({
  grow: { flex: 1 },
  body: { paddingHorizontal: SPACE.edge, paddingBottom: SPACE.edge, gap: SPACE.near },
});
