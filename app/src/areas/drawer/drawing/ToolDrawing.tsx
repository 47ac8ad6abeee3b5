import { capital } from '@pike-stone/words';
import { useState } from 'react';
import { useFormContext, useWatch } from 'react-hook-form';
import { View } from 'react-native';
import { useUnits } from '../../../data/preferences';
import { Keypad } from '../../../kit/Keypad';
import { TouchPaper } from '../../../kit/drawing/TouchPaper';
import { useColours } from '../../../theme/theme';
import type { Raw } from '../form-spec';
import { FigurePanel } from '../../figures/FigurePanel';
import { lengthText } from '../../figures/read-figure';
import { fromRaw } from '../form-values';
import { TOOL_KIND_WORDS, toolGroups } from '../tool-groups';
import { drawTool } from './draw-tool';
import { isLength, type SizeMark } from './paper';
import { isDrawn, knownSizes, sizesOf } from './sizes';

const HEIGHT = 240;
const MOST_PLAIN = 180;
/** The form's own check says what fits exactly; this only keeps typing slips out. */
const LIMITS = { lowMm: 0.02, highMm: 600 } as const;

/** The tool as it is typed, drawn to scale; touching a figure types it. */
export function ToolDrawing() {
  const { control, setValue } = useFormContext<Raw>();
  const raw = useWatch({ control });
  const pen = useColours();
  const units = useUnits();
  const [mark, setMark] = useState<SizeMark | null>(null);
  const { kind } = raw;
  if (!isDrawn(kind)) return null;
  const { body } = fromRaw(raw, toolGroups(raw), units, {});
  const draw = (width: number) => {
    const drawn = drawTool({ ...body, kind }, { width, height: HEIGHT, pen, units, known: knownSizes(body) });
    return drawn && { ...drawn, says: `${capital(TOOL_KIND_WORDS[kind])}, to scale` };
  };
  const touched = mark?.key;
  const title = mark?.says ?? '';
  const value = touched ? sizesOf({ ...body, kind })[touched] : 0;
  const put = (text: string) => {
    if (touched) setValue(touched, text, { shouldDirty: true, shouldValidate: true });
  };
  const close = () => setMark(null);
  return (
    <View>
      <TouchPaper height={HEIGHT} draw={draw} onTouch={setMark} />
      {touched && !isLength(touched) && (
        <FigurePanel
          key={touched}
          title={title}
          fields={[
            {
              key: 'figure',
              label: title,
              hideLabel: true,
              kind: touched === 'teeth' ? 'whole' : 'number',
              low: 1,
              high: MOST_PLAIN,
              start: String(value),
            },
          ]}
          onSet={({ figure: [typed] }) => put(String(typed))}
          onClose={close}
        />
      )}
      {touched && isLength(touched) && (
        <Keypad
          title={title}
          place={`tool-${touched}`}
          valueMm={value}
          limits={LIMITS}
          field={kind === 'drill' && touched === 'diameterMm' ? 'drill' : 'diameter'}
          onSet={(mm) => put(lengthText(mm, units))}
          onClose={close}
        />
      )}
    </View>
  );
}
