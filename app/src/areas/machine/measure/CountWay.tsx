import { backGearCount } from '@pike-stone/core/drive';
import { useEffect, useState } from 'react';
import { View } from 'react-native';
import { Button } from '../../../kit/Button';
import { Choice } from '../../../kit/Choice';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import { surely } from './measures';
import type { WayProps } from './way-props';
import { useFigures } from '../../figures/useFigures';

/** Uncertainty of starting and stopping a watch by hand, s. */
const U_WATCH_S = 0.2;
const DIRECT = { driversTeeth: [1], drivenTeeth: [1] };

/** Measures a speed by counting whole turns of a mark against a watch: of the spindle, or of the slowed spindle times the back gear. */
export function CountWay({ onTake, drive }: WayProps) {
  const known = drive?.stages.find((stage) => stage.kind === 'back-gear');
  const [gears, setGears] = useState<'direct' | 'back-gear'>('direct');
  const counted = useFigures([
    { key: 'turns', label: 'Whole turns of the mark', kind: 'number', low: 5, high: 10_000 },
    { key: 'seconds', label: 'Seconds', kind: 'number', low: 1, high: 3_600 },
  ]);
  const train = useFigures([
    {
      key: 'drivers',
      label: 'Teeth of the driving gears, from the cone',
      kind: 'numbers',
      low: 8,
      high: 400,
      start: known?.driversTeeth.join(' ') ?? '',
    },
    {
      key: 'driven',
      label: 'Teeth of the driven gears',
      kind: 'numbers',
      low: 8,
      high: 400,
      start: known?.drivenTeeth.join(' ') ?? '',
    },
  ]);
  const [fault, setFault] = useState<string>();
  const take = () => {
    const figures = counted.take();
    const teeth = gears === 'direct' ? null : train.take();
    setFault(undefined);
    if (!figures || (gears !== 'direct' && !teeth)) return;
    if (teeth && teeth.drivers.length !== teeth.driven.length)
      return setFault('As many driving as driven gears.');
    const { directRpm, uRel } = backGearCount(
      { value: figures.turns[0]! },
      { value: figures.seconds[0]!, u: U_WATCH_S },
      teeth ? { driversTeeth: teeth.drivers, drivenTeeth: teeth.driven } : DIRECT,
    );
    onTake({ rpm: directRpm, uRel: surely(uRel), how: 'counted' });
  };
  return (
    <View style={styles.way}>
      <Choice
        says="Counted"
        value={gears}
        onChange={setGears}
        options={[
          { value: 'direct', label: 'This step itself' },
          { value: 'back-gear', label: 'Same belt, back gear in' },
        ]}
      />
      <Watch onStop={(seconds) => counted.set('seconds', seconds.toFixed(1))} />
      {counted.boxes}
      {gears === 'back-gear' && train.boxes}
      {fault && <Words role="fault">{fault}</Words>}
      <Button kind="main" label="Take this measure" onPress={take} />
    </View>
  );
}

/** A stopwatch, started and stopped when the mark passes. */
function Watch({ onStop }: { onStop: (seconds: number) => void }) {
  const [began, setBegan] = useState<number | null>(null);
  const [now, setNow] = useState(0);
  useEffect(() => {
    if (began === null) return;
    const timer = setInterval(() => setNow(performance.now()), 100);
    return () => clearInterval(timer);
  }, [began]);
  const press = () => {
    const at = performance.now();
    if (began !== null) onStop((at - began) / 1000);
    setNow(at);
    setBegan(began === null ? at : null);
  };
  return (
    <Button
      label={
        began === null
          ? 'Start the watch at the mark'
          : `Stop the watch at the mark: ${((now - began) / 1000).toFixed(1)} s`
      }
      onPress={press}
      style={styles.watch}
    />
  );
}

const styles = sheet({ way: { padding: SPACE.edge, gap: SPACE.near }, watch: { minHeight: 84 } });
