import { EDGE_RZ_UM, honingPays, INSERT_RZ_UM, type HonedFrom } from '@pike-stone/core/grind';
import { unlessRefused } from '@pike-stone/core';
import {
  HONE_RULES,
  INSERT_HONE,
  sayBands,
  sayHonePays,
  sayNoseFlats,
  sayStones,
} from '@pike-stone/words/wheel';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { useUnits } from '../../../data/preferences';
import { backOr } from '../../../kit/back';
import { Choice } from '../../../kit/Choice';
import { Screen, Sheet } from '../../../kit/Screen';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import { lengthText } from '../../figures/read-figure';
import { useFigures } from '../../figures/useFigures';
import { HoneSketch } from './HoneSketch';

const FROM: readonly { readonly value: string; readonly label: string }[] = Object.keys(EDGE_RZ_UM).map(
  (grit) => ({ value: grit, label: grit }),
);
const EDGES = [
  { value: 'steel', label: 'Steel edge' },
  { value: 'carbide', label: 'Carbide edge' },
  { value: 'insert', label: 'Insert' },
] as const;
type Edge = (typeof EDGES)[number]['value'];
/** Arc between the flanks of a usual bit, degrees. */
const ARC_DEG = 80;

/** Stones in order, the bands a flat stone must show, the nose, and whether honing pays for the finish. */
export function HoneScreen() {
  const router = useRouter();
  const units = useUnits();
  const [edge, setEdge] = useState<Edge>('steel');
  const [from, setFrom] = useState<HonedFrom>(60);
  const figures = useFigures(
    [
      {
        key: 'land',
        label: 'Width of the ground face',
        kind: 'size',
        low: 0.3,
        high: 60,
        start: lengthText(10, units),
      },
      {
        key: 'wheel',
        label: 'Diameter of the wheel',
        kind: 'size',
        low: 20,
        high: 600,
        start: lengthText(150, units),
      },
      {
        key: 'depth',
        label: 'Taken off by the stone',
        kind: 'size',
        low: 0.001,
        high: 1,
        start: lengthText(0.02, units),
      },
      { key: 'nose', label: 'Nose radius', kind: 'size', low: 0.05, high: 30, start: lengthText(0.8, units) },
      {
        key: 'feed',
        label: 'Feed of a turn in the finish cut',
        kind: 'size',
        low: 0.005,
        high: 2,
        start: lengthText(0.1, units),
      },
    ],
    { keptAs: 'hone', atOnce: true },
  );
  const [land, wheel, depth, nose, feed] = (['land', 'wheel', 'depth', 'nose', 'feed'] as const).map(
    (key) => figures.peek(key)?.[0],
  );
  const rz = edge === 'insert' ? INSERT_RZ_UM : EDGE_RZ_UM[from];
  const pays =
    nose === undefined || feed === undefined ? null : unlessRefused(() => honingPays(feed, nose, rz), null);
  const hollow = land !== undefined && wheel !== undefined && depth !== undefined && land < wheel;
  return (
    <Screen
      title="Hone"
      onBack={() => backOr(router, '/grind')}
      side={
        <Sheet>
          <View style={styles.box}>{figures.boxes}</View>
        </Sheet>
      }
    >
      <View style={styles.box}>
        <Choice says="Edge" value={edge} onChange={setEdge} options={EDGES} />
        {edge !== 'insert' && (
          <Choice
            says="Off a wheel of grit"
            value={String(from)}
            onChange={(grit) => setFrom(Number(grit) as HonedFrom)}
            options={FROM}
            about="grit of the wheel that it comes off"
          />
        )}
      </View>
      {edge === 'insert' ? (
        <Sheet>
          <View style={styles.box}>
            <Words>{INSERT_HONE}</Words>
          </View>
        </Sheet>
      ) : (
        <Sheet>
          {hollow && <HoneSketch landMm={land} wheelMm={wheel} depthMm={depth} />}
          <View style={styles.box} testID="hone-says">
            {hollow && <Words role="strong">{sayBands(land, wheel, depth, units)}</Words>}
            {sayStones(from, edge === 'carbide').map(({ stone, until }, i) => (
              <Words key={stone}>{`${i + 1}. ${stone}, ${until}`}</Words>
            ))}
            {nose !== undefined && <Words>{sayNoseFlats(nose, ARC_DEG, units)}</Words>}
            <Words role="note">
              Felt pen on the face, one light stroke: ink gone at edge and heel is right; only at the heel,
              the stone is held too flat; only at the edge, too steep.
            </Words>
          </View>
        </Sheet>
      )}
      <View style={styles.box}>
        <Words role="strong" testID="hone-pays">
          {pays
            ? sayHonePays(pays.pays, pays.marksUm, rz)
            : 'That feed is more than such a nose can leave marks of.'}
        </Words>
        <Words role="note">{HONE_RULES}</Words>
      </View>
    </Screen>
  );
}

const styles = sheet({ box: { padding: SPACE.edge, gap: SPACE.near } });
