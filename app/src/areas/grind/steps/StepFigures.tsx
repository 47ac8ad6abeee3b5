import type { GrindStep } from '@pike-stone/core/grind';
import { sayStepFigures, type StepFigure } from '@pike-stone/words/grind';
import { View } from 'react-native';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { themed } from '../../../theme/theme';
import { SPACE } from '../../../theme/type';

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
      {shown.map(({ label, figure, about }) => (
        <View
          key={label}
          style={[styles.figure, { flex: Math.max(LEAST_CHARACTERS, figure.length) }]}
          testID={`step-${label}`}
        >
          <Words role="note">{label}</Words>
          <Words style={styles.huge} numberOfLines={1}>
            {figure}
          </Words>
          <Words role="note">{about}</Words>
        </View>
      ))}
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
    huge: { fontSize: 40, lineHeight: 48, fontWeight: '600', fontVariant: ['tabular-nums'] },
  }),
);
