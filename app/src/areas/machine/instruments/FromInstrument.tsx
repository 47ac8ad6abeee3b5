import { steadyReading } from '@pike-stone/core/drive';
import { View } from 'react-native';
import { useInstrument, useInstruments } from '../../../data/instruments';
import { useUnits } from '../../../data/preferences';
import { Button } from '../../../kit/Button';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import { shownAs, showReading, STEADY_S } from './shown';

export interface FromInstrumentProps {
  readonly kind: 'caliper' | 'balance' | 'angle-gauge';
  /** What a simulated one should pretend to be held to. */
  readonly near: number | null;
  readonly onTake: (value: number) => void;
}

const NAME = { caliper: 'Caliper', balance: 'Balance', 'angle-gauge': 'Angle gauge' } as const;

/** A button that takes an instrument's reading instead of a typed one. Draws nothing where none is connected. */
export function FromInstrument(props: FromInstrumentProps) {
  const { data } = useInstruments();
  return data?.instruments.some(({ kind }) => kind === props.kind) ? <Live {...props} /> : null;
}

function Live({ kind, near, onTake }: FromInstrumentProps) {
  const units = useUnits();
  const { readings, state, standIn } = useInstrument(kind, near, STEADY_S);
  const as = shownAs(kind, units);
  const name = NAME[kind];
  const steady = steadyReading(
    readings.flatMap(({ value }) => (value === null ? [] : [value])),
    as.lastPlace,
  );
  const there = steady !== null && state === 'live';
  const label = there
    ? `Take ${showReading(steady.value, as)}, ${standIn ? 'simulated ' : ''}${name.toLowerCase()}`
    : `${name}: ${state === 'connecting' || state === 'live' ? 'waiting' : 'stale'}`;
  return (
    <View style={styles.box}>
      <Button
        label={label}
        disabled={!there}
        onPress={() => {
          if (steady) onTake(Number(steady.value.toFixed(2)));
        }}
        style={styles.grow}
      />
    </View>
  );
}

const styles = sheet({
  box: { paddingHorizontal: SPACE.edge, paddingBottom: SPACE.close, flexDirection: 'row' },
  grow: { flex: 1 },
});
