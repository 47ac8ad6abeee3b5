import {
  sayDressDue,
  sayMarking,
  sayRestNow,
  sayWhatFor,
  sayWheelLeft,
  sayWheelSpeed,
  WHEEL_FAULT_WORDS,
} from '@pike-stone/words/wheel';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { useUnits } from '../../../data/preferences';
import { backOr } from '../../../kit/back';
import { Bar } from '../../../kit/Bar';
import { Button } from '../../../kit/Button';
import { Caution } from '../../../kit/Caution';
import { Row } from '../../../kit/Row';
import { Screen, Sheet } from '../../../kit/Screen';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import { LoadingOrNotHere } from '../../LoadingOrNotHere';
import { DressBook } from './DressBook';
import { DressPanel } from './DressPanel';
import { GrinderPanel } from './GrinderPanel';
import { MarkingPanel } from './MarkingPanel';
import { MountPanel } from './MountPanel';
import { RestPanel } from './RestPanel';
import { useWheels, type ShownWheel, type StoreOf } from './use-wheels';
import type { WheelPart } from './wheel-part';
import { WheelSentence } from './WheelSentence';
import { WheelSigns } from './WheelSigns';
import { WheelSizePanel } from './WheelSizePanel';
import { WheelSketch } from './WheelSketch';
import type { WheelSign } from '@pike-stone/core/wheel';

/** A wheel: what its marking says, whether it may run, what is left of it, and its dress book. */
export function WheelScreen() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const { wheels, grinders, loading, error } = useWheels();
  const wheel = wheels.find(({ record }) => record.id === id);
  if (wheel) return <Wheel wheel={wheel} grinders={grinders} />;
  return <LoadingOrNotHere loading={loading} error={error} />;
}

function Wheel({ wheel, grinders }: { wheel: ShownWheel; grinders: readonly StoreOf<'grinder'>[] }) {
  const router = useRouter();
  const [part, setPart] = useState<WheelPart | null>(null);
  const [sign, setSign] = useState<WheelSign | null>(null);
  const close = () => setPart(null);
  return (
    <Screen
      title={wheel.record.body.name}
      onBack={() => backOr(router, '/grind/wheels')}
      side={
        <>
          <WheelSigns onSign={setSign} />
          <Decoded wheel={wheel} />
          <DressBook wheel={wheel} />
        </>
      }
      footer={
        <>
          <Button label="Mount it" onPress={() => setPart('mount')} />
          <Button kind="main" label="Dress it" onPress={() => setPart('dress')} style={styles.grow} />
        </>
      }
    >
      <WheelSentence wheel={wheel} onTouch={setPart} />
      <WheelSketch wheel={wheel} onTouch={setPart} />
      <Stands wheel={wheel} onTouch={setPart} />
      {part === 'marking' && <MarkingPanel wheel={wheel} onClose={close} />}
      {part === 'size' && <WheelSizePanel wheel={wheel} onClose={close} />}
      {part === 'grinder' && <GrinderPanel wheel={wheel} grinders={grinders} onClose={close} />}
      {part === 'dress' && <DressPanel wheel={wheel} sign={sign} onClose={close} />}
      {part === 'mount' && <MountPanel wheel={wheel} onClose={close} />}
      {part === 'rest' && <RestPanel wheel={wheel} onClose={close} />}
    </Screen>
  );
}

/** Whether it may run, how much is left of it, when it is dressed next, and how its rest stands. */
function Stands({ wheel, onTouch }: { wheel: ShownWheel; onTouch: (part: WheelPart) => void }) {
  const units = useUnits();
  const { record, use } = wheel;
  const { body } = record;
  const what = use.abrasive && sayWhatFor(use.abrasive);
  return (
    <>
      {use.overSpeed && <Caution level="danger">{WHEEL_FAULT_WORDS['over-speed']}</Caution>}
      {use.usedUp && (
        <Caution level="danger">
          {sayWheelLeft(body.diameterMm, use.least.diameterMm, use.least.limitedBy, units)}
        </Caution>
      )}
      <Sheet>
        <View style={styles.box} testID="wheel-stands">
          {use.rimMPerS !== null && <Words>{sayWheelSpeed(use.rimMPerS, use.ratedMPerS, use.maxRpm)}</Words>}
          {!use.usedUp && (
            <Words>{sayWheelLeft(body.diameterMm, use.least.diameterMm, use.least.limitedBy, units)}</Words>
          )}
          {use.due && (
            <>
              {use.due.share !== null && <Bar share={use.due.share} />}
              <Words role="strong">
                {sayDressDue(use.due.share, use.due.piecesToDress, use.due.dressesLeft)}
              </Words>
              <Words role="note">
                {`${Math.round(use.due.capacity)} mm³ for each mm of width, ${use.due.ownCapacity ? 'from its own dress book' : 'typical; its own book counts once it was dressed dull twice'}.`}
              </Words>
            </>
          )}
          {what && (
            <>
              <Words>{what.good}</Words>
              <Words>{what.never}</Words>
            </>
          )}
        </View>
        <Row
          title="Rest"
          about={
            use.rest
              ? sayRestNow(use.rest.set, use.rest.now, body.diameterMm, units)
              : 'not noted: keep its tilt, and it is corrected as the wheel wears'
          }
          onPress={() => onTouch('rest')}
        />
      </Sheet>
    </>
  );
}

/** The marking field by field. */
function Decoded({ wheel: { use } }: { wheel: ShownWheel }) {
  if (!use.marking) return null;
  return (
    <Sheet>
      <View style={styles.box} testID="decoded">
        <Words role="heading">Its marking</Words>
        {sayMarking(use.marking).map(({ field, printed, means }) => (
          <View key={field} style={styles.line}>
            <Words role="note" style={styles.field}>
              {field}
            </Words>
            <Words role="strong" style={styles.printed}>
              {printed}
            </Words>
            <Words style={styles.grow}>{means}</Words>
          </View>
        ))}
      </View>
    </Sheet>
  );
}

const styles = sheet({
  grow: { flex: 1 },
  box: { padding: SPACE.edge, gap: SPACE.close },
  line: { flexDirection: 'row', gap: SPACE.near },
  field: { width: 76 },
  printed: { width: 72 },
});
