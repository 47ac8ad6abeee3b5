import type { MachineBody } from '@pike-stone/contract';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from '../../../kit/Button';
import { Choice } from '../../../kit/Choice';
import { Panel } from '../../../kit/Panel';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import { useFigures } from '../../figures/useFigures';

interface MotorPanelProps {
  readonly motorRpm: readonly number[];
  readonly motor: MachineBody['motor'];
  readonly onSet: (motorRpm: number[], motor: MachineBody['motor']) => void;
  readonly onClose: () => void;
}

const PHASES = [
  { value: '1', label: 'Single-phase' },
  { value: '3', label: 'Three-phase' },
] as const;

/** Asks for what the motor's plate says: speed under load, power, and the share of it that reaches the spindle. */
export function MotorPanel({ motorRpm, motor, onSet, onClose }: MotorPanelProps) {
  const [phases, setPhases] = useState<(typeof PHASES)[number]['value']>(motor?.phases === 3 ? '3' : '1');
  const [fault, setFault] = useState<string>();
  const figures = useFigures([
    {
      key: 'rpm',
      label: 'Speed on its plate, rpm; two for a two-speed motor',
      kind: 'numbers',
      low: 50,
      high: 30_000,
      start: motorRpm.join(' '),
      about: '4-pole, 50 Hz: 1425 or 1440; 60 Hz: 1725',
    },
    {
      key: 'kw',
      label: 'Power, kW',
      kind: 'number',
      low: 0.02,
      high: 100,
      optional: true,
      start: motor ? String(motor.powerKw) : '',
      about: '1 hp is 0.746 kW; empty: not known',
    },
    {
      key: 'efficiency',
      label: 'Share that reaches the spindle, percent',
      kind: 'number',
      low: 20,
      high: 100,
      start: String(Math.round((motor?.efficiency ?? 0.75) * 100)),
      about: 'direct V-belt 80, flat belt 75, geared head 70',
    },
  ]);
  const set = () => {
    const read = figures.take();
    if (!read) return;
    const rpm = [...read.rpm].sort((a, b) => a - b);
    if (rpm.length > 2) return setFault('A motor has one speed or two.');
    if (rpm.length === 2 && rpm[0] === rpm[1]) return setFault('The two speeds of the motor are the same.');
    onSet(
      rpm,
      read.kw[0] === undefined
        ? undefined
        : { powerKw: read.kw[0], phases: phases === '3' ? 3 : 1, efficiency: read.efficiency[0]! / 100 },
    );
  };
  return (
    <Panel
      title="Motor"
      onClose={onClose}
      footer={<Button kind="main" label="Set" onPress={set} style={styles.grow} />}
    >
      <View style={styles.body}>
        {figures.boxes}
        <Choice says="Supply" value={phases} onChange={setPhases} options={PHASES} />
        {fault && <Words role="fault">{fault}</Words>}
      </View>
    </Panel>
  );
}

const styles = sheet({
  grow: { flex: 1 },
  body: { paddingHorizontal: SPACE.edge, paddingBottom: SPACE.edge, gap: SPACE.near },
});
