import type { CutPlan, CutSetup } from '@pike-stone/core';
import type { UnitSystem } from '@pike-stone/words';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import Svg from 'react-native-svg';
import { themed, useColours } from '../../../theme/theme';
import { DimensionFigure, type DimensionKey } from './dimensions';
import type { OperationSketch } from './drawing';

export interface CutSketchProps {
  readonly setup: CutSetup;
  readonly plan: CutPlan;
  readonly units: UnitSystem;
  readonly height: number;
  readonly onTouch: (key: DimensionKey) => void;
}

/** The sheet that a sketch is drawn on, with its figures above the drawing so that they can be touched. */
export function Paper({
  setup,
  plan,
  units,
  height,
  onTouch,
  sketch,
}: CutSketchProps & { sketch: OperationSketch }) {
  const styles = useStyles();
  const colours = useColours();
  const [width, setWidth] = useState(0);
  const drawing = width > 0 ? sketch.draw({ setup, plan, units, width, height, pen: colours }) : null;
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
            <DimensionFigure key={mark.key} mark={mark} onPress={() => onTouch(mark.key)} />
          ))}
        </>
      )}
    </View>
  );
}

const useStyles = themed((c) =>
  StyleSheet.create({
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
