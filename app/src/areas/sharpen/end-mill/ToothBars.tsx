import type { HeightVerdict } from '@pike-stone/core/wheel';
import { View } from 'react-native';
import Svg, { G, Line, Rect } from 'react-native-svg';
import { SvgText } from '../../../kit/drawing/SvgText';
import { useWidth } from '../../../kit/useWidth';
import { useColours } from '../../../theme/theme';
import { FONT } from '../../../theme/type';

const HEIGHT = 132;
const BASE = 104;
const TOP = 14;

/** Heights of the teeth as bars over the lowest, with the height that is allowed. */
export function ToothBars({ heightsMm, verdict }: { heightsMm: readonly number[]; verdict: HeightVerdict }) {
  const pen = useColours();
  const { width, onLayout } = useWidth();
  const least = Math.min(...heightsMm);
  const scale = (BASE - TOP) / Math.max(verdict.spreadMm, verdict.limitMm * 1.5);
  const step = width / Math.max(1, heightsMm.length);
  const allowed = BASE - verdict.limitMm * scale;
  const high = new Set(verdict.touch.map(({ tooth }) => tooth));
  return (
    <View
      role="img"
      aria-label={`Heights of ${heightsMm.length} teeth; ${high.size} stand out too far`}
      onLayout={onLayout}
    >
      {width > 0 && (
        <Svg width={width} height={HEIGHT}>
          {heightsMm.map((mm, i) => {
            const tall = Math.max(2, (mm - least) * scale);
            const tooth = i + 1;
            return (
              <G key={tooth}>
                <Rect
                  x={step * (i + 0.2)}
                  y={BASE - tall}
                  width={step * 0.6}
                  height={tall}
                  fill={high.has(tooth) ? pen.accent : pen.wash}
                  stroke={pen.ink}
                />
                <SvgText
                  x={step * (i + 0.5)}
                  y={BASE + 20}
                  textAnchor="middle"
                  fontFamily={FONT.figures}
                  fontSize={15}
                  fill={pen.ink}
                >
                  {high.has(tooth) ? `${tooth} high` : String(tooth)}
                </SvgText>
              </G>
            );
          })}
          <Line x1={0} x2={width} y1={allowed} y2={allowed} stroke={pen.quiet} strokeDasharray="5 4" />
          <Line x1={0} x2={width} y1={BASE} y2={BASE} stroke={pen.ink} />
        </Svg>
      )}
    </View>
  );
}
