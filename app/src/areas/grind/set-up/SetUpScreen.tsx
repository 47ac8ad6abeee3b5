import { sayNoseHeight, sayPacking } from '@pike-stone/words/grind';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { useUnits } from '../../../data/preferences';
import { backOr } from '../../../kit/back';
import { Screen, Sheet } from '../../../kit/Screen';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import { lengthText } from '../../figures/read-figure';
import { useFigures } from '../../figures/useFigures';
import { LoadingOrNotHere } from '../../LoadingOrNotHere';
import { SideChoice } from '../plan/SideChoice';
import { useBit, type Bit } from '../use-bit';
import { HeightEffects } from './HeightEffects';

/** What the fields begin with: a small lathe, and work as it is often turned. */
const USUAL_AXIS_MM = 25;
const USUAL_WORK_MM = 20;

/** Setting a bit up: the height of its nose, the pinched rule, what a height error does, the heel in a bore. */
export function SetUpScreen() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const { bit, loading, error } = useBit(id);
  if (bit) return <SetUp bit={bit} />;
  return <LoadingOrNotHere loading={loading} error={error} />;
}

function SetUp({ bit }: { bit: Bit }) {
  const router = useRouter();
  const units = useUnits();
  const { body, plan } = bit;
  const [side, setSide] = useState(body.use?.side ?? 'outside');
  const text = (mm: number) => lengthText(mm, units);
  const { id } = bit.record;
  // The seat is that of the machine, whatever bit stands on it.
  const seat = useFigures(
    [
      {
        key: 'axis',
        label: 'Spindle axis over the seat',
        kind: 'size',
        low: 1,
        high: 500,
        start: text(USUAL_AXIS_MM),
        about: 'From where the bit or its holder stands to the axis, as on the tailstock’s centre.',
      },
      {
        key: 'holder',
        label: 'Floor of the holder over the seat',
        kind: 'size',
        low: 0,
        high: 400,
        start: text(0),
        about: '0 when the bit stands on the seat itself.',
      },
    ],
    { keptAs: 'set-up', atOnce: true },
  );
  const work = useFigures(
    [
      {
        key: 'diameter',
        label: side === 'bore' ? 'Bore' : 'Diameter of the work',
        kind: 'size',
        low: 0.5,
        high: 3000,
        start: text(body.use?.diameterMm ?? USUAL_WORK_MM),
      },
      {
        key: 'error',
        label: 'Nose above the axis now',
        kind: 'size',
        low: -5,
        high: 5,
        start: text(body.use?.heightErrorMm ?? 0),
        about: 'Below it negative.',
      },
    ],
    { keptAs: `set-up/${id}`, atOnce: true },
  );
  const [axis, holder] = (['axis', 'holder'] as const).map((key) => seat.peek(key)?.[0]);
  const [diameterMm, e] = (['diameter', 'error'] as const).map((key) => work.peek(key)?.[0]);
  const nose = plan.blank.heightMm - plan.noseDownMm;
  const packing = axis !== undefined && holder !== undefined ? axis - holder - nose : null;
  return (
    <Screen
      title="Set it up"
      about={body.name}
      onBack={() => backOr(router, `/grind/${bit.record.id}`)}
      side={
        diameterMm !== undefined && e !== undefined ? (
          <HeightEffects bit={bit} side={side} diameterMm={diameterMm} heightErrorMm={e} />
        ) : null
      }
    >
      <View style={styles.pad}>
        <SideChoice value={side} onChange={setSide} />
        {seat.boxes}
        {work.boxes}
      </View>
      <Sheet>
        <View style={styles.pad} testID="packing">
          <Words role="heading">Height</Words>
          {packing !== null && <Words role="big">{sayPacking(packing, units)}</Words>}
          <Words>{sayNoseHeight(nose, units)}</Words>
          <Words role="note">
            Every grind of the front lowers the nose of a bit with back rake a little: check the height after
            it.
          </Words>
        </View>
      </Sheet>
    </Screen>
  );
}

const styles = sheet({ pad: { padding: SPACE.edge, gap: SPACE.near } });
