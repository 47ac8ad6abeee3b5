import { bestChange, howSure } from '@pike-stone/core/forecast';
import { sayBestChange, saySureness } from '@pike-stone/words/forecast';
import { useRouter } from 'expo-router';
import { useMemo } from 'react';
import { View } from 'react-native';
import { Button } from '../../kit/Button';
import { Words } from '../../kit/Words';
import { sheet } from '../../theme/sheet';
import { themed } from '../../theme/theme';
import { SPACE } from '../../theme/type';
import { keepQuick, usesQuick } from './quick/keep-quick';
import type { Cut } from './useCut';

export interface HowSureProps {
  readonly cut: Cut;
}

/** How sure the start is, and the one change that would gain most; ways to work up from it; and what a quick cut used can be kept. */
export function HowSure({ cut: { choice, setup, plan, rules } }: HowSureProps) {
  const router = useRouter();
  const styles = useStyles();
  const sure = useMemo(() => saySureness(howSure(setup, plan), setup), [setup, plan]);
  const best = useMemo(() => sayBestChange(bestChange(setup, plan, rules)), [setup, plan, rules]);
  return (
    <>
      <View style={styles.row} role="group" aria-label="How sure, and what gains most">
        <Part title="How sure" {...sure} />
        <View style={styles.rule} />
        <Part title="Gains most" {...best} />
      </View>
      <View style={styles.links}>
        <Button
          label="Work up"
          says="Work up: trials of this cut"
          onPress={() => router.push('/cut/run')}
          style={styles.grow}
        />
        <Button label="Compare two" onPress={() => router.push('/cut/compare')} style={styles.grow} />
      </View>
      {usesQuick(choice) && (
        <View style={styles.keep}>
          <Button label="Keep metal and tool in the drawer" onPress={() => void keepQuick(choice)} />
        </View>
      )}
    </>
  );
}

function Part({ title, figure, reason }: { title: string; figure: string; reason: string }) {
  const styles = useStyles();
  return (
    <View style={styles.part}>
      <View style={styles.top}>
        <Words role="label">{title}</Words>
        <Words role="figure">{figure}</Words>
      </View>
      <Words role="note">{reason}</Words>
    </View>
  );
}

const useStyles = themed((c) =>
  sheet({
    row: { flexDirection: 'row', borderTopWidth: 1, borderTopColor: c.line },
    links: {
      flexDirection: 'row',
      gap: SPACE.close,
      paddingHorizontal: SPACE.edge,
      paddingBottom: SPACE.close,
    },
    grow: { flexGrow: 1 },
    keep: { paddingHorizontal: SPACE.edge, paddingBottom: SPACE.close },
    rule: { width: 1, backgroundColor: c.line, marginVertical: SPACE.close },
    part: { flex: 1, paddingHorizontal: SPACE.edge, paddingVertical: SPACE.close },
    top: { flexDirection: 'row', justifyContent: 'space-between', gap: SPACE.close },
  }),
);
