import { View } from 'react-native';
import { useState } from 'react';
import { Sheet } from '../../kit/Screen';
import { sheet } from '../../theme/sheet';
import { SPACE } from '../../theme/type';
import { useFigures } from '../figures/useFigures';
import { AnglesFrame } from './AnglesFrame';
import { SetChoice } from './SetChoice';
import { StackAnswer } from './StackAnswer';
import { usePieces } from './use-set';

/** A length from the blocks or feelers of a set, in the fewest pieces. */
export function Stack() {
  const { pieces } = usePieces();
  const [wear, setWear] = useState<number | null>(null);
  const figures = useFigures(
    [
      { key: 'length', label: 'Length', kind: 'size', low: 0.02, high: 400, start: '' },
      {
        key: 'tolerance',
        label: 'May be off by',
        kind: 'size',
        low: 0,
        high: 1,
        start: '0',
        about: '0 for exactly',
      },
    ],
    { keptAs: 'stack', atOnce: true },
  );
  const [length, tolerance] = [figures.peek('length')?.[0], figures.peek('tolerance')?.[0]];
  return (
    <AnglesFrame
      part="stack"
      side={
        <Sheet>
          <SetChoice wear={wear} onWear={setWear} />
        </Sheet>
      }
    >
      <Sheet>
        <View style={styles.box}>
          {figures.boxes}
          {length !== undefined && tolerance !== undefined && (
            <StackAnswer pieces={pieces} targetMm={length} toleranceMm={tolerance} wearPiece={wear} />
          )}
        </View>
      </Sheet>
    </AnglesFrame>
  );
}

const styles = sheet({ box: { padding: SPACE.edge, gap: SPACE.near } });
