import type { ReactNode } from 'react';
import { ActivityIndicator, View } from 'react-native';
import { sheet } from '../theme/sheet';
import { themed, useColours } from '../theme/theme';
import { SPACE } from '../theme/type';
import { Words } from './Words';

/** Stands in place of an empty list and says what to do first. */
export function Empty({ title, children, action }: { title: string; children: string; action?: ReactNode }) {
  const styles = useStyles();
  return (
    <View style={styles.empty}>
      <Words role="heading">{title}</Words>
      <Words role="quiet">{children}</Words>
      {action}
    </View>
  );
}

/** A waiting mark, shown only when the wait is long enough to be noticed. */
export function Loading({ error }: { error?: Error | undefined }) {
  const styles = useStyles();
  const colours = useColours();
  if (error) return <Empty title="Not here yet">{`${error.message} It is tried again by itself.`}</Empty>;
  return (
    <View style={styles.loading}>
      <ActivityIndicator color={colours.accent} aria-label="Loading" />
    </View>
  );
}

const useStyles = themed(() =>
  sheet({
    empty: { padding: SPACE.wide, gap: SPACE.near, alignItems: 'flex-start', maxWidth: 520 },
    loading: { padding: 48, alignItems: 'center' },
  }),
);
