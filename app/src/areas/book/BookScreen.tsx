import { useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { useRecords } from '../../data/records';
import { Button } from '../../kit/Button';
import { Empty, Loading } from '../../kit/Empty';
import { useKeys } from '../../kit/keys';
import { Screen, Sheet } from '../../kit/Screen';
import { TextBox } from '../../kit/TextBox';
import { SPACE } from '../../theme/type';
import { CutRow } from './CutRow';

/** The past cuts, newest first, found by any word of them. */
export function BookScreen() {
  const router = useRouter();
  const { records, loading, error } = useRecords('cuts');
  const [wanted, setWanted] = useState('');
  useKeys({ '/': () => document.querySelector<HTMLInputElement>('input[aria-label="Find"]')?.focus() });
  const words = wanted.toLowerCase().split(/\s+/).filter(Boolean);
  const cuts = records.filter(({ archived, body }) => {
    const text =
      `${body.names.machine} ${body.names.stock} ${body.names.tool} ${body.operation} ${body.outcome} ${body.remark}`.toLowerCase();
    return !archived && words.every((word) => text.includes(word));
  });
  return (
    <Screen title="Book" about={`${cuts.length} ${cuts.length === 1 ? 'cut' : 'cuts'}`}>
      <View style={styles.find}>
        <TextBox
          label="Find"
          hideLabel
          value={wanted}
          onChange={setWanted}
          placeholder="Find: bronze, bay lathe, ribbons"
        />
      </View>
      {loading || (error && records.length === 0) ? (
        <Loading error={error} />
      ) : cuts.length > 0 ? (
        <Sheet>
          {cuts.map((record) => (
            <CutRow key={record.id} record={record} onPress={() => router.push(`/book/${record.id}`)} />
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
    </Screen>
  );
}

const styles = StyleSheet.create({ find: { paddingHorizontal: SPACE.edge } });
