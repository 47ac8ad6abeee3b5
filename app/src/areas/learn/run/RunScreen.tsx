import type { RunBody } from '@pike-stone/contract';
import { isSign, PARAMETERS, runState, type RunState } from '@pike-stone/core/learn';
import {
  GOAL_WORDS,
  PARAMETER_WORDS,
  sayInstead,
  saySetting,
  sayState,
  SIGN_SHORT,
} from '@pike-stone/words/learn';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { useUnits } from '../../../data/preferences';
import { useRecord } from '../../../data/record';
import { save, type Shown } from '../../../data/records';
import { backOr } from '../../../kit/back';
import { Button } from '../../../kit/Button';
import { Loading } from '../../../kit/Empty';
import { Row } from '../../../kit/Row';
import { Screen, Sheet } from '../../../kit/Screen';
import { useBusy } from '../../../kit/useBusy';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import { OUTCOME_MARK } from '../../book/outcomes';
import { sizeWords } from '../../book/size-words';
import { LoadingOrNotHere } from '../../LoadingOrNotHere';
import { useDraft } from '../../cut/draft';
import { KeepButton } from '../proven/KeepButton';
import { AdvicePanel } from '../seen/AdvicePanel';
import { SignArt } from '../seen/SignArt';
import { leverFor } from '../lever-for';
import { useCutOf, type CutOf } from '../useCutOf';
import { useActiveRun } from './active-run';
import { ENDED_WORDS } from './RunRow';
import { TrialMap } from './TrialMap';
import { trialOf, useTrials } from './trials';

/** A run of trials: where it stands, the one next change, and its path. */
export function RunScreen() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const { record, loading, error } = useRecord('runs', id);
  const cut = useCutOf(record?.body.cut ?? null);
  const { trials, loading: coming } = useTrials(id);
  if (!record) return <LoadingOrNotHere place="book" loading={loading} error={error} />;
  return cut && !coming ? <Known record={record} cut={cut} cuts={trials} /> : <Loading error={error} />;
}

function Known({ record, cut, cuts }: { record: Shown<'runs'>; cut: CutOf; cuts: readonly Shown<'cuts'>[] }) {
  const router = useRouter();
  const units = useUnits();
  const active = useActiveRun();
  const { body } = record;
  const { setup, plan, rules } = cut;
  const trials = useMemo(() => cuts.map((one) => trialOf(one.body)), [cuts]);
  const state = useMemo(
    () => runState(setup, plan, rules, body.goal, body.wanted, trials),
    [setup, plan, rules, body, trials],
  );
  const isOpen = body.finishedAt === null;
  const next = state.next?.setting?.setting ?? null;

  /** Opens the cut as the next trial is to be set. */
  const setUp = (address: '/cut' | '/cut/log') => {
    const setting = next ?? trials.at(-1)?.setting ?? null;
    active.set({ runId: record.id, changed: state.next?.parameter ?? null, setting });
    useDraft
      .getState()
      .set({
        ...body.cut,
        ...(setting && {
          rpmByHand: setting.rpm,
          depthMm: setting.depthMm,
          feedByHand: leverFor(cut, setting)?.value ?? null,
        }),
      });
    router.push(address);
  };
  const [fault, setFault] = useState<string | null>(null);
  const end = async (ended: RunBody['ended']) => {
    const finishedAt = new Date().toISOString();
    const result = await save('runs', record.id, record.version, { ...body, ended, finishedAt });
    if ('refusal' in result) return setFault(result.refusal.message);
    active.set({ runId: null, changed: null, setting: null });
  };
  const ending = useBusy(end);
  const best = state.best === null ? null : cuts[state.best];
  return (
    <Screen
      title={body.name}
      about={`${GOAL_WORDS[body.goal].title}, ${setup.machine.name}, ${sizeWords({ ...body.cut, diameterMm: plan.diameterMm }, units)}`}
      onBack={() => backOr(router, '/book')}
      footer={
        isOpen ? (
          <>
            <Button label="Set it" says="Set it: open the next trial in Cut" onPress={() => setUp('/cut')} />
            <Button kind="main" label="Cut taken" onPress={() => setUp('/cut/log')} style={styles.fill} />
          </>
        ) : undefined
      }
      side={<TrialList cuts={cuts} cut={cut} best={state.best} />}
    >
      <Standing body={body} state={state} trials={trials.length} />
      {trials.length > 0 && isOpen && state.is !== 'look' && (
        <AdvicePanel state={state} signs={trials.at(-1)!.signs} setup={setup} units={units} />
      )}
      <View style={styles.actions}>
        {best && <KeepButton record={best} cut={cut} says={`Keep the setting of trial ${state.best! + 1}`} />}
        {isOpen && (
          <Button
            label={state.is === 'met' ? 'End the run' : 'Give up'}
            busy={ending.busy}
            onPress={() =>
              ending.press(state.is === 'met' ? 'met' : state.is === 'stuck' ? 'stuck' : 'given-up')
            }
            style={styles.grow}
          />
        )}
      </View>
      {fault !== null && (
        <Words role="fault" style={styles.standing}>
          {fault}
        </Words>
      )}
      <Sheet>
        <TrialMap setup={setup} plan={plan} trials={trials} next={isOpen ? next : null} units={units} />
      </Sheet>
    </Screen>
  );
}

function Standing({ body, state, trials }: { body: RunBody; state: RunState; trials: number }) {
  const count = trials === 1 ? '1 trial' : `${trials} trials`;
  return (
    <View style={styles.standing} role="status">
      <Words role="label">
        {body.ended
          ? `${count}, ${ENDED_WORDS[body.ended]}`
          : trials === 0
            ? 'No trial yet'
            : `After ${count}`}
      </Words>
      <Words role="heading">{sayState(state.is, body.goal)}</Words>
      {state.is === 'met' && state.best !== null && state.best !== trials - 1 && (
        <Words>{`Trial ${state.best + 1} served it best: go back to that.`}</Words>
      )}
      {state.is === 'met' && state.instead.length > 0 && (
        <Words role="note">{`For more: ${sayInstead(state.instead)[0]!.toLowerCase()}.`}</Words>
      )}
    </View>
  );
}

function TrialList({ cuts, cut, best }: { cuts: readonly Shown<'cuts'>[]; cut: CutOf; best: number | null }) {
  const router = useRouter();
  const units = useUnits();
  if (cuts.length === 0) return null;
  return (
    <Sheet>
      <View role="list" aria-label="Trials">
        {cuts.map(({ id, body, waiting }, i) => {
          const signs = (body.signs ?? []).filter(isSign);
          const set = saySetting(body.set, cut.setup, units);
          const seen = signs.map((key) => SIGN_SHORT[key].toLowerCase()).join(', ');
          const change = body.changed ? `${said(body.changed)}: ` : '';
          return (
            <View key={id} role="listitem" style={styles.trial}>
              <View style={styles.art}>{signs[0] && <SignArt sign={signs[0]} size={44} />}</View>
              <View style={styles.fill}>
                <Row
                  title={`${i + 1}  ${set}`}
                  about={`${change}${seen || 'nothing noted'}${i === best ? '; serves it best' : ''}`}
                  waiting={waiting}
                  aside={<Words role="label">{OUTCOME_MARK[body.outcome]}</Words>}
                  onPress={() => router.push(`/book/${id}`)}
                />
              </View>
            </View>
          );
        })}
      </View>
    </Sheet>
  );
}

/** What was changed before a trial. */
const said = (changed: string): string => {
  const parameter = PARAMETERS.find((one) => one === changed);
  return parameter ? `${PARAMETER_WORDS[parameter]} changed` : 'changed';
};

const styles = sheet({
  fill: { flex: 1 },
  grow: { flexGrow: 1 },
  actions: { flexDirection: 'row', flexWrap: 'wrap', gap: SPACE.close, paddingHorizontal: SPACE.edge },
  standing: { paddingHorizontal: SPACE.edge, gap: SPACE.hair },
  trial: { flexDirection: 'row', alignItems: 'center' },
  art: { width: 56, paddingLeft: SPACE.near },
});
