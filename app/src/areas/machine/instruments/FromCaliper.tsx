import { steadyReading } from '@pike-stone/core/drive';
import { StyleSheet, View } from 'react-native';
import { useInstrument, useInstruments } from '../../../data/instruments';
import { useUnits } from '../../../data/preferences';
import { Button } from '../../../kit/Button';
import { SPACE } from '../../../theme/type';
import { shownAs, showReading, STEADY_S } from './shown';

/** A button that takes the caliper's reading instead of a typed size. Draws nothing where no caliper is connected. */
export function FromCaliper({ nearMm, onTake }: { nearMm: number; onTake: (mm: number) => void }) {
  const { data } = useInstruments();
  return data?.instruments.some(({ kind }) => kind === 'caliper') ? (
    <Live nearMm={nearMm} onTake={onTake} />
  ) : null;
}

function Live({ nearMm, onTake }: { nearMm: number; onTake: (mm: number) => void }) {
  const units = useUnits();
  const { readings, state, standIn } = useInstrument('caliper', nearMm, STEADY_S);
  const as = shownAs('caliper', units);
  const steady = steadyReading(
    readings.flatMap(({ value }) => (value === null ? [] : [value])),
    as.lastPlace,
  );
  const there = steady !== null && state === 'live';
  const label = there
    ? `Take ${showReading(steady.value, as)}, ${standIn ? 'simulated ' : ''}caliper`
    : state === 'connecting' || state === 'live'
      ? 'Caliper: waiting'
      : 'Caliper: stale';
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

const styles = StyleSheet.create({
  box: { paddingHorizontal: SPACE.edge, paddingBottom: SPACE.close, flexDirection: 'row' },
  grow: { flex: 1 },
});
