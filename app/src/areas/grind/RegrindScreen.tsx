import { regrindFor, regrindsLeft, WEAR_SEEN, type WearSeen } from '@pike-stone/core/grind';
import { sayRegrind, WEAR_WORDS } from '@pike-stone/words/grind';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { useUnits } from '../../data/preferences';
import { backOr } from '../../kit/back';
import { Button } from '../../kit/Button';
import { Choice } from '../../kit/Choice';
import { Screen, Sheet } from '../../kit/Screen';
import { Words } from '../../kit/Words';
import { sheet } from '../../theme/sheet';
import { SPACE } from '../../theme/type';
import { useFigures } from '../figures/useFigures';
import { LoadingOrNotHere } from '../LoadingOrNotHere';
import { History } from './History';
import { useBit, type Bit } from './use-bit';

const LEAST_ALONG_MM = 0.02;

/** From the wear that is seen: the faces to touch, the least stock, and what is left afterwards. */
export function RegrindScreen() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const { bit, loading, error } = useBit(id);
  if (bit && bit.impossible === null) return <Regrind bit={bit} />;
  return <LoadingOrNotHere loading={loading} error={error} />;
}

function Regrind({ bit }: { bit: Bit }) {
  const router = useRouter();
  const units = useUnits();
  const [wear, setWear] = useState<WearSeen>('blunt');
  const measured = wear !== 'blunt' && wear !== 'built-up';
  const figures = useFigures(
    [
      {
        key: 'size',
        label: wear === 'chipped' || wear === 'cratered' ? 'How deep' : 'How wide the land is',
        kind: 'size',
        low: 0.01,
        high: 5,
        optional: true,
        about: 'Left empty: as it usually is.',
      },
    ],
    { atOnce: true },
  );
  const wish = { wear, sizeMm: measured ? (figures.peek('size')?.[0] ?? null) : null };
  const regrind = regrindFor(bit.plan, wish);
  const { steps, stockMm, alongMm } = regrind;
  const { blank, gripMm, overhangMm } = bit.body;
  const left = regrindsLeft(
    blank.lengthMm - alongMm,
    gripMm,
    overhangMm,
    Math.max(LEAST_ALONG_MM, alongMm || stockMm),
    0,
  ).regrinds;
  const said = sayRegrind(regrind, wear, left, units);
  const start = () => {
    bit.change({ state: 'dull' });
    router.push(`/grind/${bit.record.id}/steps?faces=${steps.map(({ key }) => key).join(',')}&wear=${wear}`);
  };
  return (
    <Screen
      title="Regrind"
      about={bit.body.name}
      onBack={() => backOr(router, `/grind/${bit.record.id}`)}
      side={<History bit={bit} />}
      footer={<Button kind="main" label="Grind it" onPress={start} style={styles.grow} />}
    >
      <View style={styles.pad}>
        <Choice
          says="Wear seen"
          value={wear}
          onChange={setWear}
          options={WEAR_SEEN.map((value) => ({ value, label: WEAR_WORDS[value].name }))}
          about={WEAR_WORDS[wear].about}
        />
        {measured && figures.boxes}
      </View>
      <Sheet>
        <View style={styles.pad} testID="regrind-says">
          <Words role="big">{said.stock}</Words>
          <Words>{said.left}</Words>
          <Words role="note">{said.note}</Words>
        </View>
      </Sheet>
    </Screen>
  );
}

const styles = sheet({ grow: { flex: 1 }, pad: { padding: SPACE.edge, gap: SPACE.near } });
