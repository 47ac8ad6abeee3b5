import type { BookSums } from '@pike-stone/contract/book';
import { View } from 'react-native';
import Svg, { G, Line, Rect } from 'react-native-svg';
import { QuietText } from '../../../kit/drawing/QuietText';
import { SvgText, useDrawnScale } from '../../../kit/drawing/SvgText';
import { Words } from '../../../kit/Words';
import { useWidth } from '../../../kit/useWidth';
import { useColours } from '../../../theme/theme';
import { FONT } from '../../../theme/type';
import { monthShort } from './month';

/** Height of the chart, and its edges at the usual size of text, px. */
const HEIGHT = 180;
const EDGE = { top: 20, bottom: 22 } as const;
const MOST_MONTHS = 24;
const WIDEST = 56;

/** Cuts of each month, those that worked filled. */
export function CutsByMonth({ months }: { months: BookSums['months'] }) {
  const c = useColours();
  const { width, onLayout } = useWidth();
  const scale = useDrawnScale();
  const [top, bottom] = [EDGE.top * scale, EDGE.bottom * scale];
  const names = [...new Set(months.map(({ month }) => month))].slice(-MOST_MONTHS);
  const of = (month: string, outcome?: string): number =>
    months
      .filter((one) => one.month === month && (outcome === undefined || one.outcome === outcome))
      .reduce((sum, { cuts }) => sum + cuts, 0);
  const most = Math.max(...names.map((month) => of(month)));
  const step = Math.min(WIDEST * 1.4, width / Math.max(1, names.length));
  const tall = (cuts: number): number => (cuts / most) * (HEIGHT - top - bottom);
  const every = Math.ceil(44 / Math.max(1, step));
  return (
    <View
      role="img"
      aria-label={`Cuts by month: ${names.map((month) => `${month} ${of(month)}, ${of(month, 'worked')} worked`).join('; ')}`}
      onLayout={onLayout}
    >
      {width > 0 && (
        <Svg width={width} height={HEIGHT}>
          <Line x1={0} x2={width} y1={HEIGHT - bottom} y2={HEIGHT - bottom} stroke={c.strongLine} />
          {names.map((month, i) => {
            const [all, worked] = [of(month), of(month, 'worked')];
            const wide = 0.7 * step;
            const x = i * step + (step - wide) / 2;
            return (
              <G key={month}>
                <Rect
                  x={x}
                  y={HEIGHT - bottom - tall(all)}
                  width={wide}
                  height={tall(all)}
                  stroke={c.accent}
                  strokeWidth={1}
                  fill={c.sheet}
                />
                <Rect
                  x={x}
                  y={HEIGHT - bottom - tall(worked)}
                  width={wide}
                  height={tall(worked)}
                  fill={c.accent}
                />
                {i % every === 0 && (
                  <>
                    <SvgText
                      x={x + wide / 2}
                      y={HEIGHT - bottom - tall(all) - 5}
                      textAnchor="middle"
                      fontFamily={FONT.figures}
                      fontSize={13}
                      fill={c.ink}
                    >
                      {String(all)}
                    </SvgText>
                    <QuietText x={x + wide / 2} y={HEIGHT - 5} anchor="middle" figures>
                      {monthShort(month)}
                    </QuietText>
                  </>
                )}
              </G>
            );
          })}
        </Svg>
      )}
      <Words role="note">Filled: those that worked.</Words>
    </View>
  );
}
