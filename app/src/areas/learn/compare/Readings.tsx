import type { ComparisonBody } from '@pike-stone/contract';
import { sayMeasured } from '@pike-stone/words/learn';
import { View } from 'react-native';
import Svg, { Circle, Line, Rect } from 'react-native-svg';
import { useUnits } from '../../../data/preferences';
import { SvgText, useDrawnScale } from '../../../kit/drawing/SvgText';
import { useWidth } from '../../../kit/useWidth';
import { sheet } from '../../../theme/sheet';
import { useColours } from '../../../theme/theme';
import { FONT, SPACE } from '../../../theme/type';
import type { Side } from './sides';

/** Height of a row and of the scale at the usual size of text, and the edges, px. */
const HIGH = { row: 46, axis: 22 } as const;
const LEFT = 12;
const RIGHT = 12;

const meanOf = (values: readonly number[]): number =>
  values.reduce((sum, one) => sum + one, 0) / values.length;

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
  const x = (value: number): number => LEFT + 8 + ((value - low) / span) * (width - LEFT - RIGHT - 16);
  const sides = (['a', 'b'] as const).map((side) => ({
    side,
    values: readings.filter((one) => one.side === side).map(({ value }) => value),
  }));
  const says = sides
    .map(({ side, values: own }) =>
      own.length === 0
        ? `${names[side]}: none`
        : `${names[side]}: ${own.length} readings, mean ${sayMeasured(meanOf(own), measure, units)}`,
    )
    .join('; ');
  return (
    <View style={styles.box} role="img" aria-label={says} onLayout={onLayout}>
      {width > 0 && (
        <Svg width={width} height={2 * row + axis}>
          {sides.map(({ side, values: own }, i) => (
            <Row key={side} y={i * row + 14 * scale} name={`${side.toUpperCase()}  ${names[side]}`}>
              <Line
                x1={LEFT}
                x2={width - RIGHT}
                y1={i * row + 32 * scale}
                y2={i * row + 32 * scale}
                stroke={c.line}
              />
              {own.length > 0 && (
                <Rect
                  x={x(meanOf(own)) - 1.5}
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
            <SvgText
              key={i}
              x={x(value)}
              y={2 * row + 16 * scale}
              textAnchor={i === 0 ? 'start' : 'end'}
              fontFamily={FONT.figures}
              fontSize={13}
              fill={c.quiet}
            >
              {sayMeasured(value, measure, units)}
            </SvgText>
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
      <SvgText x={LEFT} y={y} fontFamily={FONT.words} fontSize={14} fontWeight="600" fill={c.ink}>
        {name}
      </SvgText>
      {children}
    </>
  );
}

const styles = sheet({ box: { paddingHorizontal: SPACE.edge } });
