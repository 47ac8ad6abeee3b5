import { useState, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import Svg from 'react-native-svg';
import { sheet } from '../../theme/sheet';
import { themed } from '../../theme/theme';
import { DimensionFigure, type DimensionMark } from './dimensions';

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
  const [width, setWidth] = useState(0);
  const drawing = width > 0 ? draw(width) : null;
  return (
    <View style={[styles.paper, { height }]} onLayout={(event) => setWidth(event.nativeEvent.layout.width)}>
      {drawing && (
        <>
          <View role="img" aria-label={drawing.says} style={styles.art}>
            <Svg width={width} height={height}>
              {drawing.art}
            </Svg>
          </View>
          {drawing.marks.map((mark) => (
            <DimensionFigure key={mark.key} mark={mark} onPress={() => onTouch(mark)} />
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
