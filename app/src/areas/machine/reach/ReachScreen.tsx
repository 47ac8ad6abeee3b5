import type { MachineBody } from '@pike-stone/contract';
import { speedSeries, type ServedDiameters, type SpeedOperation } from '@pike-stone/core';
import {
  coarseLength,
  formatLength,
  formatSpindleSpeed,
  formatSurfaceSpeed,
  formatUncertainty,
  joined,
  type UnitSystem,
  unitOf,
} from '@pike-stone/words';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { useMetals, type Metals } from '../../../data/metals';
import { useUnits } from '../../../data/preferences';
import { Button } from '../../../kit/Button';
import { Choice } from '../../../kit/Choice';
import { Loading } from '../../../kit/Empty';
import { Keypad } from '../../../kit/Keypad';
import { Picker } from '../../../kit/Picker';
import { Screen, Sheet } from '../../../kit/Screen';
import { Words } from '../../../kit/Words';
import { sheet, textWide } from '../../../theme/sheet';
import { themed } from '../../../theme/theme';
import { SPACE } from '../../../theme/type';
import { SpeedChart } from './SpeedChart';
import { machinePage, type MachinePageProps } from '../MachinePage';
import {
  acrossOf,
  type Across,
  MACHINE_CUTS,
  metalCalled,
  mostAcross,
  reachOf,
  stepsAt,
  type Reach,
} from './reach';

const GAP_LIMIT = 1.6;

/** The diameters that a machine's real speeds cut properly, with HSS and with carbide. */
export const ReachScreen = machinePage(function Reach({ record, back }: MachinePageProps) {
  const metals = useMetals();
  return metals.loading ? <Loading /> : <ReachPage machine={record.body} metals={metals} back={back} />;
});

function ReachPage({ machine, metals, back }: { machine: MachineBody; metals: Metals; back: () => void }) {
  const router = useRouter();
  const units = useUnits();
  const query = useLocalSearchParams<{ metal?: string; cut?: string; d?: string }>();
  const [typing, setTyping] = useState(false);
  const metalName = metals.options.some(({ value }) => value === query.metal)
    ? (query.metal as string)
    : 'low-carbon-cold-drawn';
  const cuts = MACHINE_CUTS[machine.kind];
  const operation: SpeedOperation = cuts.find(({ value }) => value === query.cut)?.value ?? cuts[0]!.value;
  const diameterMm = Number(query.d) >= 0.5 && Number(query.d) <= 3000 ? Number(query.d) : 25;
  const reach = reachOf(machine, metalCalled(metalName, metals), operation);
  const setDiameter = (mm: number) => router.setParams({ d: String(mm) });
  const across = acrossOf(machine);
  const what =
    machine.kind === 'shaper'
      ? 'the stroke'
      : operation === 'turning'
        ? 'the work'
        : operation === 'drilling'
          ? 'the drill'
          : 'the cutter';
  const title = machine.kind === 'shaper' ? 'Length of the stroke' : `Diameter of ${what}`;
  const steps = (
    <Sheet>
      <View style={styles.group}>
        <View style={styles.row}>
          <Words role="heading">Every step at</Words>
          <Button
            label={`${across.sign}${joined(formatLength(diameterMm, units))}`}
            says={`${title} ${joined(formatLength(diameterMm, units))}, change`}
            onPress={() => setTyping(true)}
          />
        </View>
        <StepTable machine={machine} reach={reach} diameterMm={diameterMm} />
      </View>
    </Sheet>
  );
  return (
    <Screen title="What it is good for" about={machine.name} onBack={back} side={steps}>
      <View style={styles.pad}>
        {cuts.length > 1 && (
          <Choice says="Cut" value={operation} onChange={(cut) => router.setParams({ cut })} options={cuts} />
        )}
        <Picker
          label="In"
          options={metals.options}
          value={metalName}
          onChange={(metal) => router.setParams({ metal })}
        />
      </View>
      <SpeedChart
        rungs={machine.speeds.map((step) => step.rpm)}
        reach={reach}
        diameterMm={diameterMm}
        units={units}
        height={300}
        across={across}
        most={mostAcross(machine, operation)}
        onDiameter={setDiameter}
      />
      <Sheet>
        <View style={styles.group}>
          {reach.map((one) => (
            <Words key={one.edge}>
              <Words role="strong">{one.name}: </Words>
              {sayServed(one.served, across, units)}
            </Words>
          ))}
          <Words role="note">{saySeries(machine)}</Words>
        </View>
      </Sheet>
      {typing && (
        <Keypad
          title={title}
          place="reach"
          valueMm={diameterMm}
          limits={{ lowMm: 0.5, highMm: 3000 }}
          onSet={setDiameter}
          onClose={() => setTyping(false)}
        />
      )}
    </Screen>
  );
}

const between = ([from, to]: readonly [number, number], sign: string, units: UnitSystem): string =>
  `${sign}${coarseLength(from, units)} and ${coarseLength(to, units)}`;

/** "⌀8.5 to 230 mm; no proper step between ⌀36 and 54 mm." */
function sayServed({ fromMm, toMm, holesMm }: ServedDiameters, { sign }: Across, units: UnitSystem): string {
  if (fromMm >= toMm)
    return `none of its steps: ${sign}${coarseLength(fromMm, units)} ${unitOf(units)} and more, beyond what it takes.`;
  const whole = `${sign}${coarseLength(fromMm, units)} to ${coarseLength(toMm, units)} ${unitOf(units)}`;
  return holesMm.length === 0
    ? `${whole}, without a gap.`
    : `${whole}; no proper step between ${holesMm.map((hole) => between(hole, sign, units)).join(', nor ')} ${unitOf(units)}.`;
}

function saySeries({ kind, speeds }: MachineBody): string {
  const rpm = speeds.map((step) => step.rpm);
  if (rpm.length < 2) return 'One speed only.';
  const shown = (value: number) =>
    `${formatSpindleSpeed(value).figure}\u00a0${kind === 'shaper' ? 'strokes/min' : 'rpm'}`;
  const {
    largestGapRpm: [below, above],
    largestGapRatio,
  } = speedSeries(rpm, GAP_LIMIT);
  const span = `${rpm.length} steps, ${formatSpindleSpeed(rpm[0]!).figure} to ${shown(rpm.at(-1)!)}`;
  return largestGapRatio > GAP_LIMIT
    ? `${span}. Nothing between ${formatSpindleSpeed(below).figure} and ${shown(above)}: ${largestGapRatio.toFixed(1)} times.`
    : `${span}, evenly spaced.`;
}

function StepTable({
  machine,
  reach,
  diameterMm,
}: {
  machine: MachineBody;
  reach: readonly Reach[];
  diameterMm: number;
}) {
  const themedStyles = useStyles();
  const units = useUnits();
  return (
    <View role="list" aria-label="Every step">
      {stepsAt(machine, reach, diameterMm).map(({ rpm, setting, measured, mPerMin, suits }) => (
        <View key={rpm} role="listitem" style={[themedStyles.step, suits.length > 0 && themedStyles.suits]}>
          <Words role="figure" style={styles.rpm}>
            {formatSpindleSpeed(rpm).figure}
          </Words>
          <Words role="note" style={styles.setting}>
            {measured ? `${setting}, measured ${formatUncertainty(measured.uRel)}` : setting}
          </Words>
          <Words role="figure" style={styles.speed}>
            {joined(formatSurfaceSpeed(mPerMin, units))}
          </Words>
          <Words role={suits.length > 0 ? 'strong' : 'note'} style={styles.for}>
            {suits.join(', ') || sayOutside(mPerMin, reach)}
          </Words>
        </View>
      ))}
    </View>
  );
}

/** The reason why a step suits no diameter: its speed lies between the bands, or outside them. */
function sayOutside(mPerMin: number, reach: readonly Reach[]): string {
  if (reach.every(({ range }) => mPerMin < range.lowMPerMin)) return 'slow';
  return reach.every(({ range }) => mPerMin > range.highMPerMin) ? 'too fast' : 'between';
}

const styles = sheet({
  pad: { paddingHorizontal: SPACE.edge, gap: SPACE.near },
  group: { padding: SPACE.edge, gap: SPACE.close },
  row: { flexDirection: 'row', alignItems: 'center', gap: SPACE.near, justifyContent: 'space-between' },
  rpm: { width: textWide(56), textAlign: 'right' },
  setting: { flex: 1 },
  speed: { width: textWide(92), textAlign: 'right' },
  for: { width: textWide(70) },
});
const useStyles = themed((c) =>
  sheet({
    step: {
      flexDirection: 'row',
      alignItems: 'center',
      gap: SPACE.close,
      minHeight: 40,
      borderBottomWidth: 1,
      borderBottomColor: c.line,
    },
    suits: { backgroundColor: c.wash },
  }),
);
