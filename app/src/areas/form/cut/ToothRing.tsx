import { View } from 'react-native';
import Svg, { Circle, Line } from 'react-native-svg';
import { useColours } from '../../../theme/theme';

const SIZE = 190;
const OUTER = 88;
const INNER = 72;

/** The rim with a mark for each space: cut, next, to come. */
export function ToothRing({ teeth, done }: { teeth: number; done: number }) {
  const pen = useColours();
  const middle = SIZE / 2;
  return (
    <View role="img" aria-label={`${done} of ${teeth} spaces are cut`} style={{ alignItems: 'center' }}>
      <Svg width={SIZE} height={SIZE}>
        <Circle cx={middle} cy={middle} r={INNER - 6} fill="none" stroke={pen.line} strokeWidth={1.4} />
        {Array.from({ length: teeth }, (_, i) => {
          const angle = (i / teeth) * 2 * Math.PI - Math.PI / 2;
          const [x, y] = [Math.cos(angle), Math.sin(angle)];
          const isNext = i === done;
          return (
            <Line
              key={i}
              x1={middle + x * (isNext ? INNER - 14 : INNER)}
              y1={middle + y * (isNext ? INNER - 14 : INNER)}
              x2={middle + x * OUTER}
              y2={middle + y * OUTER}
              stroke={i < done ? pen.ink : isNext ? pen.accent : pen.line}
              strokeWidth={isNext ? 4 : Math.max(1, Math.min(5, 260 / teeth))}
            />
          );
        })}
      </Svg>
    </View>
  );
}
