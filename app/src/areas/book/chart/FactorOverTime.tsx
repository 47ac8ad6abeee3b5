import type { ShopFactor } from '@pike-stone/core/learn';
import { View } from 'react-native';
import Svg, { Circle, G, Line, Path } from 'react-native-svg';
import { linePath } from '../../../kit/drawing/line-path';
import { QuietText } from '../../../kit/drawing/QuietText';
import { useDrawnScale } from '../../../kit/drawing/SvgText';
import { Words } from '../../../kit/Words';
import { useWidth } from '../../../kit/useWidth';
import { useColours } from '../../../theme/theme';
import { monthShort } from './month';

const HEIGHT = 190;
/** Edges of the chart at the usual size of text, px. */
const EDGE = { left: 44, right: 24, top: 12, bottom: 32 } as const;
/** What the scale reaches over at least. */
const SCALE = { low: 0.6, high: 1.5 } as const;

/** The shop's factor as it was known month by month, with its band. */
export function FactorOverTime({
  history,
}: {
  history: readonly (ShopFactor & { readonly month: string })[];
}) {
  const c = useColours();
  const { width, onLayout } = useWidth();
  const scale = useDrawnScale();
  const [left, right, top, bottom] = [
    EDGE.left * scale,
    EDGE.right * scale,
    EDGE.top * scale,
    EDGE.bottom * scale,
  ];
  const low = Math.min(SCALE.low, ...history.map((one) => one.low));
  const high = Math.max(SCALE.high, ...history.map((one) => one.high));
  const x = (i: number): number =>
    history.length === 1
      ? (left + width - right) / 2
      : left + 10 + (i / (history.length - 1)) * (width - left - right - 20);
  const y = (factor: number): number =>
    HEIGHT - bottom - (Math.log(factor / low) / Math.log(high / low)) * (HEIGHT - top - bottom);
  const last = history.at(-1)!;
  const band = [
    ...history.map((one, i) => [x(i), y(one.high)] as const),
    ...history.map((one, i) => [x(i), y(one.low)] as const).reverse(),
  ];
  const every = Math.ceil((54 * history.length) / Math.max(1, width));
  return (
    <View
      role="img"
      aria-label={`Factor by month: ${history.map((one) => `${one.month} ${one.median.toFixed(2)}`).join('; ')}`}
      onLayout={onLayout}
    >
      {width > 0 && (
        <Svg width={width} height={HEIGHT}>
          {[low, 1, high].map((factor) => (
            <G key={factor}>
              <Line
                x1={left}
                x2={width - right}
                y1={y(factor)}
                y2={y(factor)}
                stroke={factor === 1 ? c.strongLine : c.line}
                strokeDasharray={factor === 1 ? '6 4' : undefined}
              />
              <QuietText x={left - 6} y={y(factor) + 4} anchor="end" figures>
                {factor.toFixed(2)}
              </QuietText>
            </G>
          ))}
          {history.length > 1 && <Path d={`${linePath(band)}Z`} fill={c.wash} />}
          {history.map((one, i) => (
            <Line
              key={one.month}
              x1={x(i)}
              x2={x(i)}
              y1={y(one.low)}
              y2={y(one.high)}
              stroke={c.accent}
              strokeWidth={1}
            />
          ))}
          <Path
            d={linePath(history.map((one, i) => [x(i), y(one.median)]))}
            stroke={c.accent}
            strokeWidth={2}
            fill="none"
          />
          {history.map((one, i) => (
            <G key={one.month}>
              <Circle cx={x(i)} cy={y(one.median)} r={4} fill={c.accent} />
              {i % every === 0 && (
                <QuietText x={x(i)} y={HEIGHT - 5} anchor="middle" figures>
                  {monthShort(one.month)}
                </QuietText>
              )}
            </G>
          ))}
        </Svg>
      )}
      <Words role="strong">{`Now × ${last.median.toFixed(2)}, ${last.low.toFixed(2)} to ${last.high.toFixed(2)}, from ${last.cuts} ${last.cuts === 1 ? 'cut' : 'cuts'}`}</Words>
    </View>
  );
}
