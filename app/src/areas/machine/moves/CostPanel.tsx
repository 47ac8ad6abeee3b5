import { FigurePanel } from '../../figures/FigurePanel';
import type { Costs } from './positions';

const MOST = 1_000;

/** What moving a belt, shifting a gear and turning a switch count. */
export function CostPanel({
  costs,
  onSet,
  onClose,
}: {
  costs: Costs;
  onSet: (costs: Costs) => void;
  onClose: () => void;
}) {
  const field = <Key extends keyof Costs>(key: Key, label: string) =>
    ({ key, label, kind: 'number', low: 0, high: MOST, start: String(costs[key]) }) as const;
  return (
    <FigurePanel
      title="What a change counts"
      about="Seconds, or points: only their ratio matters."
      fields={[
        field('belt', 'Slacken and move a belt'),
        field('gear', 'Shift a gear'),
        field('switch', 'Turn a switch'),
      ]}
      onSet={(read) => onSet({ belt: read.belt[0]!, gear: read.gear[0]!, switch: read.switch[0]! })}
      onClose={onClose}
    />
  );
}
