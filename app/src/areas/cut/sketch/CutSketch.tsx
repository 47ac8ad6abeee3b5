import type { Operation } from '@pike-stone/core';
import { View } from 'react-native';
import { laterWith } from '../../../kit/later';
import type { Drawing, SketchInput } from './drawing';
import { boreDrawing } from './bore';
import { drillDrawing } from './drill';
import { millDrawing } from './mill';
import { Paper, type CutSketchProps } from './Paper';
import { partDrawing } from './part';
import { reamDrawing } from './ream';
import { shapeDrawing } from './shape';
import { faceDrawing, turnDrawing } from './turn';

/** The sketches of the commonest operations; the others come after the first load. */
export const DRAW: Partial<Record<Operation, (input: SketchInput) => Drawing>> = {
  turn: turnDrawing,
  face: faceDrawing,
  bore: boreDrawing,
  drill: drillDrawing,
  ream: reamDrawing,
  part: partDrawing,
  shape: shapeDrawing,
  'mill-side': millDrawing,
  'mill-slot': millDrawing,
  'face-mill': millDrawing,
};
const MoreSketch = laterWith<CutSketchProps>(() =>
  import('../pages').then((pages) => ({ default: pages.MoreSketch })),
);

/** The cut itself, to scale. Its blue figures are the form. */
export function CutSketch(props: CutSketchProps) {
  const draw = DRAW[props.setup.operation];
  return draw ? (
    <Paper {...props} draw={draw} />
  ) : (
    <View style={{ height: props.height }}>
      <MoreSketch {...props} />
    </View>
  );
}
