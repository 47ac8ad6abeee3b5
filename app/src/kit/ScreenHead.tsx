import type { ReactNode } from 'react';
import { View } from 'react-native';
import { sheet } from '../theme/sheet';
import { PAGE_WIDTH } from '../theme/theme';
import { SPACE, TOUCH } from '../theme/type';
import { Words } from './Words';

interface ScreenHeadProps {
  readonly title: string;
  /** Under the title. */
  readonly after?: ReactNode;
  /** Left of the title: the way back. */
  readonly before?: ReactNode;
  /** Right of the title. */
  readonly aside?: ReactNode;
  /** Heads a pane, not a page. */
  readonly inPane?: boolean;
  /** Widest that it gets: as one column of text, as the whole page, or as its surroundings. */
  readonly width?: 'column' | 'page' | 'any';
}

/** The title of a page with its way back. */
export function ScreenHead({ title, after, before, aside, inPane = false, width = 'any' }: ScreenHeadProps) {
  return (
    <View style={[styles.head, width !== 'any' && styles[width]]}>
      {before}
      <View style={styles.titles}>
        <Words role={inPane ? 'big' : 'title'}>{title}</Words>
        {after}
      </View>
      {aside}
    </View>
  );
}

/** Room of a way back which is not there yet. */
export const BackRoom = () => <View style={styles.back} />;

const styles = sheet({
  back: { width: TOUCH },
  head: {
    flexDirection: 'row',
    alignItems: 'center',
    gap: SPACE.close,
    paddingHorizontal: SPACE.edge,
    paddingTop: SPACE.near,
    paddingBottom: SPACE.near,
    minHeight: 64,
  },
  titles: { flex: 1, minWidth: 0 },
  column: { width: '100%', maxWidth: 760, alignSelf: 'flex-start' },
  page: { width: '100%', maxWidth: PAGE_WIDTH },
});
