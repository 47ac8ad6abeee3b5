import { type Dial } from '@pike-stone/core';
import { formatLength, joined } from '@pike-stone/words';
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
import { useUndo } from '../../../kit/Undo';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import { NoCut } from '../NoCut';
import { useCut, type Cut } from '../useCut';
import { Measured } from './Measured';
import { NextPass } from './NextPass';
import { Passes } from './Passes';
import {
  dialOf,
  freshJob,
  sizeState,
  sizesOf,
  stepsUp,
  straight,
  useSizeJobs,
  type SizeJob,
  type SizeOf,
} from './size-job';

const SIZE_WORDS: Readonly<Record<SizeOf, string>> = {
  outside: 'Outside',
  bore: 'Bore',
  length: 'Length',
  thickness: 'Thickness',
};
type Editing = 'startMm' | 'targetMm' | 'depthMm' | 'finishMm' | 'measured';

/** Brings work to size: passes, dial readings, and the correction after each measurement. */
export function ToSizeScreen() {
  const { cut, loading, error, refused } = useCut();
  const router = useRouter();
  const back = () => backOr(router, '/cut');
  if (!cut) return <NoCut loading={loading} error={error} refused={refused} />;
  const dial = dialOf(cut.setup);
  if (!dial)
    return (
      <Screen title="To size" onBack={back}>
        <Empty title="No dial to size with">
          This machine drills to a depth; a lathe, a mill or a shaper works to a size.
        </Empty>
      </Screen>
    );
  return <ToSize cut={cut} dial={dial} back={back} />;
}

function ToSize({ cut, dial, back }: { cut: Cut; dial: Dial; back: () => void }) {
  const units = useUnits();
  const say = useUndo((state) => state.say);
  const { drafts, keep, drop } = useSizeJobs();
  const key = cut.choice.machineId;
  const kept = drafts[key];
  const sizes = sizesOf(cut.setup);
  const job =
    kept && sizes.includes(kept.of) ? kept : freshJob(cut.setup, cut.plan.edge.key, cut.plan.depth.mm);
  const [editing, setEditing] = useState<Editing | null>(null);
  const change = (next: Partial<SizeJob>) => keep(key, { ...job, ...next });
  const state = sizeState(job, cut.setup.firstPassOnSkin ? cut.setup.stock.skinMm : 0);
  const length = (mm: number) => joined(formatLength(mm, units));
  const sign = straight(job.of) ? '' : '⌀';
  const jobDial = dialOf(cut.setup, job.of) ?? dial;
  const [next] = state.rows;
  const edit = (what: Editing, label: string, mm: number) => (
    <Button
      key={what}
      label={`${label} ${sign && (what === 'startMm' || what === 'targetMm') ? sign : ''}${length(mm)}`}
      says={`${label} ${length(mm)}, change`}
      onPress={() => setEditing(what)}
      style={styles.grow}
    />
  );
  const again = () => {
    drop(key);
    say('A fresh start; the measures are put away.', () => keep(key, job));
  };
  return (
    <Screen
      title="To size"
      about={`${cut.setup.machine.name}: from ${sign}${length(job.startMm)} to ${sign}${length(job.targetMm)}`}
      onBack={back}
      side={
        <Passes
          state={state}
          dial={jobDial}
          sign={sign}
          units={units}
          ups={stepsUp(job, state.rows, cut.setup, cut.plan, cut.rules)}
        />
      }
      footer={
        <>
          <Button label="Start anew" disabled={!kept} onPress={again} />
          <Button
            kind="main"
            label="Measured after this pass"
            disabled={!next}
            onPress={() => setEditing('measured')}
            style={styles.grow}
          />
        </>
      }
    >
      <View style={styles.pad}>
        {sizes.length > 1 && (
          <Choice
            says="What is brought to size"
            value={job.of}
            onChange={(of) =>
              change({
                of,
                measures: [],
                targetMm: of === 'bore' ? job.startMm + 4 : Math.max(1, job.startMm - 4),
              })
            }
            options={sizes.map((value) => ({ value, label: SIZE_WORDS[value] }))}
          />
        )}
        <View style={styles.row}>
          {edit('startMm', 'From', job.startMm)}
          {edit('targetMm', 'To', job.targetMm)}
        </View>
        <View style={styles.row}>
          {edit('depthMm', 'Rough', job.depthMm)}
          {edit('finishMm', 'Finish', job.finishMm)}
        </View>
        <Choice
          says="Finishing passes"
          value={String(job.finishPasses)}
          onChange={(count) => change({ finishPasses: Number(count) })}
          options={[
            { value: '1', label: 'One finishing pass' },
            { value: '2', label: 'Two equal ones' },
          ]}
        />
      </View>
      <Sheet>
        <NextPass state={state} job={job} dial={jobDial} sign={sign} units={units} />
        {job.measures.length > 0 && (
          <Measured
            job={job}
            sign={sign}
            units={units}
            onRemove={(i) => change({ measures: job.measures.filter((_, j) => j !== i) })}
          />
        )}
        <Caution level="caution">
          Measure only with the spindle stopped, the tool clear, the work cold: warm work measures large and
          comes out small.
        </Caution>
      </Sheet>
      {editing === 'measured' && next && (
        <Keypad
          title="Measured now"
          place="to-size"
          valueMm={next.afterMm}
          limits={{ lowMm: 0.1, highMm: 3000 }}
          onSet={(foundMm) => change({ measures: [...job.measures, { dialMm: next.dialMm, foundMm }] })}
          onClose={() => setEditing(null)}
        />
      )}
      {editing && editing !== 'measured' && (
        <Keypad
          title={
            {
              startMm: 'Measured before the first pass',
              targetMm: 'Wanted size',
              depthMm: 'Deepest roughing pass, slide travel',
              finishMm: 'Finishing pass, slide travel',
            }[editing]
          }
          place="to-size"
          valueMm={job[editing]}
          limits={
            editing === 'depthMm' || editing === 'finishMm'
              ? { lowMm: 0.005, highMm: 20 }
              : { lowMm: 0.1, highMm: 3000 }
          }
          onSet={(mm) => change(editing === 'startMm' ? { startMm: mm, measures: [] } : { [editing]: mm })}
          onClose={() => setEditing(null)}
        />
      )}
    </Screen>
  );
}

const styles = sheet({
  grow: { flex: 1 },
  pad: { paddingHorizontal: SPACE.edge, gap: SPACE.close },
  row: { flexDirection: 'row', gap: SPACE.close, alignItems: 'center' },
});
