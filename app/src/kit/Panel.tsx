import type { ReactNode } from 'react';
import { Modal, Pressable, ScrollView, StyleSheet, View } from 'react-native';
import { sheet } from '../theme/sheet';
import { themed, useColours, useWide } from '../theme/theme';
import { CORNER, SPACE } from '../theme/type';
import { IconButton } from './Button';
import { CloseIcon } from './icons';
import { Words } from './Words';

interface PanelProps {
  readonly title: string;
  readonly onClose: () => void;
  readonly children: ReactNode;
  readonly footer?: ReactNode;
  /** Content lays itself out without scrolling, as the keypad does. */
  readonly fixed?: boolean;
}

/** A panel over the page: at the bottom of a phone, in the middle of a wide screen. Escape and a touch outside close it. */
export function Panel({ title, onClose, children, footer, fixed = false }: PanelProps) {
  const styles = useStyles();
  const colours = useColours();
  const wide = useWide();
  return (
    <Modal visible transparent animationType="none" onRequestClose={onClose} aria-label={title}>
      <View style={[styles.dark, wide && styles.middle]}>
        <Pressable style={StyleSheet.absoluteFill} onPress={onClose} aria-hidden tabIndex={-1} />
        <View style={[styles.panel, wide && styles.widePanel]}>
          <View style={styles.head}>
            <Words role="heading" style={styles.title}>
              {title}
            </Words>
            <IconButton says="Close" onPress={onClose}>
              <CloseIcon color={colours.quiet} size={24} />
            </IconButton>
          </View>
          {fixed ? (
            children
          ) : (
            <ScrollView style={styles.scroll} keyboardShouldPersistTaps="handled">
              {children}
            </ScrollView>
          )}
          {footer && <View style={styles.footer}>{footer}</View>}
        </View>
      </View>
    </Modal>
  );
}

const useStyles = themed((c) =>
  sheet({
    dark: { flex: 1, backgroundColor: c.scrim, justifyContent: 'flex-end' },
    middle: { justifyContent: 'center', alignItems: 'center' },
    panel: { backgroundColor: c.ground, maxHeight: '88%', borderTopWidth: 2, borderColor: c.accent },
    widePanel: { width: 520, maxHeight: '84%', borderRadius: CORNER, borderWidth: 1, borderColor: c.line },
    head: {
      flexDirection: 'row',
      alignItems: 'center',
      paddingLeft: SPACE.edge,
      paddingRight: SPACE.hair,
      minHeight: 56,
    },
    title: { flex: 1 },
    scroll: { flexShrink: 1 },
    footer: { padding: SPACE.edge, flexDirection: 'row', gap: SPACE.close },
  }),
);
