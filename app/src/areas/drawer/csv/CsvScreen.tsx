import { useLocalSearchParams, useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { useMetals } from '../../../data/metals';
import { newId, save, useRecords } from '../../../data/records';
import { backOr } from '../../../kit/back';
import { Button } from '../../../kit/Button';
import { Choice } from '../../../kit/Choice';
import { Loading } from '../../../kit/Empty';
import { pickFile } from '../../../kit/pick-file';
import { save as saveFile } from '../../../kit/save-file';
import { Screen, Sheet } from '../../../kit/Screen';
import { TextBox } from '../../../kit/TextBox';
import { useUndo } from '../../../kit/Undo';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import { KIND_SPECS } from '../specs';
import { CSV_KINDS, type CsvKind } from './csv-cells';
import { faultsCsv, readCsv, toCsv, type CsvFault, type CsvRead } from './drawer-csv';

const isCsvKind = (kind: string | undefined): kind is CsvKind => CSV_KINDS.some((one) => one === kind);
const asCsv = (text: string) => new Blob([text], { type: 'text/csv;charset=utf-8' });
/** Faults that are shown; the rest are in the file. */
const SHOWN_FAULTS = 40;
const MOST_BYTES = 4_000_000;

/** The drawer as a CSV file, out and in: what is read is tried first, and nothing changes until it is taken in. */
export function CsvScreen() {
  const { kind: asked } = useLocalSearchParams<{ kind?: string }>();
  const router = useRouter();
  const kind = isCsvKind(asked) ? asked : 'tools';
  return (
    <Screen
      title="As a file"
      about="CSV: opens in any spreadsheet"
      onBack={() => backOr(router, `/drawer?kind=${kind}`)}
    >
      <View style={styles.pad}>
        <Choice
          says="What"
          value={kind}
          onChange={(next) => router.setParams({ kind: next })}
          options={CSV_KINDS.map((value) => ({ value, label: KIND_SPECS[value].title }))}
        />
      </View>
      <KindCsv key={kind} kind={kind} />
    </Screen>
  );
}

function KindCsv<K extends CsvKind>({ kind }: { kind: K }) {
  const { records, loading, error } = useRecords(kind);
  const metals = useMetals();
  const say = useUndo((state) => state.say);
  const [text, setText] = useState('');
  const [fault, setFault] = useState<string | null>(null);
  const [done, setDone] = useState<number | null>(null);
  const read = useMemo(
    () => (text.trim() === '' ? null : readCsv(kind, text, records, metals)),
    [kind, text, records, metals],
  );
  // One id for each line, made when the text is read: taken in twice, a row is the same record.
  const ids = useMemo(() => text.split('\n').map(newId), [text]);
  if (loading || metals.loading) return <Loading error={error} />;
  const inUse = records.filter((one) => !one.archived);
  const open = async () => {
    const file = await pickFile('.csv,text/csv');
    if (!file) return;
    if (file.size > MOST_BYTES) return setFault('This file is larger than 4 MB.');
    setFault(null);
    setText(await file.text());
  };
  const takeIn = async (rows: CsvRead<K>['rows']) => {
    setDone(0);
    for (const [i, row] of rows.entries()) {
      const record = records.find((one) => one.id === row.id);
      await save(kind, row.id ?? ids[i]!, row.version, row.body, record?.archived ?? false);
      setDone(i + 1);
    }
    setDone(null);
    setText('');
    say(`${rows.length} ${rows.length === 1 ? 'row is' : 'rows are'} in the drawer.`);
  };
  return (
    <>
      <Sheet>
        <View style={styles.group}>
          <Words role="heading">Out</Words>
          <Words>{`${inUse.length} rows, sizes in millimetres. A cell that looks like a formula is made plain text.`}</Words>
          <Button
            label="Save as CSV"
            onPress={() => saveFile(asCsv(toCsv(kind, inUse, metals)), `pike-stone-${kind}.csv`)}
          />
        </View>
      </Sheet>
      <Sheet>
        <View style={styles.group}>
          <Words role="heading">In</Words>
          <Words>
            With a heading row as the saved file has. Rows with an id change that entry, others are new.
            Nothing changes until you take it in.
          </Words>
          <Button label="Read a file" onPress={() => void open()} />
          {fault && <Words role="fault">{fault}</Words>}
          <TextBox label="Or paste it here" lines={4} value={text} onChange={setText} />
        </View>
      </Sheet>
      {read && <DryRun read={read} done={done} onTake={() => void takeIn(read.rows)} />}
    </>
  );
}

/** What a file would do, before it does it. */
function DryRun<K extends CsvKind>({
  read,
  done,
  onTake,
}: {
  read: CsvRead<K>;
  /** Rows that are written; null when none are being. */
  done: number | null;
  onTake: () => void;
}) {
  const { rows, faults, unknown, same } = read;
  const fresh = rows.filter(({ version }) => version === 0).length;
  const badLines = new Set(faults.map(({ line }) => line)).size;
  return (
    <Sheet>
      <View style={styles.group} role="status" aria-live="polite">
        <Words role="big" testID="dry-run">
          {`${fresh} new, ${rows.length - fresh} changed, ${same} as they are; ${badLines} ${badLines === 1 ? 'line' : 'lines'} cannot be read`}
        </Words>
        {unknown.length > 0 && (
          <Words role="note">{`Left out, nothing is known of: ${unknown.join(', ')}.`}</Words>
        )}
        <Button
          kind="main"
          label={
            done !== null
              ? `${done} of ${rows.length} taken in`
              : `Take in ${rows.length} good ${rows.length === 1 ? 'row' : 'rows'}`
          }
          disabled={rows.length === 0 || done !== null}
          onPress={onTake}
        />
      </View>
      {faults.length > 0 && <Faults faults={faults} />}
    </Sheet>
  );
}

function Faults({ faults }: { faults: readonly CsvFault[] }) {
  return (
    <View style={styles.group}>
      <View role="list" aria-label="What cannot be read">
        {faults.slice(0, SHOWN_FAULTS).map(({ line, column, text }, i) => (
          <View key={i} role="listitem">
            <Words role="fault">{`Line ${line}${column ? `, ${column}` : ''}: ${text}`}</Words>
          </View>
        ))}
      </View>
      {faults.length > SHOWN_FAULTS && (
        <Words>{`And ${faults.length - SHOWN_FAULTS} more: all of them are in the file.`}</Words>
      )}
      <Button
        label="Save the faults as CSV"
        onPress={() => saveFile(asCsv(faultsCsv(faults)), 'pike-stone-faults.csv')}
      />
    </View>
  );
}

const styles = sheet({
  pad: { paddingHorizontal: SPACE.edge },
  group: { padding: SPACE.edge, gap: SPACE.close },
});
