import { boundsOf, type Deviation, type Profile } from '@pike-stone/core/form';
import { sayFine } from '@pike-stone/words/form';
import { useState } from 'react';
import { View } from 'react-native';
import Svg, { Circle, Line, Path } from 'react-native-svg';
import { useUnits } from '../../../data/preferences';
import { SvgText } from '../../../kit/drawing/SvgText';
import { useColours } from '../../../theme/theme';
import { FONT } from '../../../theme/type';
import { placing, profilePath } from '../sketch/profile-path';

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
  const [width, setWidth] = useState(0);
  const { left, right, low, high } = boundsOf(profile);
  const scale = Math.min((width - 2 * MARGIN) / (right - left), (HEIGHT - 2 * MARGIN) / (high - low));
  const placed = placing(scale, [(left + right) / 2, (low + high) / 2], [width / 2, HEIGHT / 2]);
  const most = Math.max(highMm, -lowMm, ...deviations.map(({ distanceMm }) => Math.abs(distanceMm)));
  const drawn = LONGEST_PX / most;
  const worst = deviations.reduce((one, other) =>
    Math.abs(other.distanceMm) > Math.abs(one.distanceMm) ? other : one,
  );
  return (
    <View
      role="img"
      aria-label={`${deviations.length} measured points on the form, the worst ${sayFine(Math.abs(worst.distanceMm), units)} off`}
      onLayout={(event) => setWidth(event.nativeEvent.layout.width)}
      style={{ minHeight: HEIGHT }}
    >
      {width > 0 && (
        <Svg width={width} height={HEIGHT}>
          <Path d={profilePath(profile, placed)} fill="none" stroke={pen.ink} strokeWidth={1.6} />
          {deviations.map(({ at, onForm, distanceMm }, i) => {
            const [x, y] = placed.at(onForm);
            const length = Math.hypot(at[0] - onForm[0], at[1] - onForm[1]);
            const [ux, uy] =
              length > 1e-9 ? [(at[0] - onForm[0]) / length, (at[1] - onForm[1]) / length] : [0, 0];
            const px = Math.abs(distanceMm) * drawn;
            const isOut = distanceMm < lowMm || distanceMm > highMm;
            return (
              <Line
                key={i}
                x1={x}
                y1={y}
                x2={x + ux * px}
                y2={y - uy * px}
                stroke={isOut ? pen.danger : pen.accent}
                strokeWidth={isOut ? 2.4 : 1.4}
              />
            );
          })}
          {[worst].map(({ onForm }) => {
            const [cx, cy] = placed.at(onForm);
            return (
              <Circle key="worst" cx={cx} cy={cy} r={7} fill="none" stroke={pen.danger} strokeWidth={1.6} />
            );
          })}
          <SvgText x={10} y={18} textAnchor="start" fontFamily={FONT.words} fontSize={13} fill={pen.quiet}>
            {`deviations drawn ${Math.round(drawn / scale)} times larger than the form`}
          </SvgText>
        </Svg>
      )}
    </View>
  );
}
