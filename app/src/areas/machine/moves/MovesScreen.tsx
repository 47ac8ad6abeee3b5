import { formatSpindleSpeed, operationName } from '@pike-stone/words';
import { MOST_JOBS, type BeltMoves } from '@pike-stone/core/drive';
import { useState } from 'react';
import { View } from 'react-native';
import { draftsNamed } from '../../../data/drafts';
import { newId } from '../../../data/records';
import { Button } from '../../../kit/Button';
import { Picker } from '../../../kit/Picker';
import { Row } from '../../../kit/Row';
import { Screen, Sheet } from '../../../kit/Screen';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import { useWorked } from '../../../workers/machine-work';
import { useCut } from '../../cut/useCut';
import { machinePage, type MachinePageProps } from '../MachinePage';
import { CostPanel } from './CostPanel';
import { JobPanel, type Job } from './JobPanel';
import { Order } from './Order';
import { costsOf, positionsOf, USUAL_COSTS, type Costs } from './positions';

interface Day {
  readonly jobs: readonly Job[];
  /** Position the machine is set to at the start; null when that does not matter. */
  readonly start: string | null;
  readonly costs: Costs;
}
const useDays = draftsNamed<Day>('pike-days');
const NO_DAY: Day = { jobs: [], start: null, costs: USUAL_COSTS };
const ANY = 'any';

/** Puts a day's jobs into the order with the fewest belt changes. */
export const MovesScreen = machinePage(function Moves({ record, back }: MachinePageProps) {
  const machine = record.body;
  const { drafts, keep } = useDays();
  const { cut } = useCut();
  const day = drafts[record.id] ?? NO_DAY;
  const { jobs, costs } = day;
  const [editing, setEditing] = useState<Job | 'new' | 'costs' | null>(null);
  const change = (next: Partial<Day>) => keep(record.id, { ...day, ...next });
  const close = () => setEditing(null);
  const unit = machine.kind === 'shaper' ? 'strokes/min' : 'rpm';

  const positions = positionsOf(machine);
  const start = positions.some(({ id }) => id === day.start) ? day.start : null;
  const question =
    jobs.length === 0 || jobs.length > MOST_JOBS
      ? null
      : {
          positions,
          start,
          costs: costsOf(machine, positions, costs),
          jobs: jobs.map(({ id, rpm, low, high, after }) => ({
            id,
            rpmMin: rpm * low,
            rpmMax: rpm * high,
            after: after.filter((other) => jobs.some((one) => one.id === other)),
          })),
        };
  const { answer, working, fault } = useWorked(question, async (work, asked): Promise<BeltMoves> =>
    work.beltMoves(asked.positions, asked.jobs, asked.costs, asked.start),
  );
  const fromCut = cut && cut.choice.machineId === record.id && cut.plan.speed ? cut : null;
  const addCut = () => {
    if (!fromCut) return;
    const { plan, setup } = fromCut;
    change({
      jobs: [
        ...jobs,
        {
          id: newId(),
          name: `${operationName(setup.operation)} ${setup.stock.name}`.slice(0, 40),
          rpm: Math.round(plan.speed.idealRpm),
          low: 0.6,
          high: 1.1,
          after: [],
        },
      ],
    });
  };
  const taking = new Set(jobs.flatMap(({ after }) => after));
  const removed = (gone: Job): Job[] =>
    jobs
      .filter((one) => one.id !== gone.id)
      .map((one) => ({ ...one, after: one.after.filter((id) => id !== gone.id) }));
  const result = (
    <>
      {answer?.feasible && !working && (
        <Order
          machine={machine}
          jobs={jobs}
          positions={positions}
          start={start}
          answer={answer}
          unit={unit}
        />
      )}
      {answer && !answer.feasible && !working && (
        <Sheet>
          <View style={styles.group}>
            <Words role="fault">
              {answer.impossible.length > 0
                ? `No step of this machine will do for ${answer.impossible.map((id) => jobs.find((job) => job.id === id)?.name).join(', ')}. Widen what will do, or take another machine.`
                : `The order goes in a circle: ${jobs
                    .filter(({ id }) => taking.has(id))
                    .map(({ name }) => name)
                    .join(', ')}. Leave one “must come after” out.`}
            </Words>
          </View>
        </Sheet>
      )}
      {fault && (
        <Sheet>
          <View style={styles.group}>
            <Words role="fault">{fault}</Words>
          </View>
        </Sheet>
      )}
    </>
  );
  return (
    <Screen
      title="Fewest belt moves"
      about={machine.name}
      onBack={back}
      side={jobs.length > 0 ? result : undefined}
      footer={
        <>
          {fromCut && (
            <Button
              label="Add the cut set up"
              says="Add the cut that is set up in Cut"
              disabled={jobs.length >= MOST_JOBS}
              onPress={addCut}
              style={styles.grow}
            />
          )}
          <Button
            kind="main"
            label="Add a job"
            disabled={jobs.length >= MOST_JOBS}
            onPress={() => setEditing('new')}
            style={styles.grow}
          />
        </>
      }
    >
      <Sheet>
        {jobs.length === 0 && (
          <View style={styles.group}>
            <Words role="heading">What is to be done?</Words>
            <Words role="quiet">
              Add each job with the speed it wants, and what must come before it. The order with the fewest
              and cheapest changes is worked out.
            </Words>
          </View>
        )}
        {jobs.map((job) => (
          <Row
            key={job.id}
            title={`${job.name}, ${formatSpindleSpeed(job.rpm).figure} ${unit}`}
            onPress={() => setEditing(job)}
            about={[
              `${Math.round(job.rpm * job.low)} to ${Math.round(job.rpm * job.high)} will do`,
              job.after.length > 0
                && `after ${job.after
                  .map((id) => jobs.find((one) => one.id === id)?.name)
                  .filter(Boolean)
                  .join(', ')}`,
            ]
              .filter(Boolean)
              .join('; ')}
          />
        ))}
        <View style={styles.group}>
          <Picker
            label="The machine stands at"
            value={start ?? ANY}
            onChange={(next) => change({ start: next === ANY ? null : next })}
            options={[
              { value: ANY, label: 'Any step: the first setting is free' },
              ...positions.map(({ id, words, rpm }) => ({
                value: id,
                label: `${words} (${formatSpindleSpeed(rpm).figure})`,
              })),
            ]}
          />
          <Button
            label={`A belt counts ${costs.belt}, a gear ${costs.gear}, a switch ${costs.switch}`}
            says="What each change counts, change"
            onPress={() => setEditing('costs')}
          />
        </View>
      </Sheet>
      {editing && editing !== 'costs' && (
        <JobPanel
          job={editing === 'new' ? null : editing}
          unit={unit}
          onClose={close}
          others={jobs.filter((one) => editing === 'new' || one.id !== editing.id)}
          onRemove={
            editing === 'new'
              ? null
              : () => {
                  change({ jobs: removed(editing) });
                  close();
                }
          }
          onSet={(job) => {
            change({
              jobs: editing === 'new' ? [...jobs, job] : jobs.map((one) => (one.id === job.id ? job : one)),
            });
            close();
          }}
        />
      )}
      {editing === 'costs' && (
        <CostPanel
          costs={costs}
          onSet={(next) => {
            change({ costs: next });
            close();
          }}
          onClose={close}
        />
      )}
    </Screen>
  );
});

const styles = sheet({ grow: { flex: 1 }, group: { padding: SPACE.edge, gap: SPACE.close } });
