import { View } from 'react-native';
import { Words } from '../../kit/Words';
import { sheet } from '../../theme/sheet';
import { themed } from '../../theme/theme';
import { SPACE } from '../../theme/type';

/** How likely each side is, as one bar from high speed steel to carbide. */
export function Likelihood({
  probabilityCarbide,
  excluded,
}: {
  probabilityCarbide: number;
  excluded: 'hss' | 'carbide' | null;
}) {
  const styles = useStyles();
  const share = excluded === 'hss' ? 1 : excluded === 'carbide' ? 0 : probabilityCarbide;
  const percent = Math.round(100 * share);
  return (
    <View
      role="img"
      aria-label={`High speed steel ${100 - percent} percent, carbide ${percent} percent`}
      style={styles.box}
    >
      <View style={styles.trough}>
        <View style={[styles.hss, { flexGrow: 1 - share }]} />
        <View style={[styles.carbide, { flexGrow: share }]} />
        <View style={styles.middle} />
      </View>
      <View style={styles.words}>
        <Words role="note">{`HSS ${100 - percent} %`}</Words>
        <Words role="note">{`Carbide ${percent} %`}</Words>
      </View>
    </View>
  );
}

const useStyles = themed((c) =>
  sheet({
    box: { paddingHorizontal: SPACE.edge, paddingVertical: SPACE.near, gap: 2 },
    trough: { flexDirection: 'row', height: 16, borderWidth: 1, borderColor: c.ink },
    hss: { backgroundColor: c.quiet, flexBasis: 0 },
    carbide: { backgroundColor: c.accent, flexBasis: 0 },
    middle: { position: 'absolute', left: '50%', top: -4, bottom: -4, width: 2, backgroundColor: c.ink },
    words: { flexDirection: 'row', justifyContent: 'space-between' },
  }),
);
