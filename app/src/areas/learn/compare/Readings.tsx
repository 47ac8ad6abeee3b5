import type { ComparisonBody } from '@pike-stone/contract';
import { mean } from '@pike-stone/core/compare';
import { sayMeasured } from '@pike-stone/words/learn';
import { View } from 'react-native';
import Svg, { Circle, Line, Rect } from 'react-native-svg';
import { useUnits } from '../../../data/preferences';
import { QuietText } from '../../../kit/drawing/QuietText';
import { SvgText, useDrawnScale } from '../../../kit/drawing/SvgText';
import { useWidth } from '../../../kit/useWidth';
import { sheet } from '../../../theme/sheet';
import { useColours } from '../../../theme/theme';
import { FONT, SPACE } from '../../../theme/type';
import { valuesOf, type Side } from './sides';

/** Height of a row and of the scale at the usual size of text, and the edge at both sides, px. */
const HIGH = { row: 46, axis: 22 } as const;
const EDGE = 12;

/** The readings of both sides as marks on one scale, each with its mean. */
export function Readings({ body, names }: { body: ComparisonBody; names: Readonly<Record<Side, string>> }) {
  const c = useColours();
  const units = useUnits();
  const { width: whole, onLayout } = useWidth();
  const width = Math.max(0, whole - 2 * SPACE.edge);
  const scale = useDrawnScale();
  const [row, axis] = [HIGH.row * scale, HIGH.axis * scale];
  const { readings, measure } = body;
  if (readings.length === 0) return null;
  const values = readings.map(({ value }) => value);
  const [low, high] = [Math.min(...values), Math.max(...values)];
  const span = Math.max(high - low, 0.02 * Math.abs(high), 1e-6);
  const x = (value: number): number => EDGE + 8 + ((value - low) / span) * (width - 2 * EDGE - 16);
  const sides = (['a', 'b'] as const).map((side) => ({ side, values: valuesOf(body, side) }));
  const says = sides
    .map(({ side, values: own }) =>
      own.length === 0
        ? `${names[side]}: none`
        : `${names[side]}: ${own.length} readings, mean ${sayMeasured(mean(own), measure, units)}`,
    )
    .join('; ');
  return (
    <View style={styles.box} role="img" aria-label={says} onLayout={onLayout}>
      {width > 0 && (
        <Svg width={width} height={2 * row + axis}>
          {sides.map(({ side, values: own }, i) => (
            <Row key={side} y={i * row + 14 * scale} name={`${side.toUpperCase()}  ${names[side]}`}>
              <Line
                x1={EDGE}
                x2={width - EDGE}
                y1={i * row + 32 * scale}
                y2={i * row + 32 * scale}
                stroke={c.line}
              />
              {own.length > 0 && (
                <Rect
                  x={x(mean(own)) - 1.5}
                  y={i * row + 32 * scale - 12}
                  width={3}
                  height={24}
                  fill={c.accent}
                />
              )}
              {own.map((value, at) => (
                <Circle
                  key={at}
                  cx={x(value)}
                  cy={i * row + 32 * scale}
                  r={5}
                  stroke={c.accent}
                  strokeWidth={1.6}
                  fill="none"
                />
              ))}
            </Row>
          ))}
          {[low, high].map((value, i) => (
            <QuietText
              key={i}
              x={x(value)}
              y={2 * row + 16 * scale}
              anchor={i === 0 ? 'start' : 'end'}
              figures
            >
              {sayMeasured(value, measure, units)}
            </QuietText>
          ))}
        </Svg>
      )}
    </View>
  );
}

function Row({ y, name, children }: { y: number; name: string; children: React.ReactNode }) {
  const c = useColours();
  return (
    <>
      <SvgText x={EDGE} y={y} fontFamily={FONT.words} fontSize={14} fontWeight="600" fill={c.ink}>
        {name}
      </SvgText>
      {children}
    </>
  );
}

const styles = sheet({ box: { paddingHorizontal: SPACE.edge } });
