import { piecesOf, register, type FormShape } from '@pike-stone/core/form';
import { sayFollowed } from '@pike-stone/words/form';
import { useMemo } from 'react';
import { View } from 'react-native';
import { useUnits } from '../../data/preferences';
import { Sheet } from '../../kit/Screen';
import { Words } from '../../kit/Words';
import { sheet } from '../../theme/sheet';
import { SPACE } from '../../theme/type';
import { DeviationPicture } from './prove/DeviationPicture';

/** How the lines and arcs follow the points that were measured or traced, each deviation drawn out. */
export function FitSheet({ shape, toleranceMm }: { shape: FormShape; toleranceMm: number }) {
  const units = useUnits();
  const deviations = useMemo(
    () => register(piecesOf(shape.profile), shape.points, 'none').deviations,
    [shape],
  );
  const worst = Math.max(...deviations.map(({ distanceMm }) => Math.abs(distanceMm)));
  return (
    <Sheet>
      <DeviationPicture
        profile={shape.profile}
        deviations={deviations}
        lowMm={-toleranceMm}
        highMm={toleranceMm}
      />
      <View style={styles.box} testID="fit">
        <Words>{sayFollowed(shape.profile.length - 1, deviations.length, worst, units)}</Words>
      </View>
    </Sheet>
  );
}

const styles = sheet({ box: { padding: SPACE.edge } });
