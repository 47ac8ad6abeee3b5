import { reliefOnRest } from '@pike-stone/core/wheel';
import { unlessRefused } from '@pike-stone/core';
import { formatAngle } from '@pike-stone/words';
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
import { useWheelChange } from './change-wheel';
import type { ShownWheel } from './use-wheels';

/** How the rest of a wheel stands, and the relief that it grinds. */
export function RestPanel({ wheel, onClose }: { wheel: ShownWheel; onClose: () => void }) {
  const units = useUnits();
  const { record, use } = wheel;
  const { write } = useWheelChange(wheel);
  const [fault, setFault] = useState<string | null>(null);
  const figures = useFigures([
    {
      key: 'tilt',
      label: 'Tilt of the rest, degrees',
      kind: 'number',
      low: -60,
      high: 60,
      start: use.rest ? String(Math.round(use.rest.now.tiltDeg * 10) / 10) : '',
      about: use.rest
        ? 'Corrected for the wear since it was set.'
        : 'Your edge low is positive. A phone on the rest, or a protractor.',
    },
    {
      key: 'height',
      label: 'Edge above the axle',
      kind: 'size',
      low: -200,
      high: 200,
      start: lengthText(use.rest?.set.heightMm ?? 0, units),
    },
  ]);
  const [tilt, height] = [figures.peek('tilt')?.[0], figures.peek('height')?.[0]];
  const relief =
    tilt === undefined || height === undefined
      ? null
      : unlessRefused(() => reliefOnRest(tilt, height, record.body.diameterMm / 2), null);
  const set = () => {
    const read = figures.take();
    if (!read) return;
    if (Math.abs(read.height[0]!) >= record.body.diameterMm / 2)
      return setFault('The edge must meet the wheel: less than its radius above or below the axle.');
    write(
      {
        act: 'rest-set',
        diameterMm: record.body.diameterMm,
        tiltDeg: read.tilt[0]!,
        heightMm: read.height[0]!,
        note: '',
      },
      'Rest noted.',
    );
    onClose();
  };
  return (
    <Panel
      title="Rest"
      onClose={onClose}
      footer={<Button kind="main" label="It stands so" onPress={set} style={styles.grow} />}
    >
      <View style={styles.body}>
        <Words role="note">Set it only with the wheel standing still, 3 mm from it at the most.</Words>
        {figures.boxes}
        {fault && <Words role="fault">{fault}</Words>}
        {relief !== null && (
          <Words role="strong" testID="rest-relief">
            {`It grinds ${formatAngle(relief, 1)} of relief at the edge.`}
          </Words>
        )}
      </View>
    </Panel>
  );
}

const styles = sheet({
  grow: { flex: 1 },
  body: { paddingHorizontal: SPACE.edge, paddingBottom: SPACE.edge, gap: SPACE.near },
});
