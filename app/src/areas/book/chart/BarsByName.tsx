import { View } from 'react-native';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { themed } from '../../../theme/theme';
import { SPACE } from '../../../theme/type';

export interface NamedBar {
  readonly id: string;
  readonly name: string;
  readonly value: number;
  /** The part of it that is filled; all of it when left out. */
  readonly filled?: number;
  readonly said: string;
}

/** Bars with a name and a figure each, the longest as long as the room. */
export function BarsByName({ says, bars }: { says: string; bars: readonly NamedBar[] }) {
  const styles = useStyles();
  const most = Math.max(...bars.map(({ value }) => value));
  return (
    <View role="list" aria-label={says} style={styles.list}>
      {bars.map(({ id, name, value, filled = value, said }) => (
        <View key={id} role="listitem">
          <View style={styles.top}>
            <Words style={styles.name}>{name}</Words>
            <Words role="figure">{said}</Words>
          </View>
          <View style={[styles.bar, { width: `${(100 * value) / most}%` }]} aria-hidden>
            <View style={[styles.filled, { width: `${(100 * filled) / value}%` }]} />
          </View>
        </View>
      ))}
    </View>
  );
}

const useStyles = themed((c) =>
  sheet({
    list: { gap: SPACE.close },
    top: { flexDirection: 'row', justifyContent: 'space-between', gap: SPACE.close },
    name: { flexShrink: 1 },
    bar: { height: 12, borderWidth: 1, borderColor: c.accent, minWidth: 3 },
    filled: { height: '100%', backgroundColor: c.accent },
  }),
);
