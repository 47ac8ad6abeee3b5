import { useState } from 'react';
import { useFormContext, useWatch } from 'react-hook-form';
import { StyleSheet, View } from 'react-native';
import Svg from 'react-native-svg';
import { useUnits } from '../../../data/preferences';
import { Keypad } from '../../../kit/Keypad';
import { themed, useColours } from '../../../theme/theme';
import { DimensionFigure } from '../../cut/sketch/dimensions';
import type { Raw } from '../form-spec';
import { fromRaw, lengthText } from '../form-values';
import { TOOL_KIND_WORDS, toolGroups } from '../tool-groups';
import { drawTool } from './draw-tool';
import { NumberPanel } from './NumberPanel';
import { isDrawn, knownSizes, sizesOf, type SizeKey } from './sizes';

const HEIGHT = 240;
/** Figures that are no lengths: angles and numbers of teeth. */
const PLAIN: readonly SizeKey[] = ['teeth', 'approachDeg', 'cornerDeg', 'threadAngleDeg', 'angleDeg'];
/** The form's own check says what fits exactly; this only keeps typing slips out. */
const LIMITS = { lowMm: 0.02, highMm: 600 } as const;

/** The tool as it is typed, drawn to scale; touching a figure types it. */
export function ToolDrawing() {
  const { control, setValue } = useFormContext<Raw>();
  const raw = useWatch({ control });
  const styles = useStyles();
  const pen = useColours();
  const units = useUnits();
  const [width, setWidth] = useState(0);
  const [touched, setTouched] = useState<SizeKey | null>(null);
  const { kind } = raw;
  if (!isDrawn(kind)) return null;
  const { body } = fromRaw(raw, toolGroups(raw), units, {});
  const paper = { width, height: HEIGHT, pen, units, known: knownSizes(body) };
  const drawing = width > 0 ? drawTool({ ...body, kind }, paper) : null;
  const value = touched ? sizesOf({ ...body, kind })[touched] : 0;
  const title = touched ? (drawing?.marks.find(({ key }) => key === touched)?.says ?? touched) : '';
  const put = (text: string) => {
    if (touched) setValue(touched, text, { shouldDirty: true, shouldValidate: true });
  };
  const close = () => setTouched(null);
  return (
    <View style={styles.paper} onLayout={(event) => setWidth(event.nativeEvent.layout.width)}>
      {drawing && (
        <>
          <View role="img" aria-label={`A ${TOOL_KIND_WORDS[kind]} to scale`} style={styles.art}>
            <Svg width={width} height={HEIGHT}>
              {drawing.art}
            </Svg>
          </View>
          {drawing.marks.map((mark) => (
            <DimensionFigure key={mark.key} mark={mark} onPress={() => setTouched(mark.key)} />
          ))}
        </>
      )}
      {touched && PLAIN.includes(touched) && (
        <NumberPanel
          key={touched}
          title={title}
          value={value}
          onSet={(number) => put(String(number))}
          onClose={close}
        />
      )}
      {touched && !PLAIN.includes(touched) && (
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

const useStyles = themed((c) =>
  StyleSheet.create({
    paper: {
      height: HEIGHT,
      backgroundColor: c.sheet,
      borderTopWidth: 1,
      borderBottomWidth: 1,
      borderColor: c.line,
      overflow: 'hidden',
    },
    art: { ...StyleSheet.absoluteFill, pointerEvents: 'none' },
  }),
);
