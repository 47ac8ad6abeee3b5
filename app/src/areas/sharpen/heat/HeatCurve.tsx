import type { HeatPicture } from '@pike-stone/core/wheel';
import { View } from 'react-native';
import Svg, { G, Line, Path, Rect } from 'react-native-svg';
import { linePath } from '../../../kit/drawing/line-path';
import { QuietText } from '../../../kit/drawing/QuietText';
import { SvgText } from '../../../kit/drawing/SvgText';
import { useWidth } from '../../../kit/useWidth';
import { useColours } from '../../../theme/theme';
import { FONT } from '../../../theme/type';

const HEIGHT = 236;
const LEFT = 44;
const BOTTOM = 30;
const TOP = 12;
const STEP_C = 100;

/** Warmth of the tip over time: grinding shaded, the limit dashed, the skin marked at the peak. */
export function HeatCurve({ picture }: { picture: HeatPicture }) {
  const pen = useColours();
  const { width, onLayout } = useWidth();
  const { spells, limitC, peakC, skinC } = picture;
  const whole = spells.at(-1)!.points.at(-1)!.s;
  const most = Math.max(limitC, peakC, Math.min(skinC, 2 * Math.max(limitC, peakC))) * 1.08;
  const x = (s: number): number => LEFT + ((width - LEFT - 10) * s) / whole;
  const y = (c: number): number => HEIGHT - BOTTOM - ((HEIGHT - BOTTOM - TOP) * c) / most;
  const line = spells.flatMap(({ points }) => points);
  const hottest = line.reduce((top, one) => (one.c > top.c ? one : top));
  const marks = Array.from({ length: Math.floor(most / STEP_C) + 1 }, (_, i) => i * STEP_C);
  const every = marks.length > 7 ? 2 : 1;
  return (
    <View
      role="img"
      aria-label={`Warmth of the tip over ${Math.round(whole)} seconds, up to about ${Math.round(peakC / 10) * 10} °C`}
      onLayout={onLayout}
      style={{ minHeight: HEIGHT }}
    >
      {width > 0 && (
        <Svg width={width} height={HEIGHT}>
          {spells.map(({ kind, points }, i) =>
            kind === 'pause' ? null : (
              <G key={`${kind}${i}`}>
                <Rect
                  x={x(points[0]!.s)}
                  y={TOP}
                  width={x(points.at(-1)!.s) - x(points[0]!.s)}
                  height={HEIGHT - BOTTOM - TOP}
                  fill={kind === 'grind' ? pen.wash : pen.line}
                />
                <QuietText
                  x={(x(points[0]!.s) + x(points.at(-1)!.s)) / 2}
                  y={HEIGHT - BOTTOM - 6}
                  anchor="middle"
                >
                  {x(points.at(-1)!.s) - x(points[0]!.s) > 34 ? kind : ''}
                </QuietText>
              </G>
            ),
          )}
          {marks
            .filter((_, i) => i % every === 0)
            .map((c) => (
              <G key={c}>
                <Line x1={LEFT} x2={width - 10} y1={y(c)} y2={y(c)} stroke={pen.line} strokeWidth={0.7} />
                <SvgText
                  x={LEFT - 6}
                  y={y(c) + 4}
                  textAnchor="end"
                  fontFamily={FONT.figures}
                  fontSize={13}
                  fill={pen.quiet}
                >
                  {String(c)}
                </SvgText>
              </G>
            ))}
          <Line
            x1={LEFT}
            x2={width - 10}
            y1={y(limitC)}
            y2={y(limitC)}
            stroke={pen.danger}
            strokeWidth={1.4}
            strokeDasharray="6 4"
          />
          <SvgText
            x={LEFT + 6}
            y={y(limitC) - 5}
            textAnchor="start"
            fontFamily={FONT.words}
            fontSize={13}
            fill={pen.danger}
          >
            {`limit ${limitC} °C`}
          </SvgText>
          <Path
            d={linePath(line.map(({ s, c }) => [x(s), y(c)]))}
            fill="none"
            stroke={pen.accent}
            strokeWidth={2.4}
          />
          {skinC <= most && (
            <G>
              <Line
                x1={x(hottest.s)}
                x2={x(hottest.s)}
                y1={y(hottest.c)}
                y2={y(skinC)}
                stroke={pen.ink}
                strokeDasharray="2 3"
                strokeWidth={1.4}
              />
              <SvgText
                x={x(hottest.s) - 6}
                y={y(skinC) + 12}
                textAnchor="end"
                fontFamily={FONT.words}
                fontSize={13}
                fill={pen.ink}
              >
                {`skin ${Math.round(skinC / 10) * 10}`}
              </SvgText>
            </G>
          )}
          {[0, 0.5, 1].map((share) => (
            <SvgText
              key={share}
              x={x(whole * share)}
              y={HEIGHT - 10}
              textAnchor={share === 0 ? 'start' : share === 1 ? 'end' : 'middle'}
              fontFamily={FONT.figures}
              fontSize={13}
              fill={pen.quiet}
            >
              {`${Number((whole * share).toFixed(1))} s`}
            </SvgText>
          ))}
        </Svg>
      )}
    </View>
  );
}
