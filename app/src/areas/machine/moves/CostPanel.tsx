import { StyleSheet, View } from 'react-native';
import { Button } from '../../../kit/Button';
import { Panel } from '../../../kit/Panel';
import { Words } from '../../../kit/Words';
import { SPACE } from '../../../theme/type';
import { useFigures } from '../../figures/useFigures';
import type { Costs } from './positions';

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

const styles = StyleSheet.create({ grow: { flex: 1 }, group: { padding: SPACE.edge, gap: SPACE.close } });
