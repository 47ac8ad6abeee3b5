import type { CutChoice, StockBody, ToolBody } from '@pike-stone/contract';
import { MACHINE_OPERATIONS, material, OPERATIONS, readLength, type OperationKey } from '@pike-stone/core';
import { usualMaterials, usualSizes, usualTool } from '@pike-stone/core/forecast';
import { MACHINE_WORDS, OPERATION_WORDS, operationName, unitOf } from '@pike-stone/words';
import { groupedOperations, METAL_CHOICES, nameTool } from '@pike-stone/words/picking';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { useUnits } from '../../../data/preferences';
import { useRecords } from '../../../data/records';
import { backOr } from '../../../kit/back';
import { Button } from '../../../kit/Button';
import { Choice } from '../../../kit/Choice';
import { Empty, Loading } from '../../../kit/Empty';
import { Screen, Sheet } from '../../../kit/Screen';
import { TextBox } from '../../../kit/TextBox';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import { useDraft } from '../draft';
import { fresh, usualFluid } from '../set-up';
import { AnyTool } from './AnyTool';
import { useQuick } from './quick-store';

/** Size of the work when none is typed, mm. */
const USUAL_WORK_MM = 25;

/** A piece of the library's metal of a size. */
const pieceOf = (key: string, sizeMm: number): StockBody => ({
  name: METAL_CHOICES.find((one) => one.key === key)?.name ?? key,
  metal: key,
  form: 'round',
  sizeMm,
  uncertain: false,
  skinMm: 0,
  note: '',
});

/** The tool of a kind that goes by no size. */
const onlyTool = (operation: OperationKey, units: 'mm' | 'inch'): ToolBody | null => {
  const kind = OPERATIONS[operation].tool;
  if (usualSizes(kind).mm.length > 0) return null;
  const wish = { kind, material: usualMaterials(kind)[0]!, sizeMm: 1, teeth: null };
  return { ...usualTool(wish, nameTool(wish, units)), note: '' } as ToolBody;
};

/** A first answer in a few touches, without an entry in the drawer: operation, machine, metal, tool. */
export function QuickScreen() {
  const { records, loading, error } = useRecords('machines');
  const machines = records.filter((one) => !one.archived);
  const router = useRouter();
  if (machines.length > 0) return <QuickPage machines={machines} />;
  return loading || error ? (
    <Loading error={error} />
  ) : (
    <Empty
      title="No machine yet"
      action={<Button label="Add a machine" onPress={() => router.push('/drawer/machines/new')} />}
    >
      A quick cut needs one machine with its speeds; metal and tool are picked here.
    </Empty>
  );
}

function QuickPage({ machines }: { machines: ReturnType<typeof useRecords<'machines'>>['records'] }) {
  const router = useRouter();
  const units = useUnits();
  const doable = [...new Set(machines.flatMap(({ body }) => MACHINE_OPERATIONS[body.kind]))];
  const [operation, setOperation] = useState<OperationKey>(groupedOperations(doable)[0]!.operations[0]!);
  const [machineId, setMachine] = useState<string | null>(null);
  const [metal, setMetal] = useState<string | null>(null);
  const [picked, setTool] = useState<ToolBody | null>(null);
  const [size, setSize] = useState('');
  const able = machines.filter(({ body }) => MACHINE_OPERATIONS[body.kind].includes(operation));
  const machine = able.find(({ id }) => id === machineId) ?? able[0]!;
  const { tool: kind, turns } = OPERATIONS[operation];
  const tool = picked?.kind === kind ? picked : onlyTool(operation, units);
  const entry = readLength(size, unitOf(units), 'diameter');
  const isWrong = size !== '' && !(entry.status === 'ok' && entry.valueMm >= 0.5 && entry.valueMm <= 3000);
  const workMm = size !== '' && entry.status === 'ok' ? entry.valueMm : USUAL_WORK_MM;
  const asksSize = turns !== 'cutter' || machine.body.kind === 'lathe';
  const missing =
    metal === null ? 'Pick a metal' : tool === null ? 'Pick a tool' : isWrong ? 'Look at the size' : null;

  const open = () => {
    if (metal === null || tool === null || isWrong) return;
    const { takeStock, takeTool } = useQuick.getState();
    const choice: CutChoice = {
      ...fresh(operation),
      fluid: usualFluid(tool, material(metal)),
      machineId: machine.id,
      stockId: takeStock(pieceOf(metal, workMm)),
      toolId: takeTool(tool),
      workDiameterMm: workMm,
    };
    useDraft.getState().set(choice);
    router.push('/cut');
  };

  return (
    <Screen
      title="Quick cut"
      about="Nothing needs to be in the drawer but the machine."
      onBack={() => backOr(router, '/')}
      footer={
        <Button
          kind="main"
          label={missing ?? 'Work it out'}
          disabled={missing !== null}
          onPress={open}
          style={styles.grow}
        />
      }
    >
      <Sheet>
        {groupedOperations(doable).map(({ title, operations }) => (
          <View key={title} style={styles.group}>
            <Words role="label">{title}</Words>
            <Choice
              says={title}
              value={operations.find((key) => key === operation) ?? null}
              onChange={setOperation}
              options={operations.map((value) => ({
                value,
                label: OPERATION_WORDS[value].called ?? operationName(value),
              }))}
            />
          </View>
        ))}
      </Sheet>
      <Sheet>
        <View style={styles.group}>
          <Words role="label">On which machine</Words>
          <Choice
            says="On which machine"
            value={machine.id}
            onChange={setMachine}
            options={able.map(({ id, body }) => ({ value: id, label: body.name }))}
            about={MACHINE_WORDS[machine.body.kind]}
          />
        </View>
        <View style={styles.group}>
          <Words role="label">In what metal</Words>
          <Choice
            says="In what metal"
            value={metal}
            onChange={setMetal}
            options={METAL_CHOICES.map(({ key, name }) => ({ value: key, label: name }))}
          />
        </View>
        {asksSize && (
          <View style={styles.group}>
            <TextBox
              label={turns === 'stroke' ? 'Length of the work' : 'Diameter of the work'}
              figures
              value={size}
              onChange={setSize}
              placeholder={units === 'mm' ? '25' : '1'}
              fault={isWrong ? 'A size from 0.5 to 3000 mm: 42, 1 5/8, 0.75 in.' : undefined}
            />
          </View>
        )}
        <AnyTool key={kind} kind={kind} taken={tool?.name} onTake={setTool} />
      </Sheet>
    </Screen>
  );
}

const styles = sheet({
  grow: { flex: 1 },
  group: { paddingHorizontal: SPACE.edge, paddingVertical: SPACE.near, gap: SPACE.close },
});
