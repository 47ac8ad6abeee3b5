import { pulleyLeast } from '@pike-stone/core';
import { StyleSheet, View } from 'react-native';
import { Button } from '../../../kit/Button';
import { Keypad } from '../../../kit/Keypad';
import { Panel } from '../../../kit/Panel';
import { SPACE } from '../../../theme/type';
import { withPulley, type DriveDraft } from './drive-draft';
import type { Wheel } from './drive-layout';
import { FromInstrument } from '../instruments/FromInstrument';
import { useFigures } from '../../figures/useFigures';

export function PulleyKeypad({
  draft,
  wheel,
  onSet,
  onClose,
}: {
  draft: DriveDraft;
  wheel: Wheel;
  onSet: (drive: DriveDraft['drive']) => void;
  onClose: () => void;
}) {
  const belt = draft.drive.stages[wheel.stage];
  if (belt?.kind !== 'belt') return null;
  const title = `${belt.name} ${wheel.option + 1}, ${wheel.side === 'driver' ? 'driving' : 'driven'} pulley`;
  const put = (value: number) => {
    onSet(withPulley(draft.drive, wheel.stage, wheel.option, wheel.side, value));
    onClose();
  };
  if (belt.section === 'toothed')
    return <TeethPanel title={`${title}, teeth`} teeth={wheel.value} onSet={put} onClose={onClose} />;
  return (
    <Keypad
      title={`${title}, outside`}
      place="pulley"
      valueMm={wheel.value}
      limits={{ lowMm: Math.ceil(pulleyLeast(belt.section, belt.thicknessMm)), highMm: 2000 }}
      onSet={put}
      onClose={onClose}
      more={<FromInstrument kind="caliper" near={wheel.value} onTake={put} />}
    />
  );
}

/** Asks for the teeth of a toothed pulley. */
function TeethPanel({
  title,
  teeth,
  onSet,
  onClose,
}: {
  title: string;
  teeth: number;
  onSet: (teeth: number) => void;
  onClose: () => void;
}) {
  const figures = useFigures([
    { key: 'teeth', label: 'Teeth', kind: 'number', low: 8, high: 400, start: String(teeth) },
  ]);
  const set = () => {
    const read = figures.take();
    if (read) onSet(Math.round(read.teeth[0]!));
  };
  return (
    <Panel
      title={title}
      onClose={onClose}
      footer={<Button kind="main" label="Set" onPress={set} style={styles.grow} />}
    >
      <View style={styles.group}>{figures.boxes}</View>
    </Panel>
  );
}

const styles = StyleSheet.create({ grow: { flex: 1 }, group: { padding: SPACE.edge, gap: SPACE.close } });
