import type { RunBody } from '@pike-stone/contract';
import { GOALS, type Goal } from '@pike-stone/core/learn';
import { forecast } from '@pike-stone/core/forecast';
import type { UnitSystem } from '@pike-stone/words';
import { GOAL_WORDS, nameOfCut, raUnit } from '@pike-stone/words/learn';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { useUnits } from '../../../data/preferences';
import { newId, save, useRecords } from '../../../data/records';
import { backOr } from '../../../kit/back';
import { Button } from '../../../kit/Button';
import { Row } from '../../../kit/Row';
import { Screen, Sheet } from '../../../kit/Screen';
import { useBusy } from '../../../kit/useBusy';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import { useFigures } from '../../figures/useFigures';
import { NoCut } from '../../cut/NoCut';
import { keepQuick } from '../../cut/quick/keep-quick';
import { useCut, type Cut } from '../../cut/useCut';
import { isOfRun, useActiveRun } from './active-run';
import { RunRow } from './RunRow';

/** Begins a run of trials of the cut that is set up, after a goal. */
export function NewRunScreen() {
  const { cut, loading, error, refused } = useCut();
  return cut ? <NewRun cut={cut} /> : <NoCut loading={loading} error={error} refused={refused} />;
}

interface Wanted {
  readonly label: string;
  readonly low: number;
  readonly high: number;
  /** What is typed, for one of the unit that is kept. */
  readonly per: number;
}
/** What may be wanted of a goal, in the units of the shop. */
function wantedOf(goal: Goal, units: UnitSystem): Wanted | null {
  const { unit, perUm } = raUnit(units);
  if (goal === 'finish')
    return {
      label: `Wanted roughness Ra (${unit}), or nothing`,
      low: 0.05 * perUm,
      high: 50 * perUm,
      per: perUm,
    };
  if (goal === 'load') return { label: 'Wanted net power (W), or nothing', low: 1, high: 20_000, per: 1 };
  return null;
}

function NewRun({ cut }: { cut: Cut }) {
  const router = useRouter();
  const units = useUnits();
  const active = useActiveRun();
  const runs = useRecords('runs').records;
  const [goal, setGoal] = useState<Goal>('chip');
  const [fault, setFault] = useState<string>();
  const asked = wantedOf(goal, units);
  const wanted = useFigures<'wanted'>(
    [
      {
        key: 'wanted',
        label: asked?.label ?? '',
        kind: 'number',
        low: asked?.low ?? 0,
        high: asked?.high ?? 1,
        optional: true,
      },
    ],
    { atOnce: true },
  );
  const { setup, plan, choice } = cut;
  const isTold = forecast(setup, plan).chip !== null;
  const goals = GOALS.filter((one) => one !== 'chip' || isTold);
  const chosen = goals.includes(goal) ? goal : goals[0]!;
  const start = async () => {
    const read = asked ? wanted.take() : { wanted: [] };
    if (!read) return;
    const id = newId();
    await keepQuick(choice);
    const body: RunBody = {
      name: nameOfCut(setup.operation, setup.stock.name),
      cut: choice,
      goal: chosen,
      wanted: read.wanted[0] === undefined ? null : read.wanted[0] / (asked?.per ?? 1),
      startedAt: new Date().toISOString(),
      finishedAt: null,
      ended: null,
      note: '',
    };
    const result = await save('runs', id, 0, body);
    if ('refusal' in result) return setFault(result.refusal.message);
    active.set({ runId: id, changed: null, setting: null });
    router.replace(`/book/runs/${id}`);
  };
  const { busy, press } = useBusy(start);
  const earlier = runs.filter(({ archived, body }) => !archived && isOfRun(body.cut, choice));
  return (
    <Screen
      title="Work up"
      about={`${setup.stock.name}, ${setup.tool.name}, ${setup.machine.name}`}
      onBack={() => backOr(router, '/cut')}
      footer={<Button kind="main" label="Start the run" busy={busy} onPress={press} style={styles.fill} />}
    >
      <View style={styles.pad}>
        <Words>Trials of this cut, one change at a time, until the goal is met. What is it to be?</Words>
      </View>
      <Sheet>
        {goals.map((one) => (
          <Row
            key={one}
            title={GOAL_WORDS[one].title}
            about={GOAL_WORDS[one].about}
            chosen={one === chosen}
            onPress={() => setGoal(one)}
          />
        ))}
      </Sheet>
      {(asked || fault) && (
        <View style={styles.pad}>
          {asked && wanted.boxes}
          {fault && <Words role="fault">{fault}</Words>}
        </View>
      )}
      {earlier.length > 0 && (
        <Sheet>
          <View style={styles.group}>
            <Words role="heading">Earlier runs of this cut</Words>
          </View>
          {earlier.map((record) => (
            <RunRow
              key={record.id}
              record={record}
              units={units}
              onPress={() => router.push(`/book/runs/${record.id}`)}
            />
          ))}
        </Sheet>
      )}
    </Screen>
  );
}

const styles = sheet({
  fill: { flex: 1 },
  pad: { paddingHorizontal: SPACE.edge, gap: SPACE.close },
  group: { paddingHorizontal: SPACE.edge, paddingTop: SPACE.near },
});
