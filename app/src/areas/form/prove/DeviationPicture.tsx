import { boundsOf, type Deviation, type Profile } from '@pike-stone/core/form';
import { sayFine } from '@pike-stone/words/form';
import { View } from 'react-native';
import Svg, { Circle, Line, Path } from 'react-native-svg';
import { useUnits } from '../../../data/preferences';
import { QuietText } from '../../../kit/drawing/QuietText';
import { useWidth } from '../../../kit/useWidth';
import { useColours } from '../../../theme/theme';
import { fitted, profilePath, roomWithin } from '../sketch/profile-path';

const HEIGHT = 320;
const MARGIN = 46;
/** The largest deviation is drawn this long, px. */
const LONGEST_PX = 34;

/** The form with every measured point's deviation, drawn out many times, those beyond the band marked. */
export function DeviationPicture({
  profile,
  deviations,
  lowMm,
  highMm,
}: {
  profile: Profile;
  deviations: readonly Deviation[];
  lowMm: number;
  highMm: number;
}) {
  const pen = useColours();
  const units = useUnits();
  const { width, onLayout } = useWidth();
  const placed = fitted(boundsOf(profile), roomWithin(width, HEIGHT, MARGIN));
  const most = Math.max(highMm, -lowMm, ...deviations.map(({ distanceMm }) => Math.abs(distanceMm)));
  /** Pixels that a millimetre of deviation is drawn as. */
  const drawn = LONGEST_PX / most;
  const worst = deviations.reduce((one, other) =>
    Math.abs(other.distanceMm) > Math.abs(one.distanceMm) ? other : one,
  );
  const [worstX, worstY] = placed.at(worst.onForm);
  return (
    <View
      role="img"
      aria-label={`${deviations.length} measured points on the form, the worst ${sayFine(Math.abs(worst.distanceMm), units)} off`}
      onLayout={onLayout}
      style={{ minHeight: HEIGHT }}
    >
      {width > 0 && (
        <Svg width={width} height={HEIGHT}>
          <Path d={profilePath(profile, placed)} fill="none" stroke={pen.ink} strokeWidth={1.6} />
          {deviations.map(({ at, onForm, distanceMm }, i) => {
            const [x, y] = placed.at(onForm);
            const [dx, dy] = [(at[0] - onForm[0]) * drawn, (at[1] - onForm[1]) * drawn];
            const isOut = distanceMm < lowMm || distanceMm > highMm;
            return (
              <Line
                key={i}
                x1={x}
                y1={y}
                x2={x + dx}
                y2={y - dy}
                stroke={isOut ? pen.danger : pen.accent}
                strokeWidth={isOut ? 2.4 : 1.4}
              />
            );
          })}
          <Circle cx={worstX} cy={worstY} r={7} fill="none" stroke={pen.danger} strokeWidth={1.6} />
          <QuietText x={10} y={18}>
            {`deviations drawn ${Math.round(drawn / placed.pxPerMm)} times larger than the form`}
          </QuietText>
        </Svg>
      )}
    </View>
  );
}
