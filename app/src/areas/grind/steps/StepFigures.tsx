import type { GrindStep } from '@pike-stone/core/grind';
import { sayStepFigures, type StepFigure } from '@pike-stone/words/grind';
import { Text, View } from 'react-native';
import { Words } from '../../../kit/Words';
import { useWidth } from '../../../kit/useWidth';
import { sheet } from '../../../theme/sheet';
import { themed, useTextScale } from '../../../theme/theme';
import { FONT, SPACE } from '../../../theme/type';

/** A column is at least as wide as so many characters of its figure: its words stand under it. */
const LEAST_CHARACTERS = 4;

/** Turn, tilt and what the protractor must read. */
export const StepFigures = ({ step }: { step: GrindStep }) => <BigFigures shown={sayStepFigures(step)} />;

/** Figures side by side, as large as they go. */
export function BigFigures({ shown }: { shown: readonly StepFigure[] }) {
  const styles = useStyles();
  if (shown.length === 0) return null;
  return (
    <View style={styles.figures}>
      {shown.map((one) => (
        <BigFigure key={one.label} shown={one} />
      ))}
    </View>
  );
}

/** Width of a figure, as a share of its height. */
const FIGURE_SHARE = 0.66;
const LARGEST = 40;

/** One of them: as large as its column has room for. */
function BigFigure({ shown: { label, figure, about } }: { shown: StepFigure }) {
  const styles = useStyles();
  const scale = useTextScale();
  const { width: room, onLayout } = useWidth();
  const largest = LARGEST * scale;
  const size = room > 0 ? Math.min(largest, room / (figure.length * FIGURE_SHARE)) : largest;
  return (
    <View
      style={[styles.figure, { flex: Math.max(LEAST_CHARACTERS, figure.length) }]}
      testID={`step-${label}`}
    >
      <Words role="note">{label}</Words>
      <View onLayout={onLayout}>
        <Text style={[styles.huge, { fontSize: size, lineHeight: size * 1.2 }]} numberOfLines={1}>
          {figure}
        </Text>
      </View>
      <Words role="note">{about}</Words>
    </View>
  );
}

const useStyles = themed((c) =>
  sheet({
    figures: {
      flexDirection: 'row',
      backgroundColor: c.sheet,
      borderBottomWidth: 1,
      borderBottomColor: c.line,
    },
    figure: {
      paddingHorizontal: SPACE.close,
      paddingVertical: SPACE.hair,
      borderRightWidth: 1,
      borderRightColor: c.line,
    },
    huge: { fontFamily: FONT.words, fontWeight: '600', color: c.ink, fontVariant: ['tabular-nums'] },
  }),
);
