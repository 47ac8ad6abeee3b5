import type { CutPlan, CutSetup, Operation, UnitSystem } from '@pike-stone/core';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import Svg from 'react-native-svg';
import { themed, useColours } from '../../../theme/theme';
import { DimensionFigure, type DimensionKey } from './dimensions';
import type { Drawing, SketchInput } from './drawing';
import { boreDrawing } from './bore';
import { drillDrawing } from './drill';
import { millDrawing } from './mill';
import { partDrawing } from './part';
import { reamDrawing } from './ream';
import { shapeDrawing } from './shape';
import { faceDrawing, turnDrawing } from './turn';

/** The sketch of each operation. */
export const DRAW: Readonly<Record<Operation, (input: SketchInput) => Drawing>> = {
  turn: turnDrawing, face: faceDrawing, bore: boreDrawing, drill: drillDrawing, ream: reamDrawing, part: partDrawing, shape: shapeDrawing, 'mill-side': millDrawing, 'mill-slot': millDrawing, 'face-mill': millDrawing,
};

interface CutSketchProps {
  readonly setup: CutSetup;
  readonly plan: CutPlan;
  readonly units: UnitSystem;
  readonly height: number;
  readonly onTouch: (key: DimensionKey) => void;
}

/** The cut itself, to scale. Its blue figures are the form. */
export function CutSketch({ setup, plan, units, height, onTouch }: CutSketchProps) {
  const styles = useStyles();
  const colours = useColours();
  const [width, setWidth] = useState(0);
  const drawing = width > 0 ? DRAW[setup.operation]({ setup, plan, units, width, height, pen: colours }) : null;
  return (
    <View style={[styles.paper, { height }]} onLayout={(event) => setWidth(event.nativeEvent.layout.width)}>
      {drawing && (
        <>
          <View role="img" aria-label={drawing.says} style={styles.art}><Svg width={width} height={height}>{drawing.art}</Svg></View>
          {drawing.marks.map((mark) => <DimensionFigure key={mark.key} mark={mark} onPress={() => onTouch(mark.key)} />)}
        </>
      )}
    </View>
  );
}

const useStyles = themed((c) =>
  StyleSheet.create({
    paper: { backgroundColor: c.sheet, borderTopWidth: 1, borderBottomWidth: 1, borderColor: c.line, overflow: 'hidden' },
    art: { ...StyleSheet.absoluteFill, pointerEvents: 'none' },
  }),
);
