import type { SupplyBody } from '@pike-stone/contract';
import { isInsert } from '@pike-stone/core';
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { save, useRecords, type Shown } from '../../../data/records';
import { Picker } from '../../../kit/Picker';
import { Row } from '../../../kit/Row';
import { Sheet } from '../../../kit/Screen';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import { StockPart } from './StockPart';
import { supplyCounted, toolCounted } from './used-up';

/** What is left of a supply, or the page of a wheel at the grinder; nothing for one that is not counted. */
export function SupplyStock({ id, body }: { id: string; body: SupplyBody }) {
  const router = useRouter();
  if (body.kind === 'wheel')
    return (
      <Sheet>
        <Row
          title="At the grinder"
          about="marking, speed, dress book, rest"
          onPress={() => router.push(`/grind/wheels/${id}`)}
        />
      </Sheet>
    );
  const counted = supplyCounted(id, body);
  return counted && <StockPart counted={counted} name={body.name} />;
}

/** What is left of a tool; nothing for one that is not counted. */
export function ToolStock({ id }: { id: string }) {
  const supplies = useRecords('supplies');
  const tools = useRecords('tools');
  const tool = tools.records.find((one) => one.id === id);
  if (!tool) return null;
  const counted = toolCounted(id, tool.body, supplies.records);
  return counted ? (
    <StockPart counted={counted} name={tool.body.name} tool={tool} />
  ) : (
    <FromBox tool={tool} supplies={supplies.records} />
  );
}

/** Asks which box the inserts of a tool come from; nothing for a tool without inserts. */
function FromBox({ tool, supplies }: { tool: Shown<'tools'>; supplies: readonly Shown<'supplies'>[] }) {
  const boxes = supplies
    .filter((one) => !one.archived && one.body.kind === 'insert-box')
    .map((one) => ({ value: one.id, label: one.body.name }));
  if (boxes.length === 0 || !isInsert(tool.body.material)) return null;
  return (
    <Sheet>
      <View style={styles.pad}>
        <Picker
          label="Its inserts come from"
          options={[{ value: '', label: 'No box yet' }, ...boxes]}
          value=""
          onChange={(boxId) =>
            void save('tools', tool.id, tool.version, { ...tool.body, boxId }, tool.archived)
          }
        />
      </View>
    </Sheet>
  );
}

const styles = sheet({ pad: { padding: SPACE.edge } });
