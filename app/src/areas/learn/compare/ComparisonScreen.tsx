import type { ComparisonBody } from '@pike-stone/contract';
import { MOST_READINGS } from '@pike-stone/contract/later';
import { MEASURE_NAMES } from '@pike-stone/words/learn';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { useUnits } from '../../../data/preferences';
import { useRecord } from '../../../data/record';
import { newId, putBack, save, type Shown } from '../../../data/records';
import { backOr, useGoOn } from '../../../kit/back';
import { Button } from '../../../kit/Button';
import { Tick } from '../../../kit/Choice';
import { Fold } from '../../../kit/Fold';
import { Loading } from '../../../kit/Empty';
import { Screen, Sheet } from '../../../kit/Screen';
import { useUndo } from '../../../kit/Undo';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import { LoadingOrNotHere } from '../../LoadingOrNotHere';
import { useCutOf, type CutOf } from '../useCutOf';
import { GaugePanel } from './GaugePanel';
import { PowerReading } from './PowerReading';
import { intervalOf, readAnew, simulatedA } from './reading';
import { Readings } from './Readings';
import { Result } from './Result';
import { differsInShape, equalFor, nextSide, READINGS_EACH, sideName, valuesOf, type Side } from './sides';
import { ValueReading } from './ValueReading';

/** A comparison of two under the same cut: what must stay equal, its readings in turn, and the difference. */
export function ComparisonScreen() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const { record, ...rest } = useRecord('comparisons', id);
  const a = useCutOf(record?.body.a ?? null);
  const b = useCutOf(record?.body.b ?? null);
  if (!record) return <LoadingOrNotHere place="book" {...rest} />;
  return a && b ? <Known record={record} cuts={{ a, b }} /> : <Loading error={rest.error} />;
}

function Known({ record, cuts }: { record: Shown<'comparisons'>; cuts: Readonly<Record<Side, CutOf>> }) {
  const router = useRouter();
  const goOn = useGoOn();
  const units = useUnits();
  const say = useUndo((state) => state.say);
  const [isSetting, setSetting] = useState(false);
  const { body } = record;
  const setups = { a: cuts.a.setup, b: cuts.b.setup };
  const names = { a: sideName(body, 'a', setups, units), b: sideName(body, 'b', setups, units) };
  const keep = (part: Partial<ComparisonBody>) =>
    void save('comparisons', record.id, record.version, { ...body, ...part }, record.archived);
  const mustBe = equalFor(body.what);
  const isEqual = mustBe.every(([key]) => body.equal.includes(key));
  const side = nextSide(body);
  const count = (of: Side) => valuesOf(body, of).length;
  const enough = Math.min(count('a'), count('b')) >= READINGS_EACH;
  const take = (
    value: number,
    amps: { idleA: number | null; cutA: number | null } = { idleA: null, cutA: null },
  ) =>
    keep({
      readings: [...body.readings, { id: newId(), side, at: new Date().toISOString(), value, ...amps }],
    });
  const interval = intervalOf(body);
  const putAway = () => {
    void save('comparisons', record.id, record.version, body, true);
    say('Put away.', () => void putBack('comparisons', record));
    goOn('/book/comparisons');
  };
  return (
    <Screen
      title={`${names.a} or ${names.b}`}
      about={`${MEASURE_NAMES[body.measure]}, ${body.name}, ${setups.a.machine.name}`}
      onBack={() => backOr(router, '/book')}
      side={
        <>
          <Result body={body} interval={interval} names={names} enough={enough} cuts={cuts} />
          <Sheet>
            <View style={styles.group}>
              <Words role="heading">Readings</Words>
              {body.readings.length === 0 ? (
                <Words role="note">None yet.</Words>
              ) : (
                <Readings body={body} names={names} />
              )}
              {body.readings.length > 0 && (
                <Button
                  kind="plain"
                  label="Leave out the last reading"
                  onPress={() => {
                    keep({ readings: body.readings.slice(0, -1) });
                  }}
                />
              )}
            </View>
          </Sheet>
          <View style={styles.row}>
            <Button label="Put it away" onPress={putAway} />
            {body.measure === 'power' && (
              <Button
                label="Ammeter, motor"
                says="Ammeter and motor: supply, volts, power factors"
                onPress={() => setSetting(true)}
              />
            )}
          </View>
        </>
      }
    >
      {isEqual ? (
        <Fold title="What stays equal: all looked at">
          <EqualList body={body} onChange={(equal) => keep({ equal })} />
        </Fold>
      ) : (
        <Sheet>
          <View style={styles.group}>
            <Words role="heading">Must stay equal</Words>
            <Words role="note">Look at each first: else the difference may be of something else.</Words>
            <EqualList body={body} onChange={(equal) => keep({ equal })} />
          </View>
        </Sheet>
      )}
      {body.what === 'tool' && differsInShape(setups.a, setups.b) && (
        <View style={styles.pad}>
          <Words role="note">
            Nose radius or lead angle differ in the drawer: then their geometry is compared too, not what they
            are made of alone.
          </Words>
        </View>
      )}
      {isEqual && body.readings.length < MOST_READINGS && (
        <Sheet>
          <View style={styles.group}>
            <Words role="label">{`In turn, A B A B: ${READINGS_EACH} of each at least`}</Words>
            <Words role="heading">{`Next: ${side.toUpperCase()}, ${names[side]}, reading ${count(side) + 1}`}</Words>
          </View>
          {body.measure === 'power' ? (
            <PowerReading
              key={`${side}${body.readings.length}`}
              body={body}
              side={side}
              near={simulatedA(body, cuts[side], side)}
              onTake={({ value, idleA, cutA }) => take(value, { idleA, cutA })}
            />
          ) : (
            <ValueReading measure={body.measure} onTake={(value) => take(value)} />
          )}
        </Sheet>
      )}
      {isSetting && (
        <GaugePanel
          gauge={body.gauge}
          onSet={(gauge) => keep({ gauge, readings: readAnew(body, gauge) })}
          onClose={() => setSetting(false)}
        />
      )}
    </Screen>
  );
}

function EqualList({ body, onChange }: { body: ComparisonBody; onChange: (equal: string[]) => void }) {
  return equalFor(body.what).map(([key, words]) => (
    <Tick
      key={key}
      label={words}
      value={body.equal.includes(key)}
      onChange={(is) => onChange(is ? [...body.equal, key] : body.equal.filter((one) => one !== key))}
    />
  ));
}

const styles = sheet({
  group: { paddingHorizontal: SPACE.edge, paddingVertical: SPACE.near, gap: SPACE.close },
  pad: { paddingHorizontal: SPACE.edge },
  row: { flexDirection: 'row', gap: SPACE.close, paddingHorizontal: SPACE.edge },
});
