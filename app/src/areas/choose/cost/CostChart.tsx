import { formatMoney } from '@pike-stone/words/choosing';
import { View } from 'react-native';
import Svg, { G, Line, Path } from 'react-native-svg';
import { SvgText } from '../../../kit/drawing/SvgText';
import { Words } from '../../../kit/Words';
import { useWidth } from '../../../kit/useWidth';
import { sheet } from '../../../theme/sheet';
import { themed, useColours } from '../../../theme/theme';
import { FONT, SPACE } from '../../../theme/type';
import type { CostAnswer } from '../../../workers/cost-question';

const HEIGHT = 170;
const BOTTOM = 30;
const TOP = 10;
const TICKS = 4;

/** Outline of counts as steps over the width. */
function outline(counts: readonly number[], width: number, most: number): string {
  const step = width / counts.length;
  const y = (count: number) => HEIGHT - BOTTOM - (count / most) * (HEIGHT - BOTTOM - TOP);
  return `M0 ${HEIGHT - BOTTOM}${counts.map((count, i) => `V${y(count).toFixed(1)}H${((i + 1) * step).toFixed(1)}`).join('')}V${HEIGHT - BOTTOM}Z`;
}

/** How the cost of a part is spread with either tool, over one scale of money. */
export function CostChart({ answer }: { answer: CostAnswer }) {
  const styles = useStyles();
  const c = useColours();
  const { width, onLayout } = useWidth();
  const { low, high, hssCounts, carbideCounts } = answer;
  const most = Math.max(1, ...hssCounts, ...carbideCounts);
  const x = (cost: number) => ((cost - low) / (high - low || 1)) * width;
  const ticks = Array.from({ length: TICKS + 1 }, (_, i) => low + ((high - low) * i) / TICKS);
  return (
    <View style={styles.box}>
      <View
        role="img"
        aria-label={`Cost of a part: HSS ${formatMoney(answer.hss.p10)} to ${formatMoney(answer.hss.p90)}, carbide ${formatMoney(answer.carbide.p10)} to ${formatMoney(answer.carbide.p90)}, eight times in ten`}
        onLayout={onLayout}
      >
        {width > 0 && (
          <Svg width={width} height={HEIGHT} aria-hidden>
            <Path d={outline(hssCounts, width, most)} fill={c.quiet} fillOpacity={0.35} stroke={c.quiet} />
            <Path
              d={outline(carbideCounts, width, most)}
              fill={c.accent}
              fillOpacity={0.25}
              stroke={c.accent}
              strokeDasharray="5 3"
              strokeWidth={1.6}
            />
            {([answer.hss, answer.carbide] as const).map(({ p50 }, i) => (
              <Line
                key={i}
                x1={x(p50)}
                x2={x(p50)}
                y1={TOP}
                y2={HEIGHT - BOTTOM}
                stroke={i === 0 ? c.ink : c.accent}
                strokeWidth={2}
                strokeDasharray={i === 0 ? undefined : '5 3'}
              />
            ))}
            {ticks.map((cost, i) => (
              <G key={cost}>
                <Line
                  x1={x(cost)}
                  x2={x(cost)}
                  y1={HEIGHT - BOTTOM}
                  y2={HEIGHT - BOTTOM + 5}
                  stroke={c.ink}
                />
                <SvgText
                  x={x(cost)}
                  y={HEIGHT - BOTTOM + 20}
                  textAnchor={i === 0 ? 'start' : i === TICKS ? 'end' : 'middle'}
                  fontFamily={FONT.figures}
                  fontSize={13}
                  fill={c.quiet}
                >
                  {formatMoney(cost)}
                </SvgText>
              </G>
            ))}
          </Svg>
        )}
      </View>
      <Words role="note">
        Solid and grey: high speed steel. Broken and blue: carbide. The upright lines are the middle of each.
      </Words>
    </View>
  );
}

const useStyles = themed(() => sheet({ box: { padding: SPACE.edge, gap: SPACE.close } }));
