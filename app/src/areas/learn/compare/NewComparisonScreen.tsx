import type { ComparisonBody, CutChoice } from '@pike-stone/contract';
import { settingOf } from '@pike-stone/core/learn';
import { capital, FLUID_WORDS } from '@pike-stone/words';
import { MEASURE_NAMES, nameOfCut, saySetting, type Measure } from '@pike-stone/words/learn';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { useUnits } from '../../../data/preferences';
import { newId, save, useRecords } from '../../../data/records';
import { backOr } from '../../../kit/back';
import { Button } from '../../../kit/Button';
import { Choice } from '../../../kit/Choice';
import { Picker } from '../../../kit/Picker';
import { Screen, Sheet } from '../../../kit/Screen';
import { useBusy } from '../../../kit/useBusy';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import { NoCut } from '../../cut/NoCut';
import { keepQuick } from '../../cut/quick/keep-quick';
import { fits } from '../../cut/set-up';
import { useCut, type Cut } from '../../cut/useCut';
import { MATTERS, otherSettings, usualGauge, type What } from './sides';

/** Begins a comparison of two tools, fluids or settings under the cut that is set up. */
export function NewComparisonScreen() {
  const { cut, loading, error, refused } = useCut();
  return cut ? <NewComparison cut={cut} /> : <NoCut loading={loading} error={error} refused={refused} />;
}

const WHAT = [
  { value: 'tool', label: 'Tools' },
  { value: 'fluid', label: 'Fluids' },
  { value: 'setting', label: 'Settings' },
] as const;
const FLUIDS = (Object.keys(FLUID_WORDS) as CutChoice['fluid'][]).map((value) => ({
  value,
  label: capital(FLUID_WORDS[value]),
}));
const MEASURES = (Object.keys(MEASURE_NAMES) as Measure[]).map((value) => ({
  value,
  label: MEASURE_NAMES[value],
}));

function NewComparison({ cut }: { cut: Cut }) {
  const router = useRouter();
  const units = useUnits();
  const { setup, plan, choice } = cut;
  const all = useRecords('tools').records;
  const [what, setWhat] = useState<What>('tool');
  const [measure, setMeasure] = useState<Measure>('power');
  const [fault, setFault] = useState<string>();
  const tools = all
    .filter((one) => !one.archived && one.id !== choice.toolId && fits(choice.operation)(one))
    .map(({ id, body }) => ({ value: id, label: body.name }));
  const fluids = FLUIDS.filter(({ value }) => value !== choice.fluid);
  const settings = otherSettings(cut, units);
  const [toolId, setToolId] = useState('');
  const [fluid, setFluid] = useState<CutChoice['fluid'] | null>(null);
  const [other, setOther] = useState('');
  const setA = settingOf(plan);
  const setting = settings.find(({ value }) => value === other)?.setting;
  const b = ((): CutChoice | null => {
    if (what === 'tool') return toolId === '' ? null : { ...choice, toolId, cutterDiameterMm: null };
    if (what === 'fluid') return fluid && { ...choice, fluid };
    return setting ? choice : null;
  })();
  const isA = {
    tool: setup.tool.name,
    fluid: FLUID_WORDS[choice.fluid],
    setting: saySetting(setA, setup, units),
  };
  const start = async () => {
    if (!b) return setFault('Choose what it is compared with.');
    const id = newId();
    await keepQuick(choice);
    const body: ComparisonBody = {
      name: nameOfCut(setup.operation, setup.stock.name),
      what,
      measure,
      a: choice,
      b,
      setA,
      setB: what === 'setting' && setting ? setting : setA,
      diameterMm: plan.diameterMm,
      gauge: usualGauge(setup),
      equal: [],
      readings: [],
      matters: MATTERS[measure],
      startedAt: new Date().toISOString(),
      note: '',
    };
    const result = await save('comparisons', id, 0, body);
    if ('refusal' in result) return setFault(result.refusal.message);
    router.replace(`/book/comparisons/${id}`);
  };
  const { busy, press } = useBusy(start);
  return (
    <Screen
      title="Compare two"
      about={`${setup.stock.name}, ${setup.machine.name}`}
      onBack={() => backOr(router, '/cut')}
      footer={<Button kind="main" label="Start comparing" busy={busy} onPress={press} style={styles.fill} />}
    >
      <Sheet>
        <View style={styles.group}>
          <Words role="label">What differs</Words>
          <Choice says="What differs" value={what} onChange={setWhat} options={WHAT} />
          <Words>{`A: ${isA[what]}`}</Words>
          {what === 'tool'
            && (tools.length > 0 ? (
              <Picker label="B" options={tools} value={toolId} onChange={setToolId} />
            ) : (
              <Words role="fault">The drawer has no other tool for this operation.</Words>
            ))}
          {what === 'fluid' && <Choice says="B" value={fluid} onChange={setFluid} options={fluids} />}
          {what === 'setting' && <Picker label="B" options={settings} value={other} onChange={setOther} />}
          {fault && <Words role="fault">{fault}</Words>}
        </View>
      </Sheet>
      <Sheet>
        <View style={styles.group}>
          <Words role="label">Compared by</Words>
          <Choice says="Compared by" value={measure} onChange={setMeasure} options={MEASURES} />
          <Words role="note">{ABOUT[measure]}</Words>
        </View>
      </Sheet>
    </Screen>
  );
}

const ABOUT: Readonly<Record<Measure, string>> = {
  power: 'From the motor’s current at idle and in the cut, read by the clamp ammeter or typed.',
  finish: 'Roughness measured, or judged against the grades of a comparison plate.',
  wear: 'Width of the wear land under a glass, after the same length of cut.',
  chip: 'The chip, judged by grades from winding round to short arcs.',
};

const styles = sheet({
  fill: { flex: 1 },
  group: { paddingHorizontal: SPACE.edge, paddingVertical: SPACE.near, gap: SPACE.close },
});
