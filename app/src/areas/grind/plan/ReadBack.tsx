import type { BitRead } from '@pike-stone/core/grind';
import { sayBitRead, sayFaceRead, STEP_NAMES } from '@pike-stone/words/grind';
import { View } from 'react-native';
import { useUnits } from '../../../data/preferences';
import { sheet } from '../../../theme/sheet';
import { useFaceColours } from '../../../theme/face-colours';
import { themed } from '../../../theme/theme';
import { CORNER, FONT, SIZE, SPACE } from '../../../theme/type';
import { Sheet } from '../../../kit/Screen';
import { Words } from '../../../kit/Words';

/** What a protractor reads on the solid, face by face in the order of grinding, each in its colour. */
export function ReadBack({ read }: { read: BitRead }) {
  const units = useUnits();
  const styles = useStyles();
  const faces = useFaceColours();
  const shown = read.steps.filter(({ key }) => key !== 'hone');
  return (
    <Sheet>
      <View style={styles.pad}>
        <Words role="heading">Read on the solid</Words>
        {shown.map((step, i) => (
          <View key={step.key} style={styles.line}>
            <View style={[styles.chip, { backgroundColor: faces.ofStep(i) }]} />
            <Words style={styles.name}>{`${i + 1}. ${STEP_NAMES[step.key]}`}</Words>
            <Words style={styles.figure}>{sayFaceRead(step, units)}</Words>
          </View>
        ))}
        <Words role="note">{sayBitRead(read, units)}</Words>
      </View>
    </Sheet>
  );
}

const useStyles = themed((c) =>
  sheet({
    pad: { padding: SPACE.edge, gap: SPACE.close },
    line: { flexDirection: 'row', alignItems: 'center', gap: SPACE.close },
    chip: { width: 18, height: 18, borderRadius: CORNER, borderWidth: 1, borderColor: c.strongLine },
    name: { flex: 1 },
    figure: { fontFamily: FONT.figures, fontWeight: '600', fontSize: SIZE.body, color: c.ink },
  }),
);
