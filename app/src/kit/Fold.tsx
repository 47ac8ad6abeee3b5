import { useState, type ReactNode } from 'react';
import { Pressable, View } from 'react-native';
import { sheet } from '../theme/sheet';
import { themed, useColours } from '../theme/theme';
import { SPACE, TOUCH } from '../theme/type';
import { ForwardIcon } from './icons';
import { Sheet } from './Screen';
import { Words } from './Words';

/** A sheet whose content opens and closes under its title. */
export function Fold({
  title,
  mustShow = false,
  children,
}: {
  title: string;
  /** Something in it has to be looked at: it cannot be closed. */
  mustShow?: boolean;
  children: ReactNode;
}) {
  const styles = useStyles();
  const colours = useColours();
  const [opened, setOpened] = useState(false);
  const isOpen = opened || mustShow;
  return (
    <Sheet>
      <Pressable
        role="button"
        aria-expanded={isOpen}
        onPress={() => setOpened(!isOpen)}
        style={({ pressed }) => [styles.head, pressed && styles.pressed]}
      >
        <Words role="heading" style={styles.title}>
          {title}
        </Words>
        <View style={isOpen && styles.turned}>
          <ForwardIcon color={colours.quiet} size={20} />
        </View>
      </Pressable>
      {isOpen && <View style={styles.body}>{children}</View>}
    </Sheet>
  );
}

const useStyles = themed((c) =>
  sheet({
    head: {
      flexDirection: 'row',
      alignItems: 'center',
      minHeight: TOUCH + SPACE.close,
      paddingHorizontal: SPACE.edge,
    },
    pressed: { backgroundColor: c.wash },
    title: { flex: 1 },
    turned: { transform: [{ rotate: '90deg' }] },
    body: { paddingHorizontal: SPACE.edge, paddingBottom: SPACE.edge, gap: SPACE.near },
  }),
);
