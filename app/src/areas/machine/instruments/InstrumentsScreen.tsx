import { INSTRUMENTS, type InstrumentKind } from '@pike-stone/contract';
import { steadyReading } from '@pike-stone/core/drive';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { create } from 'zustand';
import { keptHere } from '../../../sync/kept-here';
import { useInstrument, useInstruments, type Stream } from '../../../data/instruments';
import { useUnits } from '../../../data/preferences';
import { backOr } from '../../../kit/back';
import { Button, IconButton } from '../../../kit/Button';
import { Choice } from '../../../kit/Choice';
import { Empty, Loading } from '../../../kit/Empty';
import { CloseIcon } from '../../../kit/icons';
import { save as saveFile } from '../../../kit/save-file';
import { Screen, Sheet } from '../../../kit/Screen';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { useColours } from '../../../theme/theme';
import { SPACE } from '../../../theme/type';
import { StreamState, Trace } from './Live';
import { shownAs, showReading, STEADY_S } from './shown';

type Steady = Exclude<InstrumentKind, 'tachometer'>;
interface Taken {
  readonly kind: Steady;
  readonly value: number;
  readonly u: number;
  readonly at: string;
}
interface Readings {
  readonly taken: readonly Taken[];
  add(reading: Taken): void;
  remove(at: string): void;
}
const KEPT = 50;
/** Readings taken on this device, newest first. */
const useReadings = create<Readings>()(
  keptHere(
    (set) => ({
      taken: [],
      add: (reading) => set(({ taken }) => ({ taken: [reading, ...taken].slice(0, KEPT) })),
      remove: (at) => set(({ taken }) => ({ taken: taken.filter((one) => one.at !== at) })),
    }),
    { name: 'pike-readings' },
  ),
);

const SPAN_S = 10;

/** The instruments at the shop's computer, with their live readings and a button to take one. */
export function InstrumentsScreen() {
  const router = useRouter();
  const { kind: asked } = useLocalSearchParams<{ kind?: string }>();
  const { data, error } = useInstruments();
  const back = () => backOr(router, '/drawer');
  if (!data) return <Loading error={error as Error | undefined} />;
  const kinds = data.instruments
    .map(({ kind }) => kind)
    .filter((kind): kind is Steady => kind !== 'tachometer');
  const kind = kinds.find((one) => one === asked) ?? kinds[0];
  return (
    <Screen title="Instruments" onBack={back} side={<TakenList />}>
      {kind ? (
        <>
          <View style={styles.pad}>
            <Choice
              says="Instrument"
              value={kind}
              onChange={(next) => router.setParams({ kind: next })}
              options={kinds.map((value) => ({ value, label: INSTRUMENTS[value].name }))}
            />
          </View>
          <Sheet>
            <Live key={kind} kind={kind} />
          </Sheet>
        </>
      ) : (
        <Empty title="No instruments here">
          Connect one to the shop’s computer, or type what you read: every field takes figures as machinists
          write them.
        </Empty>
      )}
      <View style={styles.pad}>
        <Words role="note">A pulse tachometer is read where it is used: at True speed of a machine.</Words>
      </View>
    </Screen>
  );
}

function Live({ kind }: { kind: Steady }) {
  const units = useUnits();
  const live = useInstrument(kind, null, SPAN_S);
  const add = useReadings((state) => state.add);
  const [held, setHeld] = useState<Stream | null>(null);
  const stream = held ?? live;
  const as = shownAs(kind, units);
  const values = stream.readings.flatMap(({ t, value }) => (value === null ? [] : [{ t, value }]));
  const newest = values.at(-1)?.t ?? 0;
  const steady = steadyReading(
    values.filter(({ t }) => t > newest - STEADY_S).map(({ value }) => value),
    as.lastPlace,
  );
  const fresh = held !== null || stream.state === 'live';
  return (
    <View style={styles.group}>
      <StreamState stream={stream} held={held !== null} />
      <View style={styles.figure}>
        {steady ? (
          <>
            <Words role="big" testID="live-value" style={styles.big}>
              {showReading(steady.value, as)}
            </Words>
            <Words role="note">{`± ${showReading(2 * steady.u, as)} while held still; ${steady.leftAside} of ${steady.used + steady.leftAside} readings left aside, ${stream.bad} lines unreadable`}</Words>
          </>
        ) : (
          <Words role="note">Waiting for readings …</Words>
        )}
      </View>
      <Trace
        says={`${INSTRUMENTS[kind].name}, the last ${SPAN_S} seconds`}
        points={values}
        spanS={SPAN_S}
        show={(value) => (value / as.perUnit).toFixed(as.places)}
      />
      <View style={styles.row}>
        <Button
          label={held ? 'Go on' : 'Hold'}
          disabled={!steady}
          onPress={() => setHeld(held ? null : live)}
          style={styles.grow}
        />
        <Button
          kind="main"
          label="Take this reading"
          disabled={!steady || !fresh}
          onPress={() => {
            if (steady) {
              add({ kind, value: steady.value, u: steady.u, at: new Date().toISOString() });
              setHeld(null);
            }
          }}
          style={styles.grow}
        />
      </View>
    </View>
  );
}

function TakenList() {
  const units = useUnits();
  const colours = useColours();
  const { taken, remove } = useReadings();
  if (taken.length === 0) return null;
  const csv = [
    'time,instrument,value,unit,standard_uncertainty',
    ...taken.map(
      ({ at, kind, value, u }) => `${at},${kind},${value},${INSTRUMENTS[kind].unit},${u.toFixed(4)}`,
    ),
  ].join('\r\n');
  return (
    <Sheet>
      <View style={styles.group}>
        <Words role="heading">Taken</Words>
        {taken.map(({ at, kind, value }) => (
          <View key={at} style={styles.row}>
            <Words style={styles.grow}>
              <Words role="strong">{showReading(value, shownAs(kind, units))}</Words>
              {`  ${INSTRUMENTS[kind].name}, ${at.slice(11, 16)}`}
            </Words>
            <IconButton
              says={`Leave out ${showReading(value, shownAs(kind, units))}`}
              onPress={() => remove(at)}
            >
              <CloseIcon color={colours.quiet} size={20} />
            </IconButton>
          </View>
        ))}
        <Button
          label="Save as CSV"
          onPress={() => saveFile(new Blob([`${csv}\r\n`], { type: 'text/csv' }), 'readings.csv')}
        />
      </View>
    </Sheet>
  );
}

const styles = sheet({
  pad: { paddingHorizontal: SPACE.edge },
  group: { padding: SPACE.edge, gap: SPACE.near },
  figure: { minHeight: 96 },
  big: { fontSize: 44, lineHeight: 52 },
  row: { flexDirection: 'row', gap: SPACE.close, alignItems: 'center' },
  grow: { flex: 1 },
});
