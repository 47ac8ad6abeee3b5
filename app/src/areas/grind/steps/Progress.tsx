import { View } from 'react-native';
import { sheet } from '../../../theme/sheet';
import { themed } from '../../../theme/theme';

/** How far the grinding has come: a dash for each step. */
export function Progress({ at, of }: { at: number; of: number }) {
  const styles = useStyles();
  return (
    <View style={styles.progress} role="img" aria-label={`Step ${at + 1} of ${of}`}>
      {Array.from({ length: of }, (_, i) => (
        <View key={i} style={[styles.dash, i < at && styles.dashDone, i === at && styles.dashHere]} />
      ))}
    </View>
  );
}

const useStyles = themed((c) =>
  sheet({
    progress: { flexDirection: 'row', gap: 4 },
    dash: { width: 16, height: 4, backgroundColor: c.line },
    dashDone: { backgroundColor: c.ink },
    dashHere: { backgroundColor: c.accent },
  }),
);
