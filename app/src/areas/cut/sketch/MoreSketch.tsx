import { MORE_SKETCHES } from '../operation/more-sketches';
import { sketchIn } from './drawing';
import { Paper, type CutSketchProps } from './Paper';

/** The sketch of a less usual operation. */
export function MoreSketch(props: CutSketchProps) {
  const sketch = sketchIn(MORE_SKETCHES, props.setup.operation);
  return sketch && <Paper {...props} sketch={sketch} />;
}
