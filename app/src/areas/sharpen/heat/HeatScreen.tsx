import { HEAT_SHARE, heatPicture, type HeatQuestion } from '@pike-stone/core/wheel';
import type { BitSteel } from '@pike-stone/core/grind';
import { sayBlueEdge, sayHeatPicture, BLUE_EDGE } from '@pike-stone/words/wheel';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { useUnits } from '../../../data/preferences';
import { backOr } from '../../../kit/back';
import { Caution } from '../../../kit/Caution';
import { Choice } from '../../../kit/Choice';
import { Screen, Sheet } from '../../../kit/Screen';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import { lengthText } from '../../figures/read-figure';
import { useFigures } from '../../figures/useFigures';
import { HeatCurve } from './HeatCurve';
import { TemperScale } from './TemperScale';

const STEELS: readonly { readonly value: BitSteel; readonly label: string }[] = [
  { value: 'hss', label: 'HSS' },
  { value: 'carbon-steel', label: 'Carbon steel' },
  { value: 'brazed-carbide', label: 'Carbide' },
];
/** Hand pressure along the wheel, N. */
const HANDS = { light: 2, usual: 5, hard: 12 } as const;
type Hand = keyof typeof HANDS;
const WHEELS = [
  { value: 'white-alumina', label: 'Aluminium oxide' },
  { value: 'cbn', label: 'Boron nitride' },
] as const;

/** Warmth of the tip over a schedule of grinding, pauses and dips, and what it does to each steel. */
export function HeatScreen() {
  const router = useRouter();
  const units = useUnits();
  const [steel, setSteel] = useState<BitSteel>('hss');
  const [hand, setHand] = useState<Hand>('usual');
  const [wheel, setWheel] = useState<(typeof WHEELS)[number]['value']>('white-alumina');
  const figures = useFigures(
    [
      { key: 'grind', label: 'Grind, seconds', kind: 'number', low: 0.5, high: 120, start: '5' },
      {
        key: 'dip',
        label: 'Dip, seconds',
        kind: 'number',
        low: 0,
        high: 60,
        start: '0',
        about: '0 for none',
      },
      { key: 'pause', label: 'Pause, seconds', kind: 'number', low: 0, high: 300, start: '5' },
      { key: 'times', label: 'Times', kind: 'whole', low: 1, high: 12, start: '3' },
      { key: 'side', label: 'Side of the bit', kind: 'size', low: 3, high: 40, start: lengthText(10, units) },
    ],
    { keptAs: 'heat', atOnce: true },
  );
  const [grind, dip, pause, times, side] = (['grind', 'dip', 'pause', 'times', 'side'] as const).map(
    (key) => figures.peek(key)?.[0],
  );
  const question: HeatQuestion | null =
    grind === undefined
    || dip === undefined
    || pause === undefined
    || times === undefined
    || side === undefined
      ? null
      : {
          steel,
          sideMm: side,
          wheelMm: 150,
          forceN: HANDS[hand],
          heatShare: HEAT_SHARE[wheel],
          grindS: grind,
          pauseS: pause,
          dipS: dip,
          times,
        };
  const picture = question && heatPicture(question);
  const said = picture && sayHeatPicture(picture);
  return (
    <Screen
      title="Heat of the tip"
      onBack={() => backOr(router, '/grind')}
      side={
        <>
          <Sheet>
            <View style={styles.box}>{figures.boxes}</View>
          </Sheet>
          <Sheet>
            <View style={styles.box}>
              <Words role="heading">What a blue edge means</Words>
              {Object.values(BLUE_EDGE).map((text) => (
                <Words key={text} role={text === sayBlueEdge(steel) ? 'strong' : 'body'}>
                  {text}
                </Words>
              ))}
            </View>
          </Sheet>
        </>
      }
    >
      <View style={styles.box}>
        <Choice says="Steel" value={steel} onChange={setSteel} options={STEELS} />
      </View>
      <Sheet>
        {picture && <HeatCurve picture={picture} />}
        {picture && said && (
          <View style={styles.box} testID="heat-says">
            <Words role="big">{said.title}</Words>
            {said.lines.map((line) => (
              <Words key={line}>{line}</Words>
            ))}
            <TemperScale colour={picture.colour} />
          </View>
        )}
      </Sheet>
      {dip !== undefined && dip > 0 && steel === 'brazed-carbide' && (
        <Caution level="danger">
          Carbide is never dipped: it cracks. Dry and light, or flooded all the time.
        </Caution>
      )}
      {dip !== undefined && dip > 0 && steel === 'hss' && picture && picture.skinC > 500 && (
        <Caution level="caution">
          HSS that is this hot must not be dipped: dip from the start and often, or not at all.
        </Caution>
      )}
      <View style={styles.box}>
        <Choice
          says="Hand"
          value={hand}
          onChange={setHand}
          options={[
            { value: 'light', label: 'Light hand' },
            { value: 'usual', label: 'Usual' },
            { value: 'hard', label: 'Pressing' },
          ]}
        />
        <Choice says="Wheel" value={wheel} onChange={setWheel} options={WHEELS} />
        <Words role="note">
          Schools: carbon steel is dipped often, before any colour. HSS need not be dipped: light pressure and
          pauses are the default here, because a hot tip that is quenched cracks.
        </Words>
        <Words role="note">
          An estimate: the mean of the tip as one lump on a 150 mm wheel, and the skin as a half space. A thin
          edge is hotter than either.
        </Words>
      </View>
    </Screen>
  );
}

const styles = sheet({ box: { padding: SPACE.edge, gap: SPACE.near } });
