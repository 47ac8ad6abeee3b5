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
import { FORM_KEPT_WORDS, sayFine, saySigned } from '@pike-stone/words/form';
import { formatLength, joined } from '@pike-stone/words';
import { View } from 'react-native';
import { useUnits } from '../../data/preferences';
import { Button } from '../../kit/Button';
import { Sheet } from '../../kit/Screen';
import { Words } from '../../kit/Words';
import { sheet } from '../../theme/sheet';
import { SPACE } from '../../theme/type';
import { ErrorCurve } from './ErrorCurve';
import type { Form } from './use-form';

/** A height by which an edge is easily out, and what a sharpening takes off the face, mm. */
const HEIGHT_OUT_MM = 0.2;
const FACE_MM = 0.2;

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
  const { worst, uncorrected } = corrected;
  const kept = formKept(tool, way);
  const [high, low] = [HEIGHT_OUT_MM, -HEIGHT_OUT_MM].map((height) =>
    unlessRefused(() => worstOf(heightErrors(shape, tool, height)).errorMm, null),
  );
  const loses = unlessRefused(() => sharpeningError(shape, tool, way, FACE_MM), 0);
  const { faceGroundMm } = form.body;
  const count = unlessRefused(() => sharpeningsLeft(tool, faceGroundMm), 0);
  const now =
    faceGroundMm === 0 ? 0 : unlessRefused(() => sharpeningError(shape, tool, way, faceGroundMm), 0);
  /** A small size: thou where the shop works in inches. */
  const small = (mm: number): string =>
    units === 'mm' ? joined(formatLength(mm, units)) : sayFine(mm, units);
  const out = small(HEIGHT_OUT_MM);
  return (
    <Sheet>
      <View style={styles.box} testID="correction">
        <Words role="heading">Corrected for rake and clearance</Words>
        <ErrorCurve errors={uncorrected} depthMm={shape.depthMm} />
        <Words>
          {Math.abs(worst.errorMm) < 1e-6
            ? 'This tool needs no correction: shaped to the form itself it cuts it.'
            : `Shaped to the form itself it would cut up to ${saySigned(worst.errorMm, units)} in depth. The dashed line is what its face shows once corrected.`}
        </Words>
        {high !== null && low !== null && (
          <Words>
            {`Edge ${out} too high: ${saySigned(high!, units)}; too low: ${saySigned(low!, units)}, at the worst place.`}
          </Words>
        )}
        <Words>
          {`${FORM_KEPT_WORDS[kept]}${loses === 0 ? '' : ` ${sayFine(Math.abs(loses), units)} after ${small(FACE_MM)} off the face.`}`}
        </Words>
        <Words testID="sharpenings">
          {`About ${count} sharpenings left, at ${small(USUAL_FACE_GRIND_MM)} each.${faceGroundMm === 0 ? '' : ` ${small(faceGroundMm)} are off its face${now === 0 ? '' : `, which is ${sayFine(Math.abs(now), units)} of the form`}.`}`}
        </Words>
        <Button
          label={`Sharpened: ${small(USUAL_FACE_GRIND_MM)} off the face`}
          disabled={count === 0}
          onPress={() =>
            form.change(
              { faceGroundMm: Number((faceGroundMm + USUAL_FACE_GRIND_MM).toFixed(4)) },
              'Counted as sharpened.',
            )
          }
        />
      </View>
    </Sheet>
  );
}

const styles = sheet({ box: { padding: SPACE.edge, gap: SPACE.close } });
