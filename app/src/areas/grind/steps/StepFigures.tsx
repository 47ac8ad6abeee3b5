import type { GrindStep } from '@pike-stone/core/grind';
import { sayStepFigures } from '@pike-stone/words/grind';
import { StyleSheet, View } from 'react-native';
import { Words } from '../../../kit/Words';
import { themed } from '../../../theme/theme';
import { SPACE } from '../../../theme/type';

/** Turn, tilt and what the protractor must read, as large as they go. */
export function StepFigures({ step }: { step: GrindStep }) {
  const styles = useStyles();
  const shown = sayStepFigures(step);
  if (shown.length === 0) return null;
  return (
    <View style={styles.figures}>
      {shown.map(({ label, figure, about }) => (
        <View key={label} style={styles.figure} testID={`step-${label}`}>
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
  StyleSheet.create({
    figures: {
      flexDirection: 'row',
      backgroundColor: c.sheet,
      borderBottomWidth: 1,
      borderBottomColor: c.line,
    },
    figure: {
      flex: 1,
      paddingHorizontal: SPACE.near,
      paddingVertical: SPACE.hair,
      borderRightWidth: 1,
      borderRightColor: c.line,
    },
    huge: { fontSize: 42, lineHeight: 50, fontWeight: '600', fontVariant: ['tabular-nums'] },
  }),
);
