import { useLocalSearchParams, useRouter } from 'expo-router';
import { Screen } from '../../kit/Screen';
import { SideBySide } from '../../kit/SideBySide';
import { useWide } from '../../theme/theme';
import { CutList, useFoundCuts } from './CutList';
import { Entry } from './Entry';

/** The past cuts, newest first; on a wide screen the one that is open stands beside them. */
export function BookScreen() {
  const router = useRouter();
  const wide = useWide();
  const { id } = useLocalSearchParams<{ id?: string }>();
  const { cuts, total, hasMore, q } = useFoundCuts();
  const count = !hasMore || q.trim() !== '' || total === null ? cuts.length : total;
  // Nothing was opened yet: the newest stands beside the list.
  const opened = id ?? cuts[0]?.id ?? null;
  if (wide)
    return (
      <SideBySide
        title="Book"
        list={<CutList chosen={opened} onOpen={(open) => router.setParams({ id: open })} />}
        item={opened && <Entry key={opened} id={opened} inPane />}
      />
    );
  return (
    <Screen
      title="Book"
      about={`${count}${hasMore && q.trim() !== '' ? ' and more' : ''} ${count === 1 ? 'cut' : 'cuts'}`}
    >
      <CutList onOpen={(open) => router.push(`/book/${open}`)} />
    </Screen>
  );
}
