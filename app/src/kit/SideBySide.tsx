import type { ReactNode } from 'react';
import { ScrollView, View } from 'react-native';
import { sheet } from '../theme/sheet';
import { PAGE_WIDTH, themed } from '../theme/theme';
import { SPACE } from '../theme/type';
import { Empty } from './Empty';
import { usePageTitle } from './page-title';
import { Words } from './Words';
import { NOT_PRINTED, SCROLLS } from './marks';

/**
 * A wide page: a list, and the thing that is open of it beside it. Where there is no room for two, the thing
 * alone; it stays as it is when a phone is turned, with what is typed and open in it.
 */
export function SideBySide({
  title,
  head,
  list,
  footer,
  item,
  alone = false,
}: {
  title: string;
  /** Under the title: what the list is narrowed by. */
  head?: ReactNode;
  list: ReactNode;
  /** Main action of the list. */
  footer?: ReactNode;
  /** What is open; null while nothing is. */
  item: ReactNode | null;
  /** There is no room for the list. */
  alone?: boolean;
}) {
  const styles = useStyles();
  usePageTitle(item ? null : title);
  return (
    <View style={styles.panes}>
      {!alone && (
        <View style={styles.list}>
          <ScrollView contentContainerStyle={styles.body} tabIndex={0} {...SCROLLS}>
            <View style={styles.pad}>
              <Words role="title">{title}</Words>
              {head}
            </View>
            {list}
          </ScrollView>
          {footer && (
            <View style={styles.footer} {...NOT_PRINTED}>
              {footer}
            </View>
          )}
        </View>
      )}
      <View style={styles.item}>
        {item ?? <Empty title="Open one of them">It stands here, beside its list.</Empty>}
      </View>
    </View>
  );
}

const useStyles = themed((c) =>
  sheet({
    panes: { flex: 1, flexDirection: 'row', maxWidth: PAGE_WIDTH, minHeight: 0, backgroundColor: c.ground },
    list: { flex: 1, minHeight: 0, borderRightWidth: 1, borderRightColor: c.line },
    item: { flex: 1.3, minHeight: 0 },
    body: { paddingBottom: SPACE.wide, gap: SPACE.near },
    pad: { paddingHorizontal: SPACE.edge, paddingTop: SPACE.near, gap: SPACE.close },
    footer: { padding: SPACE.edge, flexDirection: 'row', borderTopWidth: 1, borderTopColor: c.line },
  }),
);
