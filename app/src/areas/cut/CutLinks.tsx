import { OPERATIONS } from '@pike-stone/core';
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { Button } from '../../kit/Button';
import { NOT_PRINTED } from '../../kit/marks';
import { ShareButton } from '../../kit/ShareButton';
import { sheet } from '../../theme/sheet';
import { SPACE } from '../../theme/type';
import type { Cut } from './useCut';

/** Links to the pages that follow from a cut. */
export function CutLinks({ cut }: { cut: Cut }) {
  const router = useRouter();
  const { leadsTo } = OPERATIONS[cut.setup.operation];
  const byHand = cut.plan.feed.setting.how === 'hand';
  return (
    <View style={styles.links} {...NOT_PRINTED}>
      <Button label="What will happen" onPress={() => router.push('/cut/forecast')} style={styles.grow} />
      <Button label="Which tool?" onPress={() => router.push('/cut/choose')} style={styles.grow} />
      {leadsTo.includes('to-size') && (
        <Button label="To size" onPress={() => router.push('/cut/to-size')} style={styles.grow} />
      )}
      {leadsTo.includes('thread-passes') && (
        <Button label="Thread passes" onPress={() => router.push('/cut/thread')} style={styles.grow} />
      )}
      {leadsTo.includes('flat-face') && (
        <Button label="A flat face" onPress={() => router.push('/cut/area')} style={styles.grow} />
      )}
      <ShareButton title="Cut" style={styles.grow} />
      {byHand && <Button label="Pacer" onPress={() => router.push('/cut/pacer')} style={styles.grow} />}
    </View>
  );
}

const styles = sheet({
  grow: { flexGrow: 1 },
  links: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    gap: SPACE.close,
    paddingHorizontal: SPACE.edge,
    paddingVertical: SPACE.close,
  },
});
