import type { ReactNode } from 'react';
import { View } from 'react-native';
import type { WarningIcon } from '../../kit/icons';
import { Words } from '../../kit/Words';
import { sheet } from '../../theme/sheet';
import { themed, useColours } from '../../theme/theme';
import { SPACE } from '../../theme/type';

/** A line above every page that says what stands between this device and the shop, with what can be done. */
export function Notice({
  icon: Icon,
  urgent = false,
  actions,
  children,
}: {
  readonly icon: typeof WarningIcon;
  /** It is spoken at once. */
  readonly urgent?: boolean;
  readonly actions?: ReactNode;
  readonly children: string;
}) {
  const styles = useStyles();
  const colours = useColours();
  return (
    <View style={[styles.notice, actions !== undefined && styles.stuck]} role={urgent ? 'alert' : 'status'}>
      <Icon color={colours.cautionMark} size={20} />
      <View style={styles.words}>
        <Words>{children}</Words>
        {actions !== undefined && <View style={styles.row}>{actions}</View>}
      </View>
    </View>
  );
}

const useStyles = themed((c) =>
  sheet({
    notice: {
      flexDirection: 'row',
      gap: SPACE.near,
      alignItems: 'center',
      paddingHorizontal: SPACE.edge,
      paddingVertical: SPACE.close,
      backgroundColor: c.sheet,
      borderBottomWidth: 1,
      borderBottomColor: c.cautionMark,
    },
    stuck: { alignItems: 'flex-start' },
    words: { flex: 1 },
    row: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.close },
  }),
);
