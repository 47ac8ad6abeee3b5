import { boundsOf, type Profile } from '@pike-stone/core/form';
import { useState } from 'react';
import { View } from 'react-native';
import { useUnits } from '../../../data/preferences';
import { Button } from '../../../kit/Button';
import { TouchPaper } from '../../../kit/drawing/TouchPaper';
import { useWidth } from '../../../kit/useWidth';
import { sheet } from '../../../theme/sheet';
import { useColours } from '../../../theme/theme';
import { SPACE } from '../../../theme/type';
import type { Form } from '../use-form';
import type { Placing } from './profile-path';
import { CornerHandles } from './CornerHandles';
import { drawForm, formPlacing, WHOLE, type FormMark } from './draw-form';

const HEIGHT = 300;
const STEP = 2;
const MOST_ZOOM = 64;
const MOVE_PX = 80;
/** Dragged corners are set down on these steps, mm. */
const STEP_MM = { mm: 0.05, inch: 0.0254 } as const;

/** The form to scale, at any magnification; the figures on it open what it is begun from. */
export function FormSketch({ form, onTouch }: { form: Form; onTouch: () => void }) {
  const units = useUnits();
  const pen = useColours();
  const [look, setLook] = useState(WHOLE);
  const { width, onLayout } = useWidth();
  const { shape, corrected } = form;
  if (!shape) return null;
  const zoomBy = (factor: number) =>
    setLook(({ zoom, dx, dy }) => {
      const next = Math.min(MOST_ZOOM, Math.max(1, zoom * factor));
      return next === 1 ? WHOLE : { zoom: next, dx: (dx * next) / zoom, dy: (dy * next) / zoom };
    });
  const move = (dx: number, dy: number) => setLook((now) => ({ ...now, dx: now.dx + dx, dy: now.dy + dy }));
  const isClose = look.zoom > 1;
  const { source } = form.body;
  return (
    <View>
      <View onLayout={onLayout}>
        <TouchPaper<FormMark>
          height={HEIGHT}
          onTouch={onTouch}
          draw={(width) =>
            drawForm(shape, corrected?.onFace ?? null, { pen, units, width, height: HEIGHT, look })
          }
        />
        {source.kind === 'corners' && width > 0 && (
          <CornerHandles
            corners={source.corners}
            placed={placedOn(source.corners, shape.profile, { width, height: HEIGHT, look })}
            stepMm={STEP_MM[units]}
            onMove={(corners) => form.change({ source: { kind: 'corners', corners } }, 'Corner moved.')}
          />
        )}
      </View>
      <View style={styles.buttons}>
        <Button label="Larger" onPress={() => zoomBy(STEP)} disabled={look.zoom >= MOST_ZOOM} />
        {isClose && (
          <>
            <Button label="Smaller" onPress={() => zoomBy(1 / STEP)} />
            <Button label="←" says="Look left" onPress={() => move(MOVE_PX, 0)} />
            <Button label="→" says="Look right" onPress={() => move(-MOVE_PX, 0)} />
            <Button label="↑" says="Look up" onPress={() => move(0, MOVE_PX)} />
            <Button label="↓" says="Look down" onPress={() => move(0, -MOVE_PX)} />
            <Button label="Whole" onPress={() => setLook(WHOLE)} />
          </>
        )}
      </View>
    </View>
  );
}

/** Where corners as they were typed lie on the paper: the form itself is drawn with its tip at height 0. */
function placedOn(corners: Profile, drawn: Profile, paper: Parameters<typeof formPlacing>[1]): Placing {
  const placed = formPlacing(drawn, paper);
  const [typed, shown] = [boundsOf(corners), boundsOf(drawn)];
  const [dx, dy] = [shown.left - typed.left, shown.low - typed.low];
  return { pxPerMm: placed.pxPerMm, at: ([x, y]) => placed.at([x + dx, y + dy]) };
}

const styles = sheet({
  buttons: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    gap: SPACE.close,
    padding: SPACE.edge,
    paddingTop: SPACE.close,
  },
});
