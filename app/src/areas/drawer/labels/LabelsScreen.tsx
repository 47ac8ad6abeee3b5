import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import Svg, { Rect } from 'react-native-svg';
import { useUnits } from '../../../data/preferences';
import { useRecords } from '../../../data/records';
import { backOr } from '../../../kit/back';
import { Button } from '../../../kit/Button';
import { Choice, Tick } from '../../../kit/Choice';
import { Loading } from '../../../kit/Empty';
import { PaperChoice, usualPaper, type PaperSize } from '../../../kit/PaperChoice';
import { save } from '../../../kit/save-file';
import { Screen, Sheet } from '../../../kit/Screen';
import { Words } from '../../../kit/Words';
import { fileMaker } from '../../../pdf/load';
import { sheet } from '../../../theme/sheet';
import { PAPER } from '../../../theme/colours';
import { themed } from '../../../theme/theme';
import { SPACE } from '../../../theme/type';
import { codeOf, drawnLabels, LABEL_MM, runsOf, type Label } from './label-sheet';

/** Labels to print, each with a code that opens its tool on any phone of the shop. */
export function LabelsScreen() {
  const router = useRouter();
  const { kind } = useLocalSearchParams<{ kind?: string }>();
  const of = kind === 'supplies' ? 'supplies' : 'tools';
  const { records, loading, error } = useRecords(of);
  const [left, setLeft] = useState<readonly string[]>([]);
  const [paper, setPaper] = useState<PaperSize>(usualPaper(useUnits()));
  const [making, setMaking] = useState(false);
  const [fault, setFault] = useState<string | null>(null);
  if (loading) return <Loading error={error} />;
  const shown = records
    .filter((one) => !one.archived)
    .sort((a, b) => a.body.name.localeCompare(b.body.name, 'en', { numeric: true }));
  const labelOf = ({ id, body }: (typeof shown)[number]): Label => ({
    name: body.name,
    about: body.place ?? '',
    address: `${window.location.origin}/drawer/${of}/${id}`,
  });
  const chosen = shown.filter(({ id }) => !left.includes(id)).map(labelOf);
  const make = async () => {
    setMaking(true);
    setFault(null);
    try {
      const { labelsPdf } = await fileMaker();
      save(await labelsPdf(drawnLabels(chosen, paper), LABEL_MM, paper), 'pike-stone-labels.pdf');
    } catch (error) {
      setFault(error instanceof Error ? error.message : String(error));
    }
    setMaking(false);
  };
  return (
    <Screen
      title="Labels"
      about="Each code opens its entry; the phone must reach the shop’s computer"
      onBack={() => backOr(router, `/drawer?kind=${of}`)}
      side={
        <Sheet>
          <View style={styles.group}>
            <Button
              label={left.length === 0 ? 'None of them' : 'All of them'}
              onPress={() => setLeft(left.length === 0 ? shown.map(({ id }) => id) : [])}
            />
            {shown.map(({ id, body }) => (
              <Tick
                key={id}
                label={body.name}
                about={body.place}
                value={!left.includes(id)}
                onChange={(on) => setLeft(on ? left.filter((one) => one !== id) : [...left, id])}
              />
            ))}
          </View>
        </Sheet>
      }
      footer={
        <Button
          kind="main"
          label={
            making
              ? 'Making the sheets …'
              : `Print ${chosen.length} ${chosen.length === 1 ? 'label' : 'labels'}`
          }
          disabled={chosen.length === 0 || making}
          onPress={() => void make()}
          style={styles.grow}
        />
      }
    >
      <View style={styles.pad}>
        <Choice
          says="Of"
          value={of}
          onChange={(next) => {
            setLeft([]);
            router.setParams({ kind: next });
          }}
          options={[
            { value: 'tools', label: 'Tools' },
            { value: 'supplies', label: 'Stores' },
          ]}
        />
        <PaperChoice value={paper} onChange={setPaper} />
        {fault && <Words role="fault">{fault}</Words>}
      </View>
      {chosen[0] && <OneLabel label={chosen[0]} />}
    </Screen>
  );
}

const SQUARE = 4;

/** The first label as it will be printed. */
function OneLabel({ label }: { label: Label }) {
  const styles = useStyles();
  const rows = codeOf(label.address);
  const size = rows.length * SQUARE;
  return (
    <View style={styles.label} role="img" aria-label={`Label of ${label.name}`}>
      <Svg width={size} height={size} aria-hidden>
        {rows.flatMap((row, y) =>
          runsOf(row).map(([from, length]) => (
            <Rect
              key={`${y}-${from}`}
              x={from * SQUARE}
              y={y * SQUARE}
              width={length * SQUARE}
              height={SQUARE}
              fill={PAPER.ink}
            />
          )),
        )}
      </Svg>
      <View style={styles.words}>
        <Words role="strong" style={styles.ink}>
          {label.name}
        </Words>
        <Words style={styles.ink}>{label.about}</Words>
      </View>
    </View>
  );
}

const styles = sheet({
  grow: { flex: 1 },
  pad: { paddingHorizontal: SPACE.edge, gap: SPACE.close },
  group: { padding: SPACE.edge, gap: SPACE.hair },
});
const useStyles = themed((c) =>
  sheet({
    // Paper is white and ink is black, in the dark theme too.
    label: {
      flexDirection: 'row',
      gap: SPACE.near,
      margin: SPACE.edge,
      padding: SPACE.near,
      backgroundColor: PAPER.sheet,
      borderWidth: 1,
      borderColor: c.strongLine,
    },
    words: { flex: 1 },
    ink: { color: PAPER.ink },
  }),
);
