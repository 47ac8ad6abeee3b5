import { View } from 'react-native';
import { sheet } from '../theme/sheet';
import { themed, useColours } from '../theme/theme';
import { SPACE } from '../theme/type';
import { DangerIcon, NoteIcon, WarningIcon } from './icons';
import { Words } from './Words';

const MARK = { note: NoteIcon, caution: WarningIcon, danger: DangerIcon } as const;
const SAID = { note: 'Note', caution: 'Caution', danger: 'Danger' } as const;

/** A caution of one short sentence, marked by a triangle or an octagon as well as by colour. */
export function Caution({ level, children }: { level: keyof typeof MARK; children: string }) {
  const styles = useStyles();
  const colours = useColours();
  const Mark = MARK[level];
  const colour =
    level === 'note' ? colours.quiet : level === 'caution' ? colours.cautionMark : colours.danger;
  return (
    <View style={styles.line} role={level === 'danger' ? 'alert' : 'note'}>
      <View aria-label={SAID[level]} role="img" style={styles.mark}>
        <Mark color={colour} size={21} />
      </View>
      <Words style={styles.words}>{children}</Words>
    </View>
  );
}

const useStyles = themed(() =>
  sheet({
    line: { flexDirection: 'row', gap: SPACE.near, paddingHorizontal: SPACE.edge, paddingVertical: 7 },
    mark: { paddingTop: 1 },
    words: { flex: 1, lineHeight: 22 },
  }),
);
