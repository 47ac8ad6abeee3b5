import type { BitBody } from '@pike-stone/contract';
import { alongShank, faceNormals, plainCut, solidOf, volumeOffFace } from '@pike-stone/core/grind';
import { sayLensChecks } from '@pike-stone/words/grind';
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { useUnits } from '../../../data/preferences';
import { Button } from '../../../kit/Button';
import { Screen, Sheet } from '../../../kit/Screen';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import { lengthText } from '../../figures/read-figure';
import { useFigures } from '../../figures/useFigures';
import type { Bit } from '../use-bit';
import { useKeepGround } from '../use-tool';
import type { Session } from './session';

/** Usual stock square to the front that a first grind or a regrind takes, mm. */
const USUAL_STOCK_MM = 0.2;

/** A length as a caliper reads it, mm. */
const hundredths = (mm: number): number => Math.round(mm * 100) / 100;

/** Taken off in all: a new bit out of its blank, a regrind off its section. */
function volumeGround({ body, plan }: Bit, shorterMm: number): number {
  if (body.state !== 'planned') return volumeOffFace(body.blank, shorterMm);
  const { blank, cuts } = solidOf(plan);
  return plainCut(blank, cuts).removedMm3.reduce((sum, one) => sum + one, 0);
}

/** After the last touch of the stone: what to look for, and what is left of the bit. */
export function Finish({ bit, session }: { bit: Bit; session: Session }) {
  const router = useRouter();
  const units = useUnits();
  const front = faceNormals(bit.plan.angles, 'right').minor[0];
  const stock = front > 0.2 ? alongShank(USUAL_STOCK_MM, front) : USUAL_STOCK_MM;
  const length = bit.body.blank.lengthMm;
  const figures = useFigures(
    [
      {
        key: 'length',
        label: 'Length of the bit now',
        kind: 'size',
        low: 5,
        high: 400,
        start: lengthText(bit.body.state === 'planned' ? length : hundredths(length - stock), units),
        about: 'Measured over all: it says how many regrinds are left.',
      },
      {
        key: 'nose',
        label: 'Nose radius as it came',
        kind: 'size',
        low: 0,
        high: 30,
        optional: true,
        start: bit.body.noseRadiusMm > 0 ? lengthText(bit.body.noseRadiusMm, units) : '',
      },
    ],
    { keptAs: `ground/${bit.record.id}` },
  );
  const keep = useKeepGround(bit, session.body);
  const log = () => {
    const read = figures.take();
    if (!read) return;
    const lengthMm = read.length[0]!;
    const noseRadiusMm = read.nose[0] ?? bit.body.noseRadiusMm;
    session.finish({
      lengthAfterMm: lengthMm,
      noseRadiusMm,
      stockMm: Math.max(0, Math.min(100, length - lengthMm)),
      wheelId: bit.body.wheel.wheelId,
      volumeMm3: volumeGround(bit, Math.max(0, length - lengthMm)),
    });
    const body: BitBody = {
      ...bit.body,
      state: 'ground',
      noseRadiusMm,
      blank: { ...bit.body.blank, lengthMm },
    };
    keep(body);
    figures.forget();
    router.replace(`/grind/${bit.record.id}`);
  };
  return (
    <Screen
      title="Look at it"
      onBack={session.back}
      footer={<Button kind="main" label="Log it" onPress={log} style={styles.grow} />}
    >
      <Sheet>
        <View style={styles.pad}>
          {sayLensChecks(bit.plan).map((check) => (
            <Words key={check}>{check}</Words>
          ))}
        </View>
      </Sheet>
      <View style={styles.pad}>{figures.boxes}</View>
    </Screen>
  );
}

const styles = sheet({ grow: { flex: 1 }, pad: { padding: SPACE.edge, gap: SPACE.near } });
