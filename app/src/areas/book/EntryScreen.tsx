import { useLocalSearchParams, useRouter } from 'expo-router';
import { SideBySide } from '../../kit/SideBySide';
import { useWide } from '../../theme/theme';
import { CutList } from './CutList';
import { Entry } from './Entry';

/** One past cut: on a phone its page, on a wide screen beside the others. */
export function EntryScreen() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const router = useRouter();
  const wide = useWide();
  return (
    <SideBySide
      title="Book"
      list={<CutList chosen={id} onOpen={(open) => router.replace(`/book/${open}`)} />}
      item={<Entry key={id} id={id} inPane={wide} />}
      alone={!wide}
    />
  );
}
