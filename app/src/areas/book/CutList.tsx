import { useLocalSearchParams, useRouter } from 'expo-router';
import { useMemo } from 'react';
import { View } from 'react-native';
import { useUnits } from '../../data/preferences';
import { usePages } from '../../data/pages';
import { Button } from '../../kit/Button';
import { Empty, Loading } from '../../kit/Empty';
import { useKeys } from '../../kit/keys';
import { MoreBelow } from '../../kit/MoreBelow';
import { Sheet } from '../../kit/Screen';
import { TextBox } from '../../kit/TextBox';
import { Words } from '../../kit/Words';
import { sheet } from '../../theme/sheet';
import { SPACE } from '../../theme/type';
import { SetAsideNote } from '../house/SetAsideNote';
import { CutRow } from './CutRow';

/** Past cuts with every word of the address's search, newest first, read as they are scrolled. */
export function useFoundCuts() {
  const { q = '' } = useLocalSearchParams<{ q?: string }>();
  const narrowed = useMemo(() => ({ q, archived: false }), [q]);
  const { records, ...list } = usePages('cuts', narrowed);
  return { q, cuts: records, ...list };
}

/** The past cuts as a list, found by the beginnings of words in them. */
export function CutList({ chosen = null, onOpen }: { chosen?: string | null; onOpen: (id: string) => void }) {
  const router = useRouter();
  const units = useUnits();
  const { q, cuts, aside, loading, error, offline, hasMore, more } = useFoundCuts();
  const words = q.trim();
  useKeys({ '/': () => document.querySelector<HTMLInputElement>('input[aria-label="Find"]')?.focus() });
  return (
    <>
      <View style={styles.find}>
        <TextBox
          label="Find"
          hideLabel
          value={q}
          onChange={(text) => router.setParams({ q: text || undefined })}
          placeholder="Find: bronze, bay lathe, ribbons"
        />
      </View>
      {offline && words !== '' && (
        <Words role="note" style={styles.find}>
          Only the newest cuts, which this device has, are searched until the shop’s computer answers.
        </Words>
      )}
      <SetAsideNote aside={aside} />
      {loading || (error && cuts.length === 0 && words === '') ? (
        <Loading error={error} />
      ) : cuts.length > 0 ? (
        <Sheet>
          {cuts.map((record) => (
            <CutRow
              key={record.id}
              record={record}
              units={units}
              chosen={record.id === chosen}
              onPress={() => onOpen(record.id)}
            />
          ))}
          <MoreBelow hasMore={hasMore} more={more} />
        </Sheet>
      ) : words !== '' ? (
        <Empty title="Nothing with these words">Try fewer words, or the beginning of one.</Empty>
      ) : (
        <Empty
          title="The book is empty"
          action={<Button label="Go to Cut" onPress={() => router.push('/cut')} />}
        >
          Take a cut and put it in: what was set, how it went.
        </Empty>
      )}
    </>
  );
}

const styles = sheet({ find: { paddingHorizontal: SPACE.edge } });
