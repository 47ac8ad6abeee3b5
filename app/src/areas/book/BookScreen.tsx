import { useLocalSearchParams, useRouter } from 'expo-router';
import { Screen } from '../../kit/Screen';
import { SideBySide } from '../../kit/SideBySide';
import { useWide } from '../../theme/theme';
import { BookParts } from './BookParts';
import { CutList, useFoundCuts } from './CutList';
import { Entry } from './Entry';

/** The past cuts, newest first; on a wide screen the one that is open stands beside them. */
export function BookScreen() {
  const router = useRouter();
  const wide = useWide();
  const { id } = useLocalSearchParams<{ id?: string }>();
  const { cuts, hasMore } = useFoundCuts();
  // Nothing was opened yet: the newest stands beside the list.
  const opened = id ?? cuts[0]?.id ?? null;
  if (wide)
    return (
      <SideBySide
        title="Book"
        head={<BookParts of="/book" inHead />}
        list={<CutList chosen={opened} onOpen={(open) => router.setParams({ id: open })} />}
        item={opened && <Entry key={opened} id={opened} inPane />}
      />
    );
  return (
    <Screen
      title="Book"
      about={`${cuts.length}${hasMore ? ' and more' : ''} ${cuts.length === 1 ? 'cut' : 'cuts'}`}
    >
      <BookParts of="/book" />
      <CutList onOpen={(open) => router.push(`/book/${open}`)} />
    </Screen>
  );
}
