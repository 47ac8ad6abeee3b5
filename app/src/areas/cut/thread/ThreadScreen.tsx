import { isDoneWith, threadOf, type Dial } from '@pike-stone/core';
import { formatLength, joined, type UnitSystem, pitchOf, sayDial } from '@pike-stone/words';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { useUnits } from '../../../data/preferences';
import { backOr } from '../../../kit/back';
import { Button } from '../../../kit/Button';
import { Caution } from '../../../kit/Caution';
import { Choice } from '../../../kit/Choice';
import { Empty } from '../../../kit/Empty';
import { Keypad } from '../../../kit/Keypad';
import { Screen, Sheet } from '../../../kit/Screen';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { themed } from '../../../theme/theme';
import { SPACE } from '../../../theme/type';
import { NoCut } from '../NoCut';
import { useCut, type Cut } from '../useCut';
import {
  freshThread,
  keyOf,
  SCHOOLS,
  threadState,
  useThreadJobs,
  WHY,
  type ThreadJob,
  type ThreadSetup,
  type ThreadState,
} from './thread-job';

/** Cuts a thread pass by pass: the slide readings of each pass, and the measure over wires at the end. */
export function ThreadScreen() {
  const { cut, loading, error, refused } = useCut();
  const router = useRouter();
  const back = () => backOr(router, '/cut');
  if (!cut) return <NoCut loading={loading} error={error} refused={refused} />;
  const { setup } = cut;
  if (!isDoneWith(setup, 'threading-tool'))
    return (
      <Screen title="Thread passes" onBack={back}>
        <Empty title="This is not a thread">Choose “Cut a thread” in the sentence first.</Empty>
      </Screen>
    );
  return <Thread cut={cut} setup={setup} back={back} />;
}

type Editing = 'firstMm' | 'wireMm' | 'readingMm';

function Thread({ cut, setup, back }: { cut: Cut; setup: ThreadSetup; back: () => void }) {
  const units = useUnits();
  const router = useRouter();
  const { drafts, keep } = useThreadJobs();
  const [editing, setEditing] = useState<Editing | null>(null);
  const at = cut.choice.machineId;
  const kept = drafts[at];
  const job = kept?.key === keyOf(setup) ? kept : freshThread(setup);
  const change = (next: Partial<ThreadJob>) => keep(at, { ...job, ...next });
  const state = threadState(setup, job);
  const t = threadOf(setup);
  const length = (mm: number) => joined(formatLength(mm, units));
  const slide = slideOf(cut, job);
  const banjo = setup.machine.kind === 'lathe' && setup.machine.banjo;
  return (
    <Screen
      title="Thread passes"
      about={`⌀${length(setup.workDiameterMm)}, pitch ${pitchOf(t.pitchMm, units)}, ${length(t.depthMm)} deep`}
      onBack={back}
      side={<AllPasses state={state} job={job} dial={slide} units={units} />}
      footer={
        <>
          <Button label="One back" disabled={job.done === 0} onPress={() => change({ done: job.done - 1 })} />
          <Button
            kind="main"
            label={state.next ? 'Pass taken' : 'All taken'}
            disabled={!state.next}
            onPress={() => change({ done: job.done + 1 })}
            style={styles.grow}
          />
        </>
      }
    >
      <Sheet>
        <View style={styles.group}>
          {state.next ? (
            <>
              <Words role="label">{`${job.compoundDeg === 0 ? 'Cross slide' : 'Compound slide'}, pass ${job.done + 1} of ${state.infeed.passes}${job.done === 0 ? ': touch off, both dials to 0, then in to' : ': in to'}`}</Words>
              <Words role="big" testID="next-infeed" style={styles.big}>
                {sayInfeed(slide, state.next.compoundMm, units)}
              </Words>
              <Words>{`takes ${length(state.next.stepMm)} on the radius, then ${length(state.next.radialMm)} deep`}</Words>
              {job.done === 0 && (
                <Words role="note">{`Before it a scratch of ${length(0.02)}: hold a rule or a pitch gauge to it.`}</Words>
              )}
            </>
          ) : (
            <>
              <Words role="heading">Full depth</Words>
              <Words>{`${length(t.depthMm)} deep. Once or twice over at the same setting takes out the spring; then try the nut or the wires.`}</Words>
            </>
          )}
          {state.rubs && (
            <Words role="fault">{`The last pass takes only ${length(state.infeed.lastMm)}: it rubs. A deeper first pass makes fewer of them.`}</Words>
          )}
        </View>
        <Caution level="caution">
          Half nuts out before the shoulder, cross slide back, then return. Brush, not fingers: never touch a
          thread that turns.
        </Caution>
      </Sheet>
      <View style={styles.pad}>
        <Words role="label">Compound slide from square</Words>
        <Choice
          says="Compound slide from square"
          value={String(job.compoundDeg)}
          onChange={(value) => change({ compoundDeg: Number(value), done: 0 })}
          options={SCHOOLS[t.form]}
        />
        <Words role="note">{`${WHY[String(job.compoundDeg)]}${job.compoundDeg > 0 ? ` Marked from the axis it reads ${90 - job.compoundDeg}°. The trailing flank is shaved by ${length(state.infeed.trailingShaveMm)} in all.` : ''}`}</Words>
        <View style={styles.row}>
          <Button
            label={`First ${length(job.firstMm)}`}
            says={`First pass ${length(job.firstMm)}, change`}
            onPress={() => setEditing('firstMm')}
            style={styles.grow}
          />
          {setup.machine.kind === 'lathe' && (
            <Button
              label={banjo ? 'Gears for it' : 'Gears'}
              onPress={() => router.push(`/drawer/machines/${at}/gears`)}
              style={styles.grow}
            />
          )}
        </View>
      </View>
      {!t.inside && <Wires state={state} job={job} units={units} onEdit={setEditing} />}
      {editing && (
        <Keypad
          title={
            {
              firstMm: 'First pass, on the radius',
              wireMm: 'Thickness of the wires',
              readingMm: 'Measured over the wires',
            }[editing]
          }
          place="thread"
          valueMm={editing === 'readingMm' ? (job.readingMm ?? state.wires.overMm) : job[editing]}
          limits={
            editing === 'firstMm'
              ? { lowMm: t.depthMm / 20, highMm: t.depthMm }
              : editing === 'wireMm'
                ? { lowMm: 0.1, highMm: 5 }
                : { lowMm: 0.5, highMm: 3000 }
          }
          onSet={(mm) => change(editing === 'firstMm' ? { firstMm: mm, done: 0 } : { [editing]: mm })}
          onClose={() => setEditing(null)}
        />
      )}
    </Screen>
  );
}

/** The slide that is advanced: the compound when it is set over, else the cross slide. */
const slideOf = ({ setup: { machine } }: Cut, { compoundDeg }: ThreadJob): Dial | null =>
  machine.kind !== 'lathe' ? null : compoundDeg === 0 ? machine.crossSlide : (machine.compoundSlide ?? null);

/** An advance in divisions of the slide where they are known, else in travel. */
const sayInfeed = (dial: Dial | null, mm: number, units: UnitSystem): string =>
  dial ? sayDial(dial, mm) : joined(formatLength(mm, units));

/** List of all passes; those already taken are drawn pale. */
function AllPasses({
  state,
  job,
  dial,
  units,
}: {
  state: ThreadState;
  job: ThreadJob;
  dial: Dial | null;
  units: UnitSystem;
}) {
  const themedStyles = useStyles();
  const length = (mm: number) => joined(formatLength(mm, units));
  return (
    <Sheet>
      <View style={styles.group}>
        <Words role="heading">{`${state.infeed.passes} passes of equal chip`}</Words>
        <View role="list" aria-label="Passes">
          {state.infeed.radialMm.map((radial, i) => (
            <View key={i} role="listitem" style={themedStyles.pass}>
              <Words role="figure" style={styles.number}>
                {i + 1}
              </Words>
              <Words role={i < job.done ? 'note' : 'strong'} style={styles.grow}>
                {i < job.done ? 'taken' : sayInfeed(dial, state.infeed.compoundMm[i]!, units)}
              </Words>
              <Words role="figure">{`${length(radial)} deep`}</Words>
            </View>
          ))}
        </View>
      </View>
    </Sheet>
  );
}

function Wires({
  state,
  job,
  units,
  onEdit,
}: {
  state: ThreadState;
  job: ThreadJob;
  units: UnitSystem;
  onEdit: (what: Editing) => void;
}) {
  const { wires } = state;
  const length = (mm: number) => joined(formatLength(mm, units));
  return (
    <Sheet>
      <View style={styles.group}>
        <Words role="heading">Over three wires</Words>
        <Words>{`With wires of ${length(job.wireMm)} it should measure ${length(wires.overMm)}.`}</Words>
        <Words role="note">{`${length(wires.bestMm)} would touch right at the pitch line. Measure the wires, not their label; all three alike.`}</Words>
        {!wires.fits && (
          <Words role="fault">These wires do not fit this pitch: they sink in or stand on the crests.</Words>
        )}
        {wires.leftMm !== null && wires.pitchDiameterMm !== null && (
          <Words role="strong">
            {wires.leftMm > 0.002
              ? `Pitch diameter ${length(wires.pitchDiameterMm)}: ${length(wires.leftMm)} deeper still, on the radius.`
              : wires.leftMm < -0.05
                ? `Pitch diameter ${length(wires.pitchDiameterMm)}: ${length(-wires.leftMm)} too deep, the nut will be loose.`
                : `Pitch diameter ${length(wires.pitchDiameterMm)}: it is there.`}
          </Words>
        )}
        <View style={styles.row}>
          <Button
            label={`Wires ${length(job.wireMm)}`}
            says={`Wires ${length(job.wireMm)}, change`}
            onPress={() => onEdit('wireMm')}
            style={styles.grow}
          />
          <Button label="Measured over wires" onPress={() => onEdit('readingMm')} style={styles.grow} />
        </View>
      </View>
    </Sheet>
  );
}

const styles = sheet({
  grow: { flex: 1 },
  pad: { paddingHorizontal: SPACE.edge, gap: SPACE.close },
  row: { flexDirection: 'row', gap: SPACE.close, alignItems: 'center', flexWrap: 'wrap' },
  group: { padding: SPACE.edge, gap: SPACE.hair },
  big: { fontSize: 34, lineHeight: 42 },
  number: { width: 28 },
});
const useStyles = themed((c) =>
  sheet({
    pass: {
      flexDirection: 'row',
      alignItems: 'center',
      gap: SPACE.near,
      minHeight: 48,
      borderBottomWidth: 1,
      borderBottomColor: c.line,
    },
  }),
);
