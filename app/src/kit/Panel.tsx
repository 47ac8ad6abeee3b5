import type { ReactNode } from 'react';
import { Modal, ScrollView, View } from 'react-native';
import { sheet } from '../theme/sheet';
import { themed, useColours, useLow, useWide } from '../theme/theme';
import { CORNER, SPACE } from '../theme/type';
import { IconButton } from './Button';
import { CloseIcon } from './icons';
import { useBackCloses } from './sheet-history';
import { Words } from './Words';

interface PanelProps {
  readonly title: string;
  readonly onClose: () => void;
  readonly children: ReactNode;
  /** Main action, which stays in reach while the rest scrolls. */
  readonly footer?: ReactNode;
}

/** What stands beside the panel: a touch on it closes the panel. It takes no focus. */
const outside = (onClose: () => void) => ({ onClick: onClose, 'aria-hidden': true });

/**
 * A panel over the page: at the bottom of a phone, in the middle of a wide screen, over the whole of a short
 * one. Escape, the browser's Back and a touch outside close it.
 */
export function Panel({ title, onClose, children, footer }: PanelProps) {
  const styles = useStyles();
  const colours = useColours();
  const wide = useWide();
  const short = useLow();
  useBackCloses(onClose);
  return (
    <Modal visible transparent animationType="none" onRequestClose={onClose} aria-label={title}>
      <View style={[styles.dark, wide && styles.middle]}>
        <View style={styles.outside} {...outside(onClose)} />
        <View style={[styles.panel, wide && styles.widePanel, short && styles.shortPanel]}>
          <View style={[styles.head, short && styles.shortHead]}>
            <Words role="heading" style={styles.title}>
              {title}
            </Words>
            <IconButton says="Close" onPress={onClose}>
              <CloseIcon color={colours.quiet} size={24} />
            </IconButton>
          </View>
          <ScrollView style={styles.scroll} keyboardShouldPersistTaps="handled">
            {children}
          </ScrollView>
          {footer && <View style={[styles.footer, short && styles.shortFooter]}>{footer}</View>}
        </View>
      </View>
    </Modal>
  );
}

const useStyles = themed((c) =>
  sheet({
    dark: { flex: 1, backgroundColor: c.scrim, justifyContent: 'flex-end' },
    middle: { justifyContent: 'center', alignItems: 'center' },
    outside: { position: 'absolute', top: 0, bottom: 0, left: 0, right: 0 },
    panel: { backgroundColor: c.ground, maxHeight: '88%', borderTopWidth: 2, borderColor: c.accent },
    widePanel: { width: 520, maxHeight: '84%', borderRadius: CORNER, borderWidth: 1, borderColor: c.line },
    shortPanel: { width: '100%', maxWidth: 760, maxHeight: '100%' },
    head: {
      flexDirection: 'row',
      alignItems: 'center',
      paddingLeft: SPACE.edge,
      paddingRight: SPACE.close,
      paddingBottom: SPACE.close,
      minHeight: 64,
    },
    shortHead: { minHeight: 56 },
    title: { flex: 1 },
    scroll: { flexShrink: 1 },
    footer: { padding: SPACE.edge, flexDirection: 'row', gap: SPACE.close },
    shortFooter: { paddingVertical: SPACE.close },
  }),
);
