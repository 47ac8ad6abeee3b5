import { LEAST_WHEEL_MM } from '@pike-stone/core/bits';
import { SMALL_WHEEL } from '@pike-stone/words/grind';
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
import { HeatSchool } from './HeatSchool';
import type { WordPanelProps } from './word-panel';

/** Wheel that a bit is ground on: typed, or one of the drawer. */
export function WheelPanel({ bit, onClose }: WordPanelProps) {
  const units = useUnits();
  const { body, change } = bit;
  const { records } = useRecords('supplies');
  const [fault, setFault] = useState<string | null>(null);
  const figures = useFigures([
    {
      key: 'diameter',
      label: 'Diameter now',
      kind: 'size',
      low: LEAST_WHEEL_MM,
      high: 600,
      under: SMALL_WHEEL,
      start: lengthText(body.wheel.diameterMm, units),
      about: 'Measure it: it wears, and the tilt of the rest changes with it.',
    },
    {
      key: 'contact',
      label: 'Edge above the axle',
      kind: 'size',
      low: -200,
      high: 200,
      start: lengthText(body.wheel.contactMm, units),
      about: 'Below the axle negative. At 0 the wheel leans nowhere.',
    },
  ]);
  const set = () => {
    const read = figures.take();
    if (!read) return;
    const diameterMm = read.diameter[0]!;
    // Typed anew, it may be another wheel.
    const wheelId = diameterMm === body.wheel.diameterMm ? body.wheel.wheelId : null;
    const wheel = { ...body.wheel, diameterMm, contactMm: read.contact[0]!, wheelId };
    if (Math.abs(wheel.contactMm) >= wheel.diameterMm / 2)
      return setFault('The edge must meet the wheel: less than its radius above or below the axle.');
    change({ wheel }, 'Wheel changed.');
    onClose();
  };
  const wheels = records.flatMap(({ id, archived, body: one }) =>
    !archived && one.kind === 'wheel' && one.diameterMm >= LEAST_WHEEL_MM ? [{ id, one }] : [],
  );
  return (
    <Panel
      title="Wheel"
      onClose={onClose}
      footer={<Button kind="main" label="Set" onPress={set} style={styles.grow} />}
    >
      <View style={styles.pad}>
        <Choice
          says="Ground on"
          value={body.wheel.hollow ? 'front' : 'flat'}
          onChange={(on) => change({ wheel: { ...body.wheel, hollow: on === 'front' } }, 'Wheel changed.')}
          options={[
            { value: 'front', label: 'The front: hollow' },
            { value: 'flat', label: 'A flat face' },
          ]}
          about="The front of a wheel leaves a hollow, which a flat stone then hones on two lines. Grind on the flat side only of a wheel that is made for it."
        />
        <HeatSchool bit={bit} />
        {figures.boxes}
        {fault && <Words role="fault">{fault}</Words>}
        {wheels.length > 0 && <Words role="heading">From the drawer</Words>}
      </View>
      {wheels.map(({ id, one }) => (
        <Row
          key={id}
          title={one.name}
          about={one.note}
          chosen={id === body.wheel.wheelId}
          onPress={() => {
            change({ wheel: { ...body.wheel, diameterMm: one.diameterMm, wheelId: id } }, 'Wheel changed.');
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
