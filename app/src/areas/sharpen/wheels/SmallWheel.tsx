import { View } from 'react-native';
import Svg, { Circle } from 'react-native-svg';
import { useColours } from '../../../theme/theme';
import type { ShownWheel } from './use-wheels';

const SIZE = 44;

/** A wheel as it is worn: its size when new, now, and where it is used up. */
export function SmallWheel({ wheel: { record, use } }: { wheel: ShownWheel }) {
  const pen = useColours();
  const scale = (SIZE - 4) / use.markedMm;
  const round = (mm: number) => ({ cx: SIZE / 2, cy: SIZE / 2, r: (mm / 2) * scale });
  return (
    <View aria-hidden>
      <Svg width={SIZE} height={SIZE}>
        <Circle {...round(use.markedMm)} stroke={pen.quiet} strokeDasharray="2 2" fill="none" />
        <Circle {...round(record.body.diameterMm)} stroke={pen.ink} fill={pen.wash} />
        <Circle
          {...round(Math.min(use.least.diameterMm, use.markedMm))}
          stroke={pen.quiet}
          strokeDasharray="3 2"
          fill="none"
        />
      </Svg>
    </View>
  );
}
