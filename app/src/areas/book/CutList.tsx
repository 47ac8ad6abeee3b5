import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { useUnits } from '../../data/preferences';
import { filterQuery, useBookPages } from '../../data/book-pages';
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
import { hasFilter, useFilter } from './filter';
import { FilterBar } from './FilterBar';

/** Past cuts that fit the filter and the words of the address, the newest first, read as they are scrolled. */
export function useFoundCuts() {
  const filter = useFilter();
  const { records, ...list } = useBookPages(filter);
  return { filter, q: filter.q ?? '', cuts: records, ...list };
}

/** Cuts that are compared at once. */
const MOST_COMPARED = 4;

/** The past cuts as a list, found by the beginnings of words in them. */
export function CutList({ chosen = null, onOpen }: { chosen?: string | null; onOpen: (id: string) => void }) {
  const router = useRouter();
  const units = useUnits();
  const { filter, q, cuts, aside, loading, error, offline, hasMore, more } = useFoundCuts();
  const words = q.trim();
  const isNarrowed = words !== '' || hasFilter(filter);
  const [picked, setPicked] = useState<readonly string[] | null>(null);
  const pick = (id: string) =>
    setPicked((before) =>
      before?.includes(id)
        ? before.filter((one) => one !== id)
        : [...(before ?? []), id].slice(-MOST_COMPARED),
    );
  const file = (format: 'csv' | 'json') =>
    window.location.assign(`/api/book/cuts.${format}?${filterQuery(filter)}`);
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
      <FilterBar filter={filter}>
        {cuts.length > 1
          && (picked === null ? (
            <Button label="Side by side" onPress={() => setPicked([])} />
          ) : (
            <>
              <Button label="Leave it" onPress={() => setPicked(null)} />
              <Button
                kind="main"
                label={picked.length < 2 ? 'Touch two to four' : `Compare ${picked.length}`}
                disabled={picked.length < 2}
                onPress={() => router.push(`/book/side-by-side?ids=${picked.join(',')}`)}
              />
            </>
          ))}
      </FilterBar>
      {offline && isNarrowed && (
        <Words role="note" style={styles.find}>
          Only the newest cuts, which this device has, are searched until the shop’s computer answers.
        </Words>
      )}
      <SetAsideNote aside={aside} />
      {loading || (error && cuts.length === 0 && !isNarrowed) ? (
        <Loading error={error} />
      ) : cuts.length > 0 ? (
        <Sheet>
          {cuts.map((record) => (
            <CutRow
              key={record.id}
              record={record}
              units={units}
              chosen={picked === null ? record.id === chosen : picked.includes(record.id)}
              onPress={() => (picked === null ? onOpen(record.id) : pick(record.id))}
            />
          ))}
          <MoreBelow hasMore={hasMore} more={more} />
          <View style={styles.files}>
            <Button
              kind="plain"
              label="As CSV"
              says="As CSV: what is shown, as a file"
              onPress={() => file('csv')}
            />
            <Button
              kind="plain"
              label="As JSON"
              says="As JSON: what is shown, as a file"
              onPress={() => file('json')}
            />
          </View>
        </Sheet>
      ) : isNarrowed ? (
        <Empty title={words === '' ? 'Nothing fits this filter' : 'Nothing with these words'}>
          Try fewer words, or the beginning of one; or take a filter away.
        </Empty>
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

const styles = sheet({
  find: { paddingHorizontal: SPACE.edge },
  files: { flexDirection: 'row', justifyContent: 'flex-end', gap: SPACE.close, padding: SPACE.close },
});
