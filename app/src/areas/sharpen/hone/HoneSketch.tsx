import { honeBands } from '@pike-stone/core/grind';
import { View } from 'react-native';
import Svg, { Line, Path, Rect } from 'react-native-svg';
import { QuietText } from '../../../kit/drawing/QuietText';
import { SvgText } from '../../../kit/drawing/SvgText';
import { useWidth } from '../../../kit/useWidth';
import { useColours } from '../../../theme/theme';
import { FONT } from '../../../theme/type';

const HEIGHT = 150;
const FACE_Y = 74;
const MARGIN = 26;
/** The hollow is drawn as deep as this, whatever it is: to scale it would not be seen. */
const HOLLOW_PX = 26;

/** A flat stone on a hollow face: it touches edge and heel. Along the face to scale, across it enlarged. */
export function HoneSketch({
  landMm,
  wheelMm,
  depthMm,
}: {
  landMm: number;
  wheelMm: number;
  depthMm: number;
}) {
  const pen = useColours();
  const { width, onLayout } = useWidth();
  const { bandMm, sagittaMm } = honeBands(landMm, wheelMm / 2, depthMm);
  const scale = (width - 2 * MARGIN) / landMm;
  const left = MARGIN;
  const right = width - MARGIN;
  const down = (share: number): number =>
    HOLLOW_PX * Math.max(0, 1 - depthMm / sagittaMm) * (1 - share * share);
  const hollow = Array.from({ length: 21 }, (_, i) => {
    const share = -1 + (2 * i) / 20;
    const inner = landMm / 2 - bandMm;
    return `L${(width / 2 + share * inner * scale).toFixed(1)} ${(FACE_Y + down(share)).toFixed(1)}`;
  }).join('');
  return (
    <View
      role="img"
      aria-label="A flat stone on the hollow face: it touches along edge and heel"
      onLayout={onLayout}
      style={{ minHeight: HEIGHT }}
    >
      {width > 0 && (
        <Svg width={width} height={HEIGHT}>
          <Rect
            x={left - 14}
            y={FACE_Y - 34}
            width={right - left + 28}
            height={33}
            fill={pen.line}
            stroke={pen.ink}
          />
          <Path
            d={`M${left} ${FACE_Y}${hollow}L${right} ${FACE_Y}L${right - 8} ${HEIGHT - 8}L${left + 26} ${HEIGHT - 8}Z`}
            fill={pen.wash}
            stroke={pen.ink}
            strokeWidth={1.4}
          />
          <Line
            x1={left}
            x2={left + bandMm * scale}
            y1={FACE_Y}
            y2={FACE_Y}
            stroke={pen.accent}
            strokeWidth={5}
          />
          <Line
            x1={right - bandMm * scale}
            x2={right}
            y1={FACE_Y}
            y2={FACE_Y}
            stroke={pen.accent}
            strokeWidth={5}
          />
          <QuietText x={left + 34} y={HEIGHT - 16}>
            edge
          </QuietText>
          <QuietText x={right - 16} y={HEIGHT - 16} anchor="end">
            heel
          </QuietText>
          <SvgText
            x={width / 2}
            y={FACE_Y - 13}
            textAnchor="middle"
            fontFamily={FONT.words}
            fontSize={14}
            fill={pen.ink}
          >
            flat stone
          </SvgText>
        </Svg>
      )}
    </View>
  );
}
