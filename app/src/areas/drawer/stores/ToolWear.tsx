import { supplyState } from '@pike-stone/core/inventory';
import { sayLeft } from '@pike-stone/words/stores';
import { View } from 'react-native';
import { useUnits } from '../../../data/preferences';
import { useRecords } from '../../../data/records';
import { useStockLevels } from '../../../data/stock-levels';
import { Caution } from '../../../kit/Caution';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import { EdgeButtons } from './EdgeButtons';
import { toolCounted } from './used-up';

/** At the machine: what is left of the tool in use, what to beware of, and one touch for an edge used, broken or ground. */
export function ToolWear({ toolId }: { toolId: string }) {
  const units = useUnits();
  const supplies = useRecords('supplies');
  const tools = useRecords('tools');
  const { tallyOf, loading } = useStockLevels();
  const tool = tools.records.find((one) => one.id === toolId);
  const counted = tool && toolCounted(toolId, tool.body, supplies.records);
  if (!tool || !counted || loading) return null;
  const tally = tallyOf(counted.of, counted.itemId);
  const state = supplyState(counted.usedUp, tally);
  return (
    <View style={styles.box} role="group" aria-label="Edge of this tool">
      {state === 'none' && (
        <Caution level="caution">
          {counted.usedUp.by === 'edges'
            ? `The last edge of ${counted.from ?? 'the box'} is used up: buy or count before this cut.`
            : 'Too short to grind again: what is left of it goes with this edge.'}
        </Caution>
      )}
      <Words role="note">
        {`${sayLeft(counted.usedUp, tally, counted.edgesEach, units)}${state === 'low' ? ', low' : ''}`}
      </Words>
      <View style={styles.row}>
        <EdgeButtons counted={counted} name={tool.body.name} tool={tool} />
      </View>
    </View>
  );
}

const styles = sheet({
  box: { paddingHorizontal: SPACE.edge, paddingVertical: SPACE.close, gap: SPACE.close },
  row: { flexDirection: 'row', gap: SPACE.close },
});
