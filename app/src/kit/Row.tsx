import type { ReactNode } from 'react';
import { Pressable, View } from 'react-native';
import { sheet } from '../theme/sheet';
import { themed, useColours } from '../theme/theme';
import { SPACE } from '../theme/type';
import { ClockIcon, ForwardIcon } from './icons';
import { Unseen } from './Unseen';
import { Words } from './Words';

interface RowProps {
  readonly title: string;
  readonly about?: string;
  /** Left out: a line that is only read. */
  readonly onPress?: (() => void) | undefined;
  readonly aside?: ReactNode;
  readonly chosen?: boolean;
  readonly waiting?: boolean;
  readonly quiet?: boolean;
}

/** One line of a list, which opens or chooses something, or is only read. */
export function Row({
  title,
  about,
  onPress,
  aside,
  chosen = false,
  waiting = false,
  quiet = false,
}: RowProps) {
  const styles = useStyles();
  const colours = useColours();
  const line = (
    <>
      <View style={styles.words}>
        <Words role={quiet ? 'quiet' : onPress ? 'strong' : 'body'}>
          {title}
          {about && <Unseen>, </Unseen>}
        </Words>
        {about && <Words role="note">{about}</Words>}
        {waiting && (
          <View style={styles.waiting}>
            <ClockIcon color={colours.quiet} size={15} />
            <Words role="note">Waiting to be sent</Words>
          </View>
        )}
      </View>
      {aside ?? (onPress && <ForwardIcon color={colours.quiet} size={20} />)}
    </>
  );
  if (!onPress) return <View style={[styles.row, chosen && styles.chosen]}>{line}</View>;
  return (
    <Pressable
      role="button"
      onPress={onPress}
      style={({ pressed }) => [styles.row, chosen && styles.chosen, pressed && styles.pressed]}
    >
      {line}
    </Pressable>
  );
}

const useStyles = themed((c) =>
  sheet({
    row: {
      flexDirection: 'row',
      alignItems: 'center',
      gap: SPACE.near,
      minHeight: 60,
      paddingHorizontal: SPACE.edge,
      paddingVertical: 9,
      borderBottomWidth: 1,
      borderBottomColor: c.line,
      backgroundColor: c.sheet,
    },
    chosen: { backgroundColor: c.wash, borderLeftWidth: 4, borderLeftColor: c.accent },
    pressed: { backgroundColor: c.wash },
    words: { flex: 1, minWidth: 0 },
    waiting: { flexDirection: 'row', gap: 5, alignItems: 'center' },
  }),
);
