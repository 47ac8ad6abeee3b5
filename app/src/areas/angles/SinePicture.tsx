import { DEG } from '@pike-stone/core';
import { formatAngle } from '@pike-stone/words';
import { View } from 'react-native';
import Svg, { Circle, Line, Path, Rect } from 'react-native-svg';
import { SvgText } from '../../kit/drawing/SvgText';
import { useWidth } from '../../kit/useWidth';
import { useColours } from '../../theme/theme';
import { FONT } from '../../theme/type';

const HEIGHT = 170;
const ROLL = 10;
const MARGIN = 24;
const BAR_PX = 16;
/** A stack lower than this has no room for its name beside it. */
const WORD_PX = 16;

/** The bar on its stack, to scale in angle. */
export function SinePicture({ angleDeg }: { angleDeg: number }) {
  const pen = useColours();
  const { width, onLayout } = useWidth();
  const angle = angleDeg * DEG;
  const ground = HEIGHT - 16;
  const long = Math.min(
    (width - 2 * MARGIN - 2 * ROLL) / Math.max(0.35, Math.cos(angle)),
    (HEIGHT - 60) / Math.max(0.05, Math.sin(angle)),
    width - 2 * MARGIN - 2 * ROLL,
  );
  const [ax, ay] = [MARGIN + ROLL, ground - ROLL];
  const [bx, by] = [ax + long * Math.cos(angle), ay - long * Math.sin(angle)];
  const stackPx = ground - by - ROLL;
  const [nx, ny] = [-Math.sin(angle) * ROLL, -Math.cos(angle) * ROLL];
  const [tx, ty] = [-Math.sin(angle) * (ROLL + BAR_PX), -Math.cos(angle) * (ROLL + BAR_PX)];
  return (
    <View
      role="img"
      aria-label={`A sine bar at ${formatAngle(angleDeg)} with the stack under its upper roll`}
      onLayout={onLayout}
      style={{ minHeight: HEIGHT }}
    >
      {width > 0 && (
        <Svg width={width} height={HEIGHT}>
          <Line x1={4} x2={width - 4} y1={ground} y2={ground} stroke={pen.ink} strokeWidth={1.6} />
          {stackPx > 1 && (
            <Rect
              x={bx - 14}
              y={by + ROLL}
              width={28}
              height={stackPx}
              fill={pen.wash}
              stroke={pen.accent}
              strokeWidth={1.6}
            />
          )}
          <Path
            d={`M${ax + nx} ${ay + ny}L${bx + nx} ${by + ny}L${bx + tx} ${by + ty}L${ax + tx} ${ay + ty}Z`}
            fill={pen.sheet}
            stroke={pen.ink}
            strokeWidth={2}
          />
          <Circle cx={ax} cy={ay} r={ROLL} fill={pen.sheet} stroke={pen.ink} strokeWidth={2} />
          <Circle cx={bx} cy={by} r={ROLL} fill={pen.sheet} stroke={pen.ink} strokeWidth={2} />
          {stackPx > WORD_PX && (
            <SvgText
              x={Math.min(width - 60, bx + 22)}
              y={(ground + by) / 2 + 6}
              textAnchor="start"
              fontFamily={FONT.words}
              fontSize={14}
              fill={pen.accent}
            >
              stack
            </SvgText>
          )}
          <SvgText
            x={ax + 40}
            y={ground - 6}
            textAnchor="start"
            fontFamily={FONT.figures}
            fontSize={14}
            fill={pen.ink}
          >
            {formatAngle(angleDeg)}
          </SvgText>
        </Svg>
      )}
    </View>
  );
}
