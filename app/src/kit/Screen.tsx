import type { ReactNode } from 'react';
import { ScrollView, View } from 'react-native';
import { sheet } from '../theme/sheet';
import { PAGE_WIDTH, themed, useColours, useWide } from '../theme/theme';
import { SPACE } from '../theme/type';
import { IconButton } from './Button';
import { BackIcon } from './icons';
import { ScreenHead } from './ScreenHead';
import { usePageTitle } from './page-title';
import { Words } from './Words';
import { NOT_PRINTED, SCROLLS } from './marks';

interface ScreenProps {
  readonly title: string;
  /** A short line under the title; an empty one keeps its room. */
  readonly about?: string;
  readonly onBack?: () => void;
  readonly aside?: ReactNode;
  /** Main action, which stays at the bottom while the rest scrolls. */
  readonly footer?: ReactNode;
  /** The page has nothing to touch; it takes the focus itself, so that keys scroll it. */
  readonly toRead?: boolean;
  /** It stands beside a list on a wide screen: no page of its own, so neither its title nor its width. */
  readonly inPane?: boolean;
  /** Content of a second pane on a wide screen; on a phone it follows below. */
  readonly side?: ReactNode;
  readonly children: ReactNode;
}

/** Keeps the height of a line. */
const NO_WORD = '\u00a0';

/** A page: title, scrolling body and main action at the bottom. */
export function Screen({
  title,
  about,
  onBack,
  aside,
  footer,
  toRead = false,
  inPane = false,
  side,
  children,
}: ScreenProps) {
  const styles = useStyles();
  const colours = useColours();
  const wide = useWide();
  usePageTitle(title);
  return (
    <View style={styles.screen}>
      <ScreenHead
        title={title}
        inPane={inPane}
        width={!wide ? 'any' : side ? 'page' : 'column'}
        before={
          onBack && (
            <IconButton says="Back" onPress={onBack}>
              <BackIcon color={colours.accent} size={26} />
            </IconButton>
          )
        }
        after={about !== undefined && <Words role="note">{about || NO_WORD}</Words>}
        aside={aside}
      />
      <View style={[styles.panes, wide && side ? styles.twoPanes : null]}>
        <ScrollView
          style={styles.scroll}
          contentContainerStyle={[styles.body, wide && !side && styles.column]}
          keyboardShouldPersistTaps="handled"
          {...SCROLLS}
          {...(toRead || wide ? { tabIndex: 0 } : {})}
        >
          {children}
          {!wide && side}
        </ScrollView>
        {wide && side && (
          <ScrollView
            style={[styles.scroll, styles.side]}
            contentContainerStyle={styles.body}
            tabIndex={0}
            {...SCROLLS}
          >
            {side}
          </ScrollView>
        )}
      </View>
      {footer && (
        <View {...NOT_PRINTED} style={[styles.footer, wide && (side ? styles.broad : styles.column)]}>
          {footer}
        </View>
      )}
    </View>
  );
}

/** A sheet that groups content which belongs together. */
export function Sheet({ children }: { children: ReactNode }) {
  const styles = useStyles();
  return <View style={styles.sheet}>{children}</View>;
}

const useStyles = themed((c) =>
  sheet({
    screen: { flex: 1, backgroundColor: c.ground, minHeight: 0 },
    panes: { flex: 1, minHeight: 0 },
    broad: { width: '100%', maxWidth: PAGE_WIDTH },
    twoPanes: { flexDirection: 'row', width: '100%', maxWidth: PAGE_WIDTH },
    scroll: { flex: 1, minWidth: 0 },
    side: { borderLeftWidth: 1, borderLeftColor: c.line },
    body: { paddingTop: SPACE.hair, paddingBottom: SPACE.wide, gap: SPACE.near },
    column: { width: '100%', maxWidth: 760, alignSelf: 'flex-start' },
    sheet: { backgroundColor: c.sheet, borderTopWidth: 1, borderBottomWidth: 1, borderColor: c.line },
    footer: {
      flexDirection: 'row',
      gap: SPACE.close,
      padding: SPACE.edge,
      paddingTop: SPACE.near,
      backgroundColor: c.ground,
      borderTopWidth: 1,
      borderTopColor: c.line,
    },
  }),
);
