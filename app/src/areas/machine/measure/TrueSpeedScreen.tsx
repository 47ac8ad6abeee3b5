import type { MachineBody } from '@pike-stone/contract';
import { type MeasureWay } from '@pike-stone/core';
import { formatSpindleSpeed, formatUncertainty, joined, MEASURE_WORDS } from '@pike-stone/words';
import { useLocalSearchParams, useRouter } from 'expo-router';
import type { ComponentType } from 'react';
import { View } from 'react-native';
import type { Shown } from '../../../data/records';
import { useGoOn } from '../../../kit/back';
import { Button, IconButton } from '../../../kit/Button';
import { Caution } from '../../../kit/Caution';
import { Choice } from '../../../kit/Choice';
import { CloseIcon } from '../../../kit/icons';
import { Picker } from '../../../kit/Picker';
import { Screen, Sheet } from '../../../kit/Screen';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { useColours } from '../../../theme/theme';
import { useWorked } from '../../../workers/machine-work';
import { SPACE } from '../../../theme/type';
import { CountWay } from './CountWay';
import { machinePage, useKeepMachine, type MachinePageProps } from '../MachinePage';
import {
  farFromTable,
  fitQuestion,
  throughTheDrive,
  useMeasures,
  withAllSteps,
  withMeasuredSteps,
  type TakenMeasure,
} from './measures';
import { PulseWay } from './PulseWay';
import { TapWay } from './TapWay';
import type { WayProps } from './way-props';
import { WheelWay } from './WheelWay';

const WAYS: Readonly<
  Record<
    MeasureWay,
    {
      readonly label: string;
      readonly Way: ComponentType<WayProps>;
      readonly caution: string;
      /** What spoils the measure. */ readonly wrong: string;
    }
  >
> = {
  tapped: {
    label: 'Tap',
    Way: TapWay,
    caution:
      'Chalk the mark with the spindle isolated. Watch from where the chuck cannot reach you; touch nothing that turns.',
    wrong:
      'Goes wrong when the mark comes faster than two a second: tap every 5th turn, or put the back gear in. A steady early or late habit cancels; single bad taps are left aside.',
  },
  counted: {
    label: 'Count',
    Way: CountWay,
    caution:
      'Bull-gear pin out before the back gear goes in. Shift only at a standstill; touch nothing that turns.',
    wrong:
      'Goes wrong when the first mark is counted as one: start at nought. A minute is better than ten seconds; under load the motor runs 2 to 3 % slower.',
  },
  'friction-wheel': {
    label: 'Wheel',
    Way: WheelWay,
    caution:
      'Only on a plain rim, wheel on a handle, from the side where the rim runs away from your hand. Never by the jaws, no sleeves, no gloves.',
    wrong:
      'Goes wrong when the wheel slips or the rim is not the size that was typed. More than three turns a second are not counted surely by eye: use a counter.',
  },
  pulses: {
    label: 'Pulses',
    Way: PulseWay,
    caution:
      'Fix the sensor and its mark with the spindle isolated, cable clear of everything that turns. Hold nothing by hand near it.',
    wrong:
      'Goes wrong when the number of marks is not right: then the speed is a whole number of times off. Oil on the mark misses pulses, light from a lamp doubles them; both are allowed for.',
  },
};
const WAY_OPTIONS = (Object.keys(WAYS) as MeasureWay[]).map((value) => ({ value, label: WAYS[value].label }));
const NONE: readonly TakenMeasure[] = [];

/** Finds the true spindle speed at the machine and puts it in place of the plate's figure. */
export const TrueSpeedScreen = machinePage(function TrueSpeed({ record, back }: MachinePageProps) {
  const router = useRouter();
  const query = useLocalSearchParams<{ step?: string; way?: string }>();
  const { taken: all, add } = useMeasures();
  const machine = record.body;
  const taken = all[record.id] ?? NONE;
  const step = Math.min(machine.speeds.length - 1, Math.max(0, Math.trunc(Number(query.step ?? 0)) || 0));
  const way = (Object.keys(WAYS) as MeasureWay[]).find((one) => one === query.way) ?? 'tapped';
  const { Way, caution, wrong } = WAYS[way];
  return (
    <Screen
      title="True speed"
      about={machine.name}
      onBack={back}
      side={taken.length > 0 ? <Taken record={record} taken={taken} /> : undefined}
    >
      <View style={styles.pad}>
        <Picker
          label="Step that is set"
          value={String(step)}
          onChange={(next) => router.setParams({ step: next })}
          options={machine.speeds.map(({ rpm, setting }, i) => ({
            value: String(i),
            label: `${setting} (${joined(formatSpindleSpeed(rpm))})`,
          }))}
        />
        <Choice
          says="Way to measure"
          value={way}
          onChange={(next) => router.setParams({ way: next })}
          options={WAY_OPTIONS}
        />
      </View>
      <Sheet>
        <Caution level="caution">{caution}</Caution>
        <Way
          key={`${way}-${step}`}
          rpm={machine.speeds[step]!.rpm}
          drive={machine.drive}
          onTake={(measure) => add(record.id, { ...measure, step })}
        />
        <View style={styles.wrong}>
          <Words role="note">{wrong}</Words>
        </View>
      </Sheet>
    </Screen>
  );
});

/** Measures taken on this visit, and the ways to apply them to the machine. */
function Taken({ record, taken }: { record: Shown<'machines'>; taken: readonly TakenMeasure[] }) {
  const goOn = useGoOn();
  const colours = useColours();
  const keep = useKeepMachine(record);
  const { remove, clear } = useMeasures();
  const machine = record.body;
  const question = fitQuestion(machine, taken);
  const { answer: fit } = useWorked(question, (work, asked) =>
    work.combineMeasures(asked.relative, asked.measures),
  );
  const odd = fit?.flaggedMeasure ?? null;
  const flagged = odd === null ? null : odd - question.firstTaken;
  const put = async (body: MachineBody) => {
    if (!(await keep(body, 'The machine has its true speeds.'))) return;
    // Before the measures go: this part of the page goes with them.
    goOn(`/drawer/machines/${record.id}`);
    clear(record.id);
  };
  const now = () => new Date().toISOString();
  return (
    <Sheet>
      <View style={styles.group}>
        <Words role="heading">Measured</Words>
        {taken.map((measure, i) => {
          const times = farFromTable(machine, measure);
          return (
            <View key={`${measure.step}-${measure.rpm}`} style={styles.row}>
              <View style={styles.grow}>
                <Words>
                  <Words role="strong">{joined(formatSpindleSpeed(measure.rpm))}</Words>{' '}
                  {formatUncertainty(measure.uRel)},{' '}
                  {machine.speeds[measure.step]?.setting ?? 'a step no longer there'}
                </Words>
                <Words role="note">{`${MEASURE_WORDS[measure.how]}; the table says ${formatSpindleSpeed(machine.speeds[measure.step]?.rpm ?? measure.rpm).figure}`}</Words>
                {times && (
                  <Words role="fault">{`That is ${times.toFixed(2)} times the table: is it the right step?`}</Words>
                )}
                {flagged === i && (
                  <Words role="fault">
                    This one does not fit the others: a slipping belt, or another step.
                  </Words>
                )}
              </View>
              <IconButton says={`Leave out measure ${i + 1}`} onPress={() => remove(record.id, i)}>
                <CloseIcon color={colours.quiet} size={20} />
              </IconButton>
            </View>
          );
        })}
        {fit?.measuresDisagree && fit.flaggedMeasure === null && (
          <Words role="fault">The two do not agree and neither can be blamed: take a third.</Words>
        )}
        {machine.drive ? (
          <>
            <Words role="note">{`Measured steps keep what was measured; all others follow through pulleys and gears${fit ? `, ${formatUncertainty(fit.uRel)} from the measures` : ''}.`}</Words>
            <Button
              kind="main"
              label="Put it into the machine"
              onPress={() => void put(throughTheDrive(machine, machine.drive!, taken, now()))}
            />
          </>
        ) : (
          <>
            <Words role="note">{`Only these steps: the rest of the table stays. All steps: the ratios between them stay, the whole table moves by what was measured${fit ? `, ${formatUncertainty(fit.uRel)}` : ''}.`}</Words>
            <View style={styles.row}>
              <Button
                label="Only these steps"
                onPress={() => void put(withMeasuredSteps(machine, taken, now()))}
                style={styles.grow}
              />
              <Button
                kind="main"
                label="All steps"
                disabled={!fit}
                onPress={() => {
                  if (fit) void put(withAllSteps(machine, taken, now(), fit));
                }}
                style={styles.grow}
              />
            </View>
          </>
        )}
      </View>
    </Sheet>
  );
}

const styles = sheet({
  pad: { paddingHorizontal: SPACE.edge, gap: SPACE.near },
  group: { padding: SPACE.edge, gap: SPACE.near },
  wrong: { paddingHorizontal: SPACE.edge, paddingBottom: SPACE.edge },
  row: { flexDirection: 'row', gap: SPACE.close, alignItems: 'center' },
  grow: { flex: 1 },
});
