import { boundsOf, type PlanePoint, type Profile } from '@pike-stone/core/form';
import { View } from 'react-native';
import Svg, { Circle, Path } from 'react-native-svg';
import { useColours } from '../../../theme/theme';
import { fitted, profilePath, roomWithin } from '../sketch/profile-path';
import { useWidth } from '../../../kit/useWidth';

const HEIGHT = 230;
const MARGIN = 12;
/** More stops than this are drawn as points only. */
const MOST_DRAWN = 400;

/** The form with the wheel at every stop, the one that is next drawn full. */
export function SlidePicture({
  profile,
  stops,
  at,
  stoneMm,
}: {
  profile: Profile;
  stops: readonly PlanePoint[];
  at: number;
  stoneMm: number;
}) {
  const pen = useColours();
  const { width, onLayout } = useWidth();
  const form = boundsOf(profile);
  const all = {
    left: Math.min(form.left, ...stops.map(([x]) => x)),
    right: Math.max(form.right, ...stops.map(([x]) => x)),
    low: Math.min(form.low, ...stops.map(([, y]) => y)),
    high: Math.max(form.high, ...stops.map(([, y]) => y)),
  };
  const placed = fitted(all, roomWithin(width, HEIGHT, MARGIN));
  const radiusPx = stoneMm * placed.pxPerMm;
  const wheel = stops[at];
  const [wx, wy] = wheel ? placed.at(wheel) : [0, 0];
  return (
    <View
      role="img"
      aria-label={`The form with ${stops.length} stops of the wheel, the next one drawn`}
      onLayout={onLayout}
      style={{ minHeight: HEIGHT, overflow: 'hidden' }}
    >
      {width > 0 && (
        <Svg width={width} height={HEIGHT}>
          {stops.length <= MOST_DRAWN
            && stops.map((stop, i) => {
              const [cx, cy] = placed.at(stop);
              return (
                <Circle
                  key={i}
                  cx={cx}
                  cy={cy}
                  r={radiusPx}
                  fill="none"
                  stroke={pen.line}
                  strokeWidth={0.5}
                />
              );
            })}
          {stops.map((stop, i) => {
            const [cx, cy] = placed.at(stop);
            return (
              <Circle
                key={`p${i}`}
                cx={cx}
                cy={cy}
                r={i < at ? 2.4 : 1.4}
                fill={i < at ? pen.accent : pen.quiet}
              />
            );
          })}
          <Path d={profilePath(profile, placed)} fill="none" stroke={pen.ink} strokeWidth={2.2} />
          {wheel && (
            <Circle
              cx={wx}
              cy={wy}
              r={radiusPx}
              fill={pen.wash}
              fillOpacity={0.5}
              stroke={pen.accent}
              strokeWidth={1.8}
            />
          )}
          {wheel && <Circle cx={wx} cy={wy} r={4} fill={pen.accent} />}
        </Svg>
      )}
    </View>
  );
}
