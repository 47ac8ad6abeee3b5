import { formatLength, joined } from '@pike-stone/words';
import { View } from 'react-native';
import { useUnits } from '../../../data/preferences';
import { useRecords } from '../../../data/records';
import { Button } from '../../../kit/Button';
import { Caution } from '../../../kit/Caution';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import type { Bit } from '../use-bit';

/** A wheel that is this much smaller than planned with leaves another relief, mm. */
const NOTICED_MM = 0.5;

/** The wheel of a bit has worn since it was planned: the rest is reckoned anew with one touch. */
export function WornWheel({ bit }: { bit: Bit }) {
  const units = useUnits();
  const { records } = useRecords('supplies');
  const { wheel } = bit.body;
  const store = records.find(({ id, archived }) => !archived && id === wheel.wheelId)?.body;
  if (store?.kind !== 'wheel' || Math.abs(store.diameterMm - wheel.diameterMm) < NOTICED_MM) return null;
  const size = (mm: number) => joined(formatLength(mm, units));
  return (
    <>
      <Caution level="caution">
        {`${store.name} measures ${size(store.diameterMm)} now; the rest is reckoned for ${size(wheel.diameterMm)}.`}
      </Caution>
      <View style={styles.pad}>
        <Button
          label={`Reckon with ${size(store.diameterMm)}`}
          onPress={() => bit.change({ wheel: { ...wheel, diameterMm: store.diameterMm } }, 'Wheel changed.')}
        />
      </View>
    </>
  );
}

const styles = sheet({ pad: { paddingHorizontal: SPACE.edge } });
