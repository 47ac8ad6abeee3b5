import type { SupplyBody, ToolBody } from '@pike-stone/contract';
import { StyleSheet, View } from 'react-native';
import { pricesOf } from '../../choose/weigh-job';
import { save, useRecords } from '../../../data/records';
import { useRules } from '../../../data/rules';
import { Picker } from '../../../kit/Picker';
import { Sheet } from '../../../kit/Screen';
import { SPACE } from '../../../theme/type';
import { StockPart } from './StockPart';
import { supplyCounted, toolCounted } from './used-up';

/** What is left of a supply; nothing for one that is not counted. */
export function SupplyStock({ id, body }: { id: string; body: SupplyBody }) {
  const { rules } = useRules();
  const of = supplyCounted(id, body);
  return of && <StockPart of={of} name={body.name} prices={pricesOf('turning-tool', rules)} />;
}

/** What is left of a tool; nothing for one that is not counted. Grinding makes it sharp. */
export function ToolStock({ id, body }: { id: string; body: ToolBody }) {
  const { rules } = useRules();
  const { records } = useRecords('supplies');
  const tools = useRecords('tools');
  const record = tools.records.find((one) => one.id === id);
  const of = toolCounted(id, body, records);
  if (!of) return <FromBox id={id} body={body} boxes={records} />;
  const onGround = () => {
    if (!record?.body.dull) return undefined;
    void save('tools', id, record.version, { ...record.body, dull: false }, record.archived);
    return () => void save('tools', id, record.version + 1, record.body, record.archived);
  };
  return <StockPart of={of} name={body.name} prices={pricesOf(body.kind, rules)} onGround={onGround} />;
}

const INSERTS: readonly ToolBody['material'][] = ['carbide-coated', 'carbide-uncoated'];

/** Asks which box the inserts of a tool come from; nothing for a tool without inserts. */
function FromBox({
  id,
  body,
  boxes,
}: {
  id: string;
  body: ToolBody;
  boxes: readonly { readonly id: string; readonly archived: boolean; readonly body: SupplyBody }[];
}) {
  const tools = useRecords('tools');
  const record = tools.records.find((one) => one.id === id);
  const options = boxes
    .filter((one) => !one.archived && one.body.kind === 'insert-box')
    .map((one) => ({ value: one.id, label: one.body.name }));
  if (!record || options.length === 0 || !INSERTS.includes(body.material)) return null;
  return (
    <Sheet>
      <View style={styles.pad}>
        <Picker
          label="Its inserts come from"
          options={[{ value: '', label: 'No box yet' }, ...options]}
          value=""
          onChange={(boxId) =>
            void save('tools', id, record.version, { ...record.body, boxId }, record.archived)
          }
        />
      </View>
    </Sheet>
  );
}

const styles = StyleSheet.create({ pad: { padding: SPACE.edge } });
