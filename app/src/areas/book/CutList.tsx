import { useLocalSearchParams, useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { useRecords } from '../../data/records';
import { Button } from '../../kit/Button';
import { Empty, Loading } from '../../kit/Empty';
import { useKeys } from '../../kit/keys';
import { Sheet } from '../../kit/Screen';
import { TextBox } from '../../kit/TextBox';
import { SPACE } from '../../theme/type';
import { CutRow } from './CutRow';

/** Past cuts that have every word of the address's search in them, newest first. */
export function useFoundCuts() {
  const { q = '' } = useLocalSearchParams<{ q?: string }>();
  const { records, loading, error } = useRecords('cuts');
  const words = q.toLowerCase().split(/\s+/).filter(Boolean);
  const cuts = records.filter(({ archived, body }) => {
    const text =
      `${body.names.machine} ${body.names.stock} ${body.names.tool} ${body.operation} ${body.outcome} ${body.remark}`.toLowerCase();
    return !archived && words.every((word) => text.includes(word));
  });
  return { q, words, cuts, loading, error };
}

/** The past cuts as a list, found by any word of them. */
export function CutList({ chosen = null, onOpen }: { chosen?: string | null; onOpen: (id: string) => void }) {
  const router = useRouter();
  const { q, words, cuts, loading, error } = useFoundCuts();
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
      {loading || (error && cuts.length === 0 && words.length === 0) ? (
        <Loading error={error} />
      ) : cuts.length > 0 ? (
        <Sheet>
          {cuts.map((record) => (
            <CutRow
              key={record.id}
              record={record}
              chosen={record.id === chosen}
              onPress={() => onOpen(record.id)}
            />
          ))}
        </Sheet>
      ) : words.length > 0 ? (
        <Empty title="Nothing with these words">Try fewer words, or a part of one.</Empty>
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

const styles = StyleSheet.create({ find: { paddingHorizontal: SPACE.edge } });
