import type { DepthError } from '@pike-stone/core/form';
import { formatLength, joined } from '@pike-stone/words';
import { saySigned } from '@pike-stone/words/form';
import { View } from 'react-native';
import Svg, { Line, Path } from 'react-native-svg';
import { useUnits } from '../../data/preferences';
import { linePath } from '../../kit/drawing/line-path';
import { QuietText } from '../../kit/drawing/QuietText';
import { SvgText } from '../../kit/drawing/SvgText';
import { useWidth } from '../../kit/useWidth';
import { useColours } from '../../theme/theme';
import { FONT } from '../../theme/type';

const HEIGHT = 132;
const LEFT = 12;
const FOOT = 28;
const TOP = 28;
/** Errors smaller than this are drawn as none, mm. */
const NOTHING_MM = 1e-6;

/** An error along the form, from one end to the other, with the largest at the end said. */
export function ErrorCurve({
  errors,
  depthMm,
  begins = 'tip',
  ends,
}: {
  errors: readonly DepthError[];
  depthMm: number;
  /** What stands at its two ends. */
  begins?: string;
  ends?: string;
}) {
  const pen = useColours();
  const units = useUnits();
  const { width, onLayout } = useWidth();
  const values = errors.map(({ errorMm }) => errorMm);
  const [least, most] = [Math.min(0, ...values), Math.max(0, ...values)];
  const span = Math.max(NOTHING_MM, most - least);
  const x = (depth: number): number => LEFT + ((width - 2 * LEFT) * depth) / depthMm;
  const y = (error: number): number => TOP + ((HEIGHT - FOOT - TOP) * (most - error)) / span;
  const last = errors[errors.length - 1]!;
  return (
    <View
      role="img"
      aria-label={`Error over the depth, ${saySigned(last.errorMm, units)} at ${joined(formatLength(depthMm, units))}`}
      onLayout={onLayout}
      style={{ minHeight: HEIGHT }}
    >
      {width > 0 && (
        <Svg width={width} height={HEIGHT}>
          <Line x1={LEFT} x2={width - LEFT} y1={y(0)} y2={y(0)} stroke={pen.quiet} strokeWidth={1} />
          <Path
            d={linePath(errors.map(({ depthMm: d, errorMm }) => [x(d), y(errorMm)]))}
            stroke={pen.accent}
            strokeWidth={2.2}
            fill="none"
          />
          <SvgText
            x={width - LEFT}
            y={TOP - 8}
            textAnchor="end"
            fontFamily={FONT.figures}
            fontSize={13}
            fill={pen.ink}
          >
            {saySigned(last.errorMm, units)}
          </SvgText>
          <QuietText x={LEFT} y={HEIGHT - 8}>
            {begins}
          </QuietText>
          <QuietText x={width - LEFT} y={HEIGHT - 8} anchor="end">
            {ends ?? `${joined(formatLength(depthMm, units))} deep`}
          </QuietText>
        </Svg>
      )}
    </View>
  );
}
