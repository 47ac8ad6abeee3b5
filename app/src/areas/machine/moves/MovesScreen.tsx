import { formatSpindleSpeed, operationName } from '@pike-stone/words';
import { MOST_JOBS, type BeltMoves, type Drive } from '@pike-stone/core/drive';
import { settingParts } from '@pike-stone/words/drive';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { draftsNamed } from '../../../data/drafts';
import { useUnits } from '../../../data/preferences';
import { newId } from '../../../data/records';
import { Button } from '../../../kit/Button';
import { Caution } from '../../../kit/Caution';
import { Panel } from '../../../kit/Panel';
import { Picker } from '../../../kit/Picker';
import { Row } from '../../../kit/Row';
import { Screen, Sheet } from '../../../kit/Screen';
import { Words } from '../../../kit/Words';
import { SPACE } from '../../../theme/type';
import { useWorked } from '../../../workers/machine-work';
import { useCut } from '../../cut/useCut';
import { DriveDrawing } from '../drive/DriveDrawing';
import { machinePage, type MachinePageProps } from '../MachinePage';
import { useFigures } from '../useFigures';
import { JobPanel, type Job } from './JobPanel';
import { costsOf, positionsOf, USUAL_COSTS, type Costs, type NamedPosition } from './positions';

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
      {(editing === 'new' || (editing && editing !== 'costs')) && (
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

interface OrderProps {
  readonly machine: MachinePageProps['record']['body'];
  readonly jobs: readonly Job[];
  readonly positions: readonly NamedPosition[];
  readonly start: string | null;
  readonly answer: Extract<BeltMoves, { feasible: true }>;
  readonly unit: string;
}

/** The order step by step: what to change on the drive, then the jobs done there. */
function Order({ machine, jobs, positions, start, answer, unit }: OrderProps) {
  const units = useUnits();
  const of = (id: string) => positions.find((one) => one.id === id)!;
  return (
    <Sheet>
      <View style={styles.group}>
        <Words role="heading">
          {answer.positionChanges === 0
            ? 'No change at all'
            : `${answer.positionChanges} ${answer.positionChanges === 1 ? 'change' : 'changes'}, ${Number(answer.totalCost.toFixed(1))} points`}
        </Words>
        <View role="list" aria-label="Order of the jobs" style={styles.list}>
          {answer.order.map(({ job, position }, i) => {
            const here = of(position);
            const beforeId = answer.order[i - 1]?.position ?? start;
            const before = beforeId === null ? null : of(beforeId);
            const changed = before
              ? Object.keys(here.settings).filter((name) => here.settings[name] !== before.settings[name])
              : [];
            const moves = before === null || changed.length > 0;
            return (
              <View key={job} role="listitem" style={styles.tight}>
                {moves && (
                  <Words role="strong">
                    {before === null
                      ? `Set ${here.words.toLowerCase()}`
                      : `Change: ${sayChange(machine.drive, here, changed)}`}
                  </Words>
                )}
                {moves && machine.drive && here.at && (
                  <DriveDrawing
                    drive={machine.drive}
                    at={here.at}
                    units={units}
                    height={310}
                    end={machine.kind === 'shaper' ? 'crank' : 'spindle'}
                    changed={new Set(changed.map((name) => Number(name)))}
                  />
                )}
                <Words>
                  {`${i + 1}. ${jobs.find((one) => one.id === job)?.name} at ${formatSpindleSpeed(here.rpm).figure} ${unit}`}
                  <Words role="note">{moves ? '' : ', nothing to change'}</Words>
                </Words>
              </View>
            );
          })}
        </View>
        <Words role="note">
          A suggestion: clamping, concentricity and roughing before finishing come first; say so with “must
          come after”.
        </Words>
      </View>
      <Caution level="caution">
        Isolate for every belt and gear; bull-gear pin out before the back gear goes in. Guards back before
        the switch.
      </Caution>
    </Sheet>
  );
}

/** The settings that differ between two positions, such as "belt 2, back gear in". */
function sayChange(drive: Drive | undefined, here: NamedPosition, changed: readonly string[]): string {
  const { at, rpm, words, settings } = here;
  if (!drive || !at) return changed.map((name) => String(settings[name])).join(', ');
  const said = settingParts(drive, { at, rpm }).filter(
    (part, i) => part !== '' && changed.includes(i === 0 ? 'motor' : String(i - 1)),
  );
  return (said.join(', ') || words).toLowerCase();
}

function CostPanel({
  costs,
  onSet,
  onClose,
}: {
  costs: Costs;
  onSet: (costs: Costs) => void;
  onClose: () => void;
}) {
  const figures = useFigures([
    {
      key: 'belt',
      label: 'Slacken and move a belt',
      kind: 'number',
      low: 0,
      high: 1_000,
      start: String(costs.belt),
    },
    { key: 'gear', label: 'Shift a gear', kind: 'number', low: 0, high: 1_000, start: String(costs.gear) },
    {
      key: 'switch',
      label: 'Turn a switch',
      kind: 'number',
      low: 0,
      high: 1_000,
      start: String(costs.switch),
    },
  ]);
  const set = () => {
    const read = figures.take();
    if (read) onSet({ belt: read.belt[0]!, gear: read.gear[0]!, switch: read.switch[0]! });
  };
  return (
    <Panel
      title="What a change counts"
      onClose={onClose}
      footer={<Button kind="main" label="Set" onPress={set} style={styles.grow} />}
    >
      <View style={styles.group}>
        <Words role="note">Seconds, or points: only their ratio matters.</Words>
        {figures.boxes}
      </View>
    </Panel>
  );
}

const styles = StyleSheet.create({
  grow: { flex: 1 },
  group: { padding: SPACE.edge, gap: SPACE.close },
  list: { gap: SPACE.near },
  tight: { gap: SPACE.hair },
});
