import { type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import Svg from 'react-native-svg';
import { sheet } from '../../theme/sheet';
import { themed, useTextScale } from '../../theme/theme';
import { apart } from './apart';
import { areaOf, DimensionFigure, type DimensionMark } from './dimensions';
import { useWidth } from '../useWidth';

/** What stands on the paper: the drawing itself, what it shows, and the figures on it. */
export interface TouchDrawing<Key extends string> {
  readonly art: ReactNode;
  readonly marks: readonly DimensionMark<Key>[];
  readonly says: string;
}

/** A sheet drawn on as wide as there is room, its figures above the drawing so that they can be touched. */
export function TouchPaper<Key extends string>({
  height,
  draw,
  onTouch,
}: {
  height: number;
  draw: (width: number) => TouchDrawing<Key> | null;
  onTouch: (mark: DimensionMark<Key>) => void;
}) {
  const styles = useStyles();
  const { width, onLayout } = useWidth();
  const drawing = width > 0 ? draw(width) : null;
  const scale = useTextScale();
  const areas = apart(drawing?.marks.map((mark) => areaOf(mark, scale)) ?? [], { width, height });
  return (
    <View style={[styles.paper, { height }]} onLayout={onLayout}>
      {drawing && (
        <>
          <View role="img" aria-label={drawing.says} style={styles.art}>
            <Svg width={width} height={height}>
              {drawing.art}
            </Svg>
          </View>
          {drawing.marks.map((mark, i) => (
            <DimensionFigure key={mark.key} mark={mark} area={areas[i]!} onPress={() => onTouch(mark)} />
          ))}
        </>
      )}
    </View>
  );
}

const useStyles = themed((c) =>
  sheet({
    paper: {
      backgroundColor: c.sheet,
      borderTopWidth: 1,
      borderBottomWidth: 1,
      borderColor: c.line,
      overflow: 'hidden',
    },
    art: { ...StyleSheet.absoluteFill, pointerEvents: 'none' },
  }),
);
