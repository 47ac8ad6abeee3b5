import type { GaugeUnit } from '@pike-stone/core/setting';
import { sayPiece } from '@pike-stone/words/form';
import { View } from 'react-native';
import Svg, { G, Rect } from 'react-native-svg';
import { SvgText } from '../../kit/drawing/SvgText';
import { useWidth } from '../../kit/useWidth';
import { useColours } from '../../theme/theme';
import { FONT } from '../../theme/type';

const ROW_PX = 30;
const MARGIN = 2;
/** A thin piece is drawn at least this thick, px. */
const THIN_PX = 5;
const LABEL_PX = 96;

/** The pieces of a stack lying side by side, as thick as they are to one another. */
export function StackPicture({
  pieces,
  unit,
  wearPiece,
}: {
  pieces: readonly number[];
  unit: GaugeUnit;
  wearPiece: number | null;
}) {
  const pen = useColours();
  const { width, onLayout } = useWidth();
  const all = wearPiece === null ? pieces : [wearPiece, ...pieces, wearPiece];
  const most = Math.max(...all);
  return (
    <View
      role="img"
      aria-label={`Stack of ${all.map((piece) => sayPiece(piece, unit)).join(', ')} ${unit}`}
      onLayout={onLayout}
      style={{ minHeight: ROW_PX * all.length }}
    >
      {width > 0 && (
        <Svg width={width} height={ROW_PX * all.length}>
          {all.map((piece, i) => (
            <G key={`${piece}${i}`}>
              <Rect
                x={LABEL_PX}
                y={ROW_PX * i + MARGIN}
                width={Math.max(THIN_PX, ((width - LABEL_PX - 8) * piece) / most)}
                height={ROW_PX - 2 * MARGIN}
                fill={pen.wash}
                stroke={pen.ink}
                strokeWidth={1.2}
              />
              <SvgText
                x={LABEL_PX - 10}
                y={ROW_PX * (i + 0.68)}
                textAnchor="end"
                fontFamily={FONT.figures}
                fontSize={16}
                fill={pen.ink}
              >
                {sayPiece(piece, unit)}
              </SvgText>
            </G>
          ))}
        </Svg>
      )}
    </View>
  );
}
