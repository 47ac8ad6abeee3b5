import { View } from 'react-native';
import { laterPart } from '../../later-part';
import { USUAL_SKETCHES } from '../operation/usual-sketches';
import { sketchIn } from './drawing';
import { Paper, type CutSketchProps } from './Paper';

const MoreSketch = laterPart('MoreSketch');

/** The sketch of the cut, to scale. Its blue figures are touched to change the set-up. */
export function CutSketch(props: CutSketchProps) {
  const sketch = sketchIn(USUAL_SKETCHES, props.setup.operation);
  return sketch ? (
    <Paper {...props} sketch={sketch} />
  ) : (
    <View style={{ height: props.height }}>
      <MoreSketch {...props} />
    </View>
  );
}
