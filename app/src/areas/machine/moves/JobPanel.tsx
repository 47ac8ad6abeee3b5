import { useState } from 'react';
import { View } from 'react-native';
import { newId } from '../../../data/records';
import { Button } from '../../../kit/Button';
import { Choice, Tick } from '../../../kit/Choice';
import { Panel } from '../../../kit/Panel';
import { TextBox } from '../../../kit/TextBox';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import { useFigures } from '../../figures/useFigures';

/** Asks for one job of the day: the speed it wants, and the jobs that must come before it. */
export interface Job {
  readonly id: string;
  readonly name: string;
  readonly rpm: number;
  /** Slowest and fastest speed that the job accepts, as shares of the wanted one. */
  readonly low: number;
  readonly high: number;
  readonly after: readonly string[];
}

const WINDOWS = [
  { value: 'usual', label: 'Usual: 0.6 to 1.1', low: 0.6, high: 1.1 },
  { value: 'slow', label: 'Ream, thread: 0.3 to 1', low: 0.3, high: 1 },
  { value: 'near', label: 'Near: 0.9 to 1.1', low: 0.9, high: 1.1 },
] as const;

interface JobPanelProps {
  readonly job: Job | null;
  readonly others: readonly Job[];
  readonly unit: string;
  readonly onSet: (job: Job) => void;
  readonly onRemove: (() => void) | null;
  readonly onClose: () => void;
}

export function JobPanel({ job, others, unit, onSet, onRemove, onClose }: JobPanelProps) {
  const [name, setName] = useState(job?.name ?? '');
  const [window, setWindow] = useState<(typeof WINDOWS)[number]['value']>(
    WINDOWS.find(({ low, high }) => low === job?.low && high === job.high)?.value ?? 'usual',
  );
  const [after, setAfter] = useState<readonly string[]>(job?.after ?? []);
  const [asked, setAsked] = useState(false);
  const figures = useFigures([
    {
      key: 'rpm',
      label: `Wanted, ${unit}`,
      kind: 'number',
      low: 0.5,
      high: 30_000,
      start: job ? String(job.rpm) : '',
    },
  ]);
  const nameFault =
    name.trim() === ''
      ? 'Say what is done: face, drill 8, ream.'
      : name.length > 40
        ? 'Keep it under 40 characters.'
        : undefined;
  const set = () => {
    setAsked(true);
    const read = figures.take();
    const { low, high } = WINDOWS.find(({ value }) => value === window)!;
    if (read && !nameFault)
      onSet({ id: job?.id ?? newId(), name: name.trim(), rpm: read.rpm[0]!, low, high, after });
  };
  return (
    <Panel
      title={job ? 'Job' : 'Add a job'}
      onClose={onClose}
      footer={
        <>
          {onRemove && <Button label="Take it out" onPress={onRemove} />}
          <Button kind="main" label="Set" onPress={set} style={styles.grow} />
        </>
      }
    >
      <View style={styles.body}>
        <TextBox label="What is done" value={name} onChange={setName} fault={asked ? nameFault : undefined} />
        {figures.boxes}
        <Words role="label">Steps that will do, as a share of it</Words>
        <Choice says="Steps that will do" value={window} onChange={setWindow} options={WINDOWS} />
        {others.length > 0 && <Words role="label">Must come after</Words>}
        {others.map((other) => (
          <Tick
            key={other.id}
            label={other.name}
            value={after.includes(other.id)}
            onChange={(on) => setAfter(on ? [...after, other.id] : after.filter((id) => id !== other.id))}
          />
        ))}
      </View>
    </Panel>
  );
}

const styles = sheet({
  grow: { flex: 1 },
  body: { paddingHorizontal: SPACE.edge, paddingBottom: SPACE.edge, gap: SPACE.near },
});
