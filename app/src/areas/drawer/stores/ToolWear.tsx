import { supplyState, usesLeft } from '@pike-stone/core/inventory';
import { ACT_WORDS, sayLeft } from '@pike-stone/words/stores';
import { StyleSheet, View } from 'react-native';
import { useUnits } from '../../../data/preferences';
import { save, useRecords } from '../../../data/records';
import { useRules } from '../../../data/rules';
import { useStockLevels } from '../../../data/stock-levels';
import { Button } from '../../../kit/Button';
import { Caution } from '../../../kit/Caution';
import { Words } from '../../../kit/Words';
import { SPACE } from '../../../theme/type';
import { pricesOf } from '../../choose/weigh-job';
import { edgeGone, reground } from './acts';
import { useHappen } from './StockPart';
import { toolCounted } from './used-up';

export interface ToolWearProps {
  readonly toolId: string;
}

/** At the machine: what is left of the tool in use, what to beware of, and one touch for an edge used, broken or ground. */
export function ToolWear({ toolId }: ToolWearProps) {
  const units = useUnits();
  const { rules } = useRules();
  const supplies = useRecords('supplies');
  const tools = useRecords('tools');
  const { tallyOf, loading } = useStockLevels();
  const happen = useHappen();
  const record = tools.records.find((one) => one.id === toolId);
  const of = record && toolCounted(toolId, record.body, supplies.records);
  if (!record || !of || loading) return null;
  const { body } = record;
  const prices = pricesOf(body.kind, rules);
  const tally = tallyOf(of.of, of.itemId);
  const state = supplyState(of.usedUp, tally);
  const byEdges = of.usedUp.by === 'edges';
  const edge = (act: 'used' | 'broken') =>
    void happen(edgeGone(of, act, prices), `${ACT_WORDS[act]}: ${body.name}.`);
  const grind = () => {
    if (body.dull) void save('tools', toolId, record.version, { ...body, dull: false });
    void happen(
      reground(of, prices),
      `Ground: ${body.name}.`,
      body.dull ? () => void save('tools', toolId, record.version + 1, body) : undefined,
    );
  };
  return (
    <View style={styles.box} role="group" aria-label="Edge of this tool">
      {state === 'none' && (
        <Caution level="caution">
          {byEdges
            ? `The last edge of ${of.from ?? 'the box'} is used up: buy or count before this cut.`
            : 'Too short to grind again: what is left of it goes with this edge.'}
        </Caution>
      )}
      <Words role="note">
        {`${sayLeft(of.usedUp, tally, of.edgesEach, units)}${state === 'low' ? ', low' : ''}`}
      </Words>
      <View style={styles.row}>
        {byEdges ? (
          <>
            <Button label="Edge used up" onPress={() => edge('used')} style={styles.grow} />
            <Button label="Edge broke" onPress={() => edge('broken')} style={styles.grow} />
          </>
        ) : (
          <Button
            label="Ground it"
            disabled={usesLeft(of.usedUp, tally) < 1}
            onPress={grind}
            style={styles.grow}
          />
        )}
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  grow: { flexGrow: 1 },
  box: { paddingHorizontal: SPACE.edge, paddingVertical: SPACE.close, gap: SPACE.close },
  row: { flexDirection: 'row', gap: SPACE.close },
});
