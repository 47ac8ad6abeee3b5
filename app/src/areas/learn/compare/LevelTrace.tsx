import type { Plateaus } from '@pike-stone/core/compare';
import { View } from 'react-native';
import Svg, { G, Line, Path } from 'react-native-svg';
import { linePath } from '../../../kit/drawing/line-path';
import { QuietText } from '../../../kit/drawing/QuietText';
import { SvgText, useDrawnScale } from '../../../kit/drawing/SvgText';
import { useWidth } from '../../../kit/useWidth';
import { sheet } from '../../../theme/sheet';
import { themed, useColours } from '../../../theme/theme';
import { FONT } from '../../../theme/type';

/** Height of the chart, and its edges at the usual size of text, px. */
const HEIGHT = 150;
const USUAL = { left: 6, right: 64, top: 18, bottom: 14 } as const;

/** A trace of motor current, with the levels that were found in it and the places where they change. */
export function LevelTrace({ currentA, found }: { currentA: readonly number[]; found: Plateaus | null }) {
  const styles = useStyles();
  const c = useColours();
  const { width, onLayout } = useWidth();
  const scale = useDrawnScale();
  const edge = { ...USUAL, right: USUAL.right * scale, top: USUAL.top * scale };
  const [low, high] = [Math.min(...currentA), Math.max(...currentA)];
  const span = Math.max(0.1, high - low);
  const x = (i: number): number =>
    edge.left + (i / Math.max(1, currentA.length - 1)) * (width - edge.left - edge.right);
  const y = (amps: number): number =>
    HEIGHT - edge.bottom - ((amps - low + 0.05 * span) / (1.1 * span)) * (HEIGHT - edge.top - edge.bottom);
  const says = found
    ? `Trace of ${currentA.length} readings: idle ${found.idleA.toFixed(2)} A${found.cutA === null ? ', no cut' : `, cut ${found.cutA.toFixed(2)} A`}, ${found.boundaries.length - 2} changes of level`
    : `Trace of ${currentA.length} readings`;
  return (
    <View style={styles.paper} role="img" aria-label={says} onLayout={onLayout}>
      {width > 0 && currentA.length > 1 && (
        <Svg width={width} height={HEIGHT}>
          <Path
            d={linePath(currentA.map((amps, i) => [x(i), y(amps)]))}
            stroke={c.quiet}
            strokeWidth={1.2}
            fill="none"
          />
          {found?.boundaries.slice(1, -1).map((at) => (
            <Line
              key={at}
              x1={x(at)}
              x2={x(at)}
              y1={edge.top - 8}
              y2={HEIGHT - edge.bottom + 8}
              stroke={c.accent}
              strokeWidth={1.2}
              strokeDasharray="4 4"
            />
          ))}
          {found?.plateaus
            .filter(({ is }) => is === 'idle' || is === 'cut')
            .map(({ from, to, meanA, is }) => (
              <G key={from}>
                <Line
                  x1={x(from)}
                  x2={x(to - 1)}
                  y1={y(meanA)}
                  y2={y(meanA)}
                  stroke={c.accent}
                  strokeWidth={is === 'cut' ? 4 : 2.5}
                />
                <SvgText
                  x={(x(from) + x(to - 1)) / 2}
                  y={y(meanA) - 6}
                  textAnchor="middle"
                  fontFamily={FONT.words}
                  fontSize={13}
                  fill={c.accent}
                >
                  {is}
                </SvgText>
              </G>
            ))}
          {[high, low].map((amps) => (
            <QuietText key={amps} x={width - edge.right + 8} y={y(amps) + 5} figures>
              {`${amps.toFixed(2)} A`}
            </QuietText>
          ))}
        </Svg>
      )}
    </View>
  );
}

const useStyles = themed((c) =>
  sheet({ paper: { height: HEIGHT, backgroundColor: c.sheet, borderWidth: 1, borderColor: c.line } }),
);
