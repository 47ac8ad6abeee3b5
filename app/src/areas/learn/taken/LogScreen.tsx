import { REMARK_LENGTH, cutBody, fieldsOf } from '@pike-stone/contract';
import { OPERATIONS } from '@pike-stone/core';
import { metalFamily, runState, settingOf, signTool, wasRight, type Trial } from '@pike-stone/core/learn';
import { formatLength, joined } from '@pike-stone/words';
import { GOAL_WORDS } from '@pike-stone/words/learn';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { useUnits } from '../../../data/preferences';
import { useRecord } from '../../../data/record';
import { save, type Shown } from '../../../data/records';
import { backOr, useGoOn } from '../../../kit/back';
import { Button } from '../../../kit/Button';
import { Choice } from '../../../kit/Choice';
import { Screen, Sheet } from '../../../kit/Screen';
import { TextBox } from '../../../kit/TextBox';
import { useBusy } from '../../../kit/useBusy';
import { useUndo } from '../../../kit/Undo';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import { OUTCOMES } from '../../book/outcomes';
import { NoCut } from '../../cut/NoCut';
import { keepQuick } from '../../cut/quick/keep-quick';
import { useCut, type Cut } from '../../cut/useCut';
import { isOfRun, useActiveRun } from '../run/active-run';
import { trialOf, useTrials } from '../run/trials';
import { AdvicePanel } from '../seen/AdvicePanel';
import { SignPicker } from '../seen/SignPicker';
import { cutBodyOf } from './cut-body';
import { CutPhoto } from './CutPhoto';
import { useLogDraft } from './log-draft';
import { SetPart } from './SetPart';
import { useMeasured } from './useMeasured';
import { VerdictPart } from './VerdictPart';

/** Asks what was seen after a cut, gives the one next change, and puts the cut into the book. */
export function LogScreen() {
  const { cut, loading, error, refused } = useCut();
  const { runId } = useActiveRun();
  if (!cut) return <NoCut loading={loading} error={error} refused={refused} />;
  return runId === null ? <LogPage cut={cut} run={null} before={[]} /> : <LogOfRun cut={cut} runId={runId} />;
}

/** The cut as a trial of the run that this device works on, where it is one. */
function LogOfRun({ cut, runId }: { cut: Cut; runId: string }) {
  const { record } = useRecord('runs', runId);
  const { trials } = useTrials(runId);
  const isTrial = record && record.body.finishedAt === null && isOfRun(record.body.cut, cut.choice);
  return (
    <LogPage
      cut={cut}
      run={isTrial ? record : null}
      before={isTrial ? trials.map(({ body }) => trialOf(body)) : []}
    />
  );
}

const AGAINST = [
  { value: 'better', label: 'Better' },
  { value: 'same', label: 'The same' },
  { value: 'worse', label: 'Worse' },
] as const;

function LogPage({ cut, run, before }: { cut: Cut; run: Shown<'runs'> | null; before: readonly Trial[] }) {
  const router = useRouter();
  const goOn = useGoOn();
  const units = useUnits();
  const say = useUndo((state) => state.say);
  const { plan, setup, rules } = cut;
  const { id, outcome, remark, signs, against, photo, said, set: keep, clear } = useLogDraft();
  const active = useActiveRun();
  const measured = useMeasured();
  const begin = (run && active.setting) ?? settingOf(plan);
  const [changed, setChanged] = useState<Partial<typeof begin>>({});
  const set = { ...begin, ...changed };
  const [fault, setFault] = useState<Readonly<Record<string, string>>>({});
  const seen: Trial = {
    setting: set,
    signs,
    outcome: outcome ?? 'worked',
    changed: run && active.changed,
    better: against === 'better',
    raUm: measured.now().raUm ?? null,
    netPowerW: measured.now().netPowerW ?? null,
  };
  const state = runState(setup, plan, rules, run?.body.goal ?? null, run?.body.wanted ?? null, [
    ...before,
    seen,
  ]);
  const told = wasRight(signTool(plan.edge), signs, outcome ?? 'so-so');

  const write = async () => {
    if (!outcome) return setFault({ outcome: 'Say how it went first.' });
    const sizes = measured.take();
    if (!sizes) return setFault({ measured: 'Look at what was measured: one figure cannot be used.' });
    const ofRun = run && { id: run.id, changed: active.changed, better: against === 'better' };
    const taken = {
      set,
      outcome,
      remark,
      signs,
      measured: sizes,
      photo,
      run: ofRun,
      was: { ...told, ...said },
    };
    const read = cutBody.safeParse(cutBodyOf(cut, taken, new Date().toISOString()));
    if (!read.success)
      return setFault(Object.fromEntries(fieldsOf(read.error).map(({ path, message }) => [path, message])));
    // The book names records of the drawer: what was picked without an entry is kept first.
    await keepQuick(cut.choice);
    const result = await save('cuts', id, 0, read.data);
    if ('refusal' in result) return setFault({ remark: result.refusal.message });
    clear();
    measured.forget();
    active.set({ changed: null, setting: null });
    say(
      result.sent === 'waiting'
        ? 'Kept on this device; it goes into the book when the shop’s computer answers.'
        : 'In the book.',
    );
    goOn(run ? `/book/runs/${run.id}` : `/book/${id}`);
  };
  const { busy, press } = useBusy(write);
  const advice = <AdvicePanel state={state} signs={signs} setup={setup} units={units} />;
  const about = run
    ? `Trial ${before.length + 1} of a run: ${GOAL_WORDS[run.body.goal].title.toLowerCase()}`
    : `${setup.stock.name}, ${setup.tool.name}, ${OPERATIONS[setup.operation].turns === 'work' ? `⌀${joined(formatLength(plan.diameterMm, units))}` : setup.machine.name}`;

  return (
    <Screen
      title="What did you see?"
      about={about}
      onBack={() => backOr(router, '/cut')}
      footer={<Button kind="main" label="Put in the book" busy={busy} onPress={press} style={styles.fill} />}
      side={
        <>
          <Sheet>
            <SetPart
              cut={cut}
              set={set}
              units={units}
              onChange={(part) => setChanged({ ...changed, ...part })}
            />
          </Sheet>
          <VerdictPart told={told} said={said} onSay={(part) => keep({ said: { ...said, ...part } })} />
          <Sheet>
            <View style={styles.group}>
              <Words role="heading">Measured</Words>
              {measured.boxes}
              {fault.measured && <Words role="fault">{fault.measured}</Words>}
            </View>
          </Sheet>
        </>
      }
    >
      <Sheet>
        <View style={styles.group}>
          <SignPicker
            tool={signTool(plan.edge)}
            metal={metalFamily(plan.metal)}
            seen={signs}
            onChange={(next) => keep({ signs: next })}
          />
        </View>
      </Sheet>
      {signs.length > 0 && advice}
      <Sheet>
        <View style={styles.group}>
          {before.length > 0 && (
            <>
              <Words role="label">Against the trial before</Words>
              <Choice
                says="Against the trial before"
                value={against === '' ? null : against}
                onChange={(value) => keep({ against: value })}
                options={AGAINST}
              />
            </>
          )}
          <Words role="label">How did it go?</Words>
          <Choice
            says="How did it go?"
            value={outcome}
            onChange={(value) => {
              keep({ outcome: value });
              setFault({});
            }}
            options={OUTCOMES}
          />
          {fault.outcome && <Words role="fault">{fault.outcome}</Words>}
          <TextBox
            label="Remark"
            value={remark}
            onChange={(value) => keep({ remark: value })}
            lines={3}
            limit={REMARK_LENGTH}
            fault={fault.remark}
            placeholder="What the pictures do not say"
          />
          <CutPhoto id={id} isThere={photo} onTaken={() => keep({ photo: true })} />
          {Object.entries(fault)
            .filter(([path]) => !['remark', 'outcome', 'measured'].includes(path))
            .map(([path, message]) => (
              <Words key={path} role="fault">{`${path}: ${message}`}</Words>
            ))}
        </View>
      </Sheet>
    </Screen>
  );
}

const styles = sheet({
  fill: { flex: 1 },
  group: { paddingHorizontal: SPACE.edge, paddingVertical: SPACE.near, gap: SPACE.close },
});
