import {
  SLIPS_FROM_DEG,
  USUAL_BAR_MM,
  compoundSine,
  sineStack,
  type CompoundPurpose,
} from '@pike-stone/core/setting';
import { formatAngle } from '@pike-stone/words';
import { saySine, saySteep, sayTilt } from '@pike-stone/words/form';
import { useState } from 'react';
import { View } from 'react-native';
import { useUnits } from '../../data/preferences';
import { Caution } from '../../kit/Caution';
import { Choice } from '../../kit/Choice';
import { Sheet } from '../../kit/Screen';
import { Words } from '../../kit/Words';
import { sheet } from '../../theme/sheet';
import { SPACE } from '../../theme/type';
import { lengthText } from '../figures/read-figure';
import { useFigures } from '../figures/useFigures';
import { AnglesFrame } from './AnglesFrame';
import { SetChoice } from './SetChoice';
import { SinePicture } from './SinePicture';
import { StackAnswer } from './StackAnswer';
import { RaisedRolls, TwoStacks } from './TwoStacks';
import { usePieces, useKeptChoice } from './use-set';

/** Below this angle the stack is thinner than a set can make, degrees. */
const THIN_DEG = 1;

type Bar = 'one' | CompoundPurpose;

/** An angle by a sine bar or a compound plate, and the stack under its roll. */
export function SinePlate() {
  const units = useUnits();
  const { pieces } = usePieces();
  const [wear, setWear] = useState<number | null>(null);
  const [bar, setBar] = useKeptChoice<Bar>('sine-bar', ['one', 'plane-in-world', 'face-level']);
  const figures = useFigures(
    [
      {
        key: 'angle',
        label: bar === 'one' ? 'Angle, degrees' : 'Angle in the front view, degrees',
        kind: 'number',
        low: 0,
        high: 89,
        start: '15',
      },
      {
        key: 'side',
        label: 'Angle in the side view, degrees',
        kind: 'number',
        low: 0,
        high: 80,
        start: '10',
      },
      {
        key: 'length',
        label: 'Between the rolls',
        kind: 'size',
        low: 10,
        high: 600,
        start: lengthText(USUAL_BAR_MM, units),
      },
    ],
    { keptAs: 'sine', atOnce: true },
  );
  const [angle, side, length] = (['angle', 'side', 'length'] as const).map((key) => figures.peek(key)?.[0]);
  const ready =
    angle !== undefined && length !== undefined && (bar === 'one' || (side !== undefined && angle <= 80));
  const plates = ready && bar !== 'one' ? compoundSine(bar, angle, side!, length, length) : null;
  const single = ready && bar === 'one' ? sineStack(length, angle) : null;
  return (
    <AnglesFrame
      part="sine"
      side={
        <>
          <Sheet>
            <View style={styles.box}>
              <Choice
                says="Bar or plate"
                value={bar}
                onChange={setBar}
                options={[
                  { value: 'one', label: 'Sine bar' },
                  { value: 'plane-in-world', label: 'Compound: slopes in the room' },
                  { value: 'face-level', label: 'Compound: bring a face level' },
                ]}
              />
              {figures.boxes[2]}
            </View>
          </Sheet>
          <Sheet>
            <SetChoice wear={bar === 'one' ? wear : undefined} onWear={setWear} />
          </Sheet>
        </>
      }
    >
      <Sheet>
        <View style={styles.box}>
          {figures.boxes[0]}
          {bar !== 'one' && figures.boxes[1]}
        </View>
      </Sheet>
      {single && angle !== undefined && length !== undefined && (
        <Sheet>
          <View style={styles.box}>
            <SinePicture angleDeg={angle} />
            {single.stackMm > 0 && <StackAnswer pieces={pieces} targetMm={single.stackMm} wearPiece={wear} />}
            <Words testID="sine-says">{saySine(length, single.stackMm, single.arcsecPerUm, units)}</Words>
          </View>
          {single.adviseComplement && (
            <Caution level={angle > SLIPS_FROM_DEG ? 'caution' : 'note'}>{saySteep(angle)}</Caution>
          )}
          {single.stackMm > 0 && angle < THIN_DEG && (
            <View style={styles.box}>
              <Words role="strong">
                Very flat: or raise both rolls, so that the two stacks differ by it.
              </Words>
              <RaisedRolls inUse={pieces} heightMm={single.stackMm} />
            </View>
          )}
        </Sheet>
      )}
      {plates && (
        <Sheet>
          <View style={styles.box}>
            <TwoStacks
              inUse={pieces}
              two={[
                { title: `Lower plate ${formatAngle(plates.lowerDeg, 3)}`, stackMm: plates.lowerStackMm },
                { title: `Upper plate ${formatAngle(plates.upperDeg, 3)}`, stackMm: plates.upperStackMm },
              ]}
            />
            <Words role="note">{sayTilt(plates.trueTiltDeg)}</Words>
          </View>
        </Sheet>
      )}
    </AnglesFrame>
  );
}

const styles = sheet({ box: { padding: SPACE.edge, gap: SPACE.near } });
