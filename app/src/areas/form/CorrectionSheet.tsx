import {
  USUAL_FACE_GRIND_MM,
  formKept,
  heightErrors,
  sharpeningError,
  sharpeningsLeft,
  worstOf,
  type FormShape,
} from '@pike-stone/core/form';
import { unlessRefused } from '@pike-stone/core';
import {
  sayHeightErrors,
  saySharpening,
  saySharpeningsLeft,
  saySmall,
  sayUncorrected,
} from '@pike-stone/words/form';
import { View } from 'react-native';
import { useUnits } from '../../data/preferences';
import { Button } from '../../kit/Button';
import { Sheet } from '../../kit/Screen';
import { Words } from '../../kit/Words';
import { sheet } from '../../theme/sheet';
import { SPACE } from '../../theme/type';
import { ErrorCurve } from './ErrorCurve';
import type { Form } from './use-form';

/** A height by which an edge is easily out, and what is ground off a face in a few sharpenings, mm. */
const OUT_MM = { mm: 0.2, inch: 0.254 } as const;

/** What rake and clearance do to the form, corrected or not; what height and sharpening do. */
export function CorrectionSheet({
  form,
  shape,
  corrected,
}: {
  form: Form;
  shape: FormShape;
  corrected: NonNullable<Form['corrected']>;
}) {
  const units = useUnits();
  const { tool, way } = form.body;
  const outMm = OUT_MM[units];
  const grindMm = USUAL_FACE_GRIND_MM[units];
  const { worst, uncorrected } = corrected;
  const edgeAt = (heightMm: number): number | null =>
    unlessRefused(() => worstOf(heightErrors(shape, tool, heightMm)).errorMm, null);
  const [high, low] = [edgeAt(outMm), edgeAt(-outMm)];
  const loses = unlessRefused(() => sharpeningError(shape, tool, way, outMm), 0);
  const { faceGroundMm } = form.body;
  const count = unlessRefused(() => sharpeningsLeft(tool, faceGroundMm, grindMm), 0);
  const now =
    faceGroundMm === 0 ? 0 : unlessRefused(() => sharpeningError(shape, tool, way, faceGroundMm), 0);
  return (
    <Sheet>
      <View style={styles.box} testID="correction">
        <Words role="heading">Corrected for rake and clearance</Words>
        <ErrorCurve errors={uncorrected} depthMm={shape.depthMm} />
        <Words>{sayUncorrected(worst, units)}</Words>
        {high !== null && low !== null && <Words>{sayHeightErrors(outMm, high, low, units)}</Words>}
        <Words>{saySharpening(formKept(tool, way), outMm, loses, units)}</Words>
        <Words testID="sharpenings">{saySharpeningsLeft(count, faceGroundMm, now, units)}</Words>
        <Button
          label={`Sharpened: ${saySmall(grindMm, units)} off the face`}
          disabled={count === 0}
          onPress={() =>
            form.change(
              { faceGroundMm: Number((faceGroundMm + grindMm).toFixed(4)) },
              'Counted as sharpened.',
            )
          }
        />
      </View>
    </Sheet>
  );
}

const styles = sheet({ box: { padding: SPACE.edge, gap: SPACE.close } });
