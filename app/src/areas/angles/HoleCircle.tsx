import Svg, { Circle, Line } from 'react-native-svg';
import { View } from 'react-native';
import { useColours } from '../../theme/theme';

const SIZE = 170;
const RADIUS = 74;

/** A circle of holes with the sector arms open by the move. */
export function HoleCircle({ circle, spaces }: { circle: number; spaces: number }) {
  const pen = useColours();
  const middle = SIZE / 2;
  const at = (hole: number): readonly [number, number] => {
    const angle = (hole / circle) * 2 * Math.PI - Math.PI / 2;
    return [middle + RADIUS * Math.cos(angle), middle + RADIUS * Math.sin(angle)];
  };
  const r = Math.min(5, Math.max(2, 180 / circle));
  return (
    <View
      role="img"
      aria-label={`${spaces} spaces on a circle of ${circle} holes between the sector arms`}
      style={{ alignItems: 'center' }}
    >
      <Svg width={SIZE} height={SIZE}>
        {Array.from({ length: circle }, (_, hole) => {
          const [cx, cy] = at(hole);
          const isEnd = hole === 0 || hole === spaces % circle;
          return (
            <Circle
              key={hole}
              cx={cx}
              cy={cy}
              r={isEnd ? r + 1.5 : r}
              fill={isEnd ? pen.accent : hole < spaces ? pen.quiet : pen.line}
            />
          );
        })}
        {[0, spaces % circle].map((hole, i) => {
          const [x, y] = at(hole);
          return <Line key={i} x1={middle} y1={middle} x2={x} y2={y} stroke={pen.accent} strokeWidth={2} />;
        })}
      </Svg>
    </View>
  );
}
