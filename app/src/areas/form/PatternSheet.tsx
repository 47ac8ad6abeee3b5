import {
  CUTTER_RANGES,
  PATTERN_ALLOWANCE_MM,
  patternError,
  patternsAround,
  type Gear,
} from '@pike-stone/core/form';
import { unlessRefused } from '@pike-stone/core';
import { fineFigure, sayCutterRange, sayFine, sayPatternBars } from '@pike-stone/words/form';
import { useMemo } from 'react';
import { View } from 'react-native';
import Svg, { Line, Rect } from 'react-native-svg';
import { useUnits } from '../../data/preferences';
import { SvgText } from '../../kit/drawing/SvgText';
import { Sheet } from '../../kit/Screen';
import { Words } from '../../kit/Words';
import { useWidth } from '../../kit/useWidth';
import { sheet } from '../../theme/sheet';
import { useColours } from '../../theme/theme';
import { FONT, SPACE } from '../../theme/type';
import { ErrorCurve } from './ErrorCurve';

const HEIGHT = 150;
const FOOT = 22;

/** What a gear of another count makes of this one as its pattern, and which cutter of the set makes it. */
export function PatternSheet({ gear: { wanted, drawn } }: { gear: { wanted: Gear; drawn: Gear } }) {
  const pen = useColours();
  const units = useUnits();
  const { width, onLayout } = useWidth();
  const { teeth } = wanted;
  const bars = useMemo(() => patternsAround(wanted), [wanted]);
  /** The error along the flank of the wanted gear; null when the form is drawn for its own count. */
  const flank = useMemo(
    () => (drawn.teeth === teeth ? null : unlessRefused(() => patternError(wanted, drawn.teeth), null)),
    [wanted, teeth, drawn.teeth],
  );
  const most = Math.max(PATTERN_ALLOWANCE_MM * 1.5, ...bars.map(({ maxMm }) => maxMm));
  const step = width / bars.length;
  const high = (mm: number): number => ((HEIGHT - FOOT - 20) * mm) / most;
  return (
    <Sheet>
      <View style={styles.box} testID="pattern">
        <Words role="heading">{`Which gear may be the pattern for ${teeth} teeth`}</Words>
        <View
          role="img"
          aria-label={bars
            .map(({ teeth: count, maxMm }) => `${count} teeth ${sayFine(maxMm, units)}`)
            .join(', ')}
          onLayout={onLayout}
          style={{ minHeight: HEIGHT }}
        >
          {width > 0 && (
            <Svg width={width} height={HEIGHT}>
              <Line
                x1={0}
                x2={width}
                y1={HEIGHT - FOOT - high(PATTERN_ALLOWANCE_MM)}
                y2={HEIGHT - FOOT - high(PATTERN_ALLOWANCE_MM)}
                stroke={pen.danger}
                strokeDasharray="6 4"
                strokeWidth={1.2}
              />
              {bars.map(({ teeth: count, maxMm }, i) => (
                <Rect
                  key={count}
                  x={i * step + 3}
                  y={HEIGHT - FOOT - Math.max(1, high(maxMm))}
                  width={step - 6}
                  height={Math.max(1, high(maxMm))}
                  fill={count === drawn.teeth ? pen.accent : pen.wash}
                  stroke={pen.accent}
                  strokeWidth={1}
                />
              ))}
              {bars.map(({ teeth: count, maxMm }, i) => (
                <SvgText
                  key={`e${count}`}
                  x={i * step + step / 2}
                  y={HEIGHT - FOOT - high(maxMm) - 5}
                  textAnchor="middle"
                  fontFamily={FONT.figures}
                  fontSize={step > 40 ? 13 : 11}
                  fill={pen.ink}
                >
                  {fineFigure(maxMm, units)}
                </SvgText>
              ))}
              {bars.map(({ teeth: count }, i) => (
                <SvgText
                  key={`c${count}`}
                  x={i * step + step / 2}
                  y={HEIGHT - 6}
                  textAnchor="middle"
                  fontFamily={FONT.figures}
                  fontSize={13}
                  fill={pen.quiet}
                >
                  {String(count)}
                </SvgText>
              ))}
            </Svg>
          )}
        </View>
        <Words role="note">{sayPatternBars(units)}</Words>
        {flank && (
          <>
            <Words role="strong">{`Along the flank, drawn for ${drawn.teeth} teeth`}</Words>
            <ErrorCurve
              errors={flank.flank.map(({ heightMm, deviationMm }) => ({
                depthMm: heightMm - flank.activeFromMm,
                errorMm: deviationMm,
              }))}
              depthMm={flank.flank.at(-1)!.heightMm - flank.activeFromMm}
              begins="bottom of the flank"
              ends="tip"
            />
            <Words role="note">Plus: metal is left on the tooth; minus: cut away too much.</Words>
          </>
        )}
        <Words>{sayCutterRange(teeth)}</Words>
        <Words role="note">{`Customary ranges of a set of ${CUTTER_RANGES.length}; a form computed for its own count has no error.`}</Words>
      </View>
    </Sheet>
  );
}

const styles = sheet({ box: { padding: SPACE.edge, gap: SPACE.close } });
