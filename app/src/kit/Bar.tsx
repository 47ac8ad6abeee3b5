import { View } from 'react-native';
import { sheet } from '../theme/sheet';
import { themed } from '../theme/theme';

/** A share from 0 to 1 as a filled bar; with a name it is read aloud as progress. */
export function Bar({
  share,
  thin = false,
  progressOf,
}: {
  share: number;
  thin?: boolean;
  progressOf?: string;
}) {
  const styles = useStyles();
  const percent = 100 * Math.min(1, Math.max(0, share));
  const progress = progressOf && {
    role: 'progressbar' as const,
    'aria-label': progressOf,
    'aria-valuenow': Math.round(percent),
    'aria-valuemin': 0,
    'aria-valuemax': 100,
  };
  return (
    <View {...progress} style={[styles.trough, thin ? styles.thin : styles.framed]}>
      <View style={[styles.filled, { width: `${percent}%` }]} />
    </View>
  );
}

const useStyles = themed((c) =>
  sheet({
    trough: { flexGrow: 1, backgroundColor: c.ground },
    framed: { height: 12, borderWidth: 1, borderColor: c.strongLine },
    thin: { height: 6 },
    filled: { height: '100%', backgroundColor: c.accent },
  }),
);
