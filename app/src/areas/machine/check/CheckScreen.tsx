import type { MachineBody } from '@pike-stone/contract';
import { factorChain, MATERIALS, toolMaterial } from '@pike-stone/core';
import { formatFactor, formatLength, joined, type UnitSystem, capital } from '@pike-stone/words';
import { CONDITION_LIMITS_MM, conditionCheck, type ConditionFindings } from '@pike-stone/core/drive';
import { useState } from 'react';
import { View } from 'react-native';
import { useUnits } from '../../../data/preferences';
import { Button } from '../../../kit/Button';
import { Caution } from '../../../kit/Caution';
import { Choice, Tick } from '../../../kit/Choice';
import { Screen, Sheet } from '../../../kit/Screen';
import { Words } from '../../../kit/Words';
import { sheet } from '../../../theme/sheet';
import { SPACE } from '../../../theme/type';
import { machinePage, useKeepMachine, type MachinePageProps } from '../MachinePage';
import { useFigures } from '../../figures/useFigures';

const BELT = [
  { value: 'grips', label: 'Grips' },
  { value: 'slips-when-loaded', label: 'Slips in a heavy cut' },
  { value: 'slips-early', label: 'Slips early' },
] as const;
const FINDING_WORDS: Readonly<Record<keyof ConditionFindings, string>> = {
  spindlePlayMm: 'Spindle play',
  gibSlackMm: 'Gib slack',
  backlashMm: 'Backlash',
  belt: 'Belt',
};
const WHY: Readonly<Record<keyof ConditionFindings, string>> = {
  spindlePlayMm: 'lets the work jump toward the tool',
  gibSlackMm: 'lets the tool dig in',
  backlashMm: 'forbids climb cutting, costs no stiffness',
  belt: 'takes power away, costs no stiffness',
};
const LARGEST_MM = 5;

/** Finds the machine's condition (rigid, ordinary, tired) from indicator readings instead of a guess. */
export const CheckScreen = machinePage(function Check({ record, back }: MachinePageProps) {
  const machine = record.body;
  const units = useUnits();
  const keep = useKeepMachine(record);
  const start = (mm: number | undefined) => (mm === undefined ? '' : formatLength(mm, units).figure);
  const [belt, setBelt] = useState<ConditionFindings['belt']>(machine.check?.belt ?? 'grips');
  const [toDial, setToDial] = useState(true);
  const figures = useFigures([
    {
      key: 'spindlePlayMm',
      label: 'Spindle play',
      kind: 'size',
      low: 0,
      high: LARGEST_MM,
      start: start(machine.check?.spindlePlayMm),
      about: 'indicator on top of the nose; lift gently with a bar of wood, read the difference',
    },
    {
      key: 'gibSlackMm',
      label: 'Gib slack',
      kind: 'size',
      low: 0,
      high: LARGEST_MM,
      start: start(machine.check?.gibSlackMm),
      about: 'indicator on the tool post or table; push and pull across the ways',
    },
    {
      key: 'backlashMm',
      label: 'Backlash',
      kind: 'size',
      low: 0,
      high: LARGEST_MM,
      start: start(machine.check?.backlashMm ?? dialOf(machine)?.backlashMm),
      about: 'wind in, then back until the slide moves: what the dial turned in between',
    },
  ]);
  const [play, slack, lost] = (['spindlePlayMm', 'gibSlackMm', 'backlashMm'] as const).map(
    (key) => figures.peek(key)?.[0],
  );
  const findings =
    play !== undefined && slack !== undefined && lost !== undefined
      ? { spindlePlayMm: play, gibSlackMm: slack, backlashMm: lost, belt }
      : null;
  const verdict = findings && conditionCheck(findings);
  const put = async () => {
    if (!figures.take() || !findings || !verdict) return;
    const next = {
      ...machine,
      condition: verdict.condition,
      check: { ...findings, on: new Date().toISOString() },
    };
    if (
      await keep(
        toDial ? withBacklash(next, findings.backlashMm) : next,
        `${machine.name} counts as ${verdict.condition}.`,
      )
    )
      back();
  };
  const found =
    findings && verdict ? (
      <Sheet>
        <View style={styles.group}>
          <Words role="big">{capital(verdict.condition)}</Words>
          {verdict.reasons.map(({ finding, condition }) => (
            <Words key={finding}>
              <Words role="strong">{`${FINDING_WORDS[finding]} ${sayFinding(finding, findings, units)}: `}</Words>
              {`${condition}; ${sayLimits(finding, units)}${WHY[finding]}`}
            </Words>
          ))}
          <Words role="note">{sayFactor(verdict.condition)}</Words>
          <Words role="note">
            The worst of play and slack counts; backlash and belt never make it worse than ordinary. Limits
            are typical: you may set the condition by hand in the drawer.
          </Words>
        </View>
      </Sheet>
    ) : undefined;
  return (
    <Screen
      title="Condition check"
      about={verdict ? `${machine.name}: ${verdict.condition}` : machine.name}
      onBack={back}
      side={found}
      footer={
        <Button kind="main" label="Put it into the machine" onPress={() => void put()} style={styles.grow} />
      }
    >
      <Sheet>
        <Caution level="caution">
          Isolate first. Measure with everything standing still, hands clear of jaws and cutters.
        </Caution>
        <View style={styles.group}>
          {figures.boxes}
          <Words role="label">Belt or clutch in a cut</Words>
          <Choice says="Belt or clutch in a cut" value={belt} onChange={setBelt} options={BELT} />
          {dialOf(machine) && (
            <Tick label="Put the backlash into the dial too" value={toDial} onChange={setToDial} />
          )}
        </View>
      </Sheet>
    </Screen>
  );
});

const dialOf = (machine: MachineBody) =>
  machine.kind === 'lathe' ? machine.crossSlide : machine.kind === 'shaper' ? machine.toolSlide : null;

function withBacklash(machine: MachineBody, backlashMm: number): MachineBody {
  if (machine.kind === 'lathe') return { ...machine, crossSlide: { ...machine.crossSlide, backlashMm } };
  return machine.kind === 'shaper'
    ? { ...machine, toolSlide: { ...machine.toolSlide, backlashMm } }
    : machine;
}

const sayFinding = (
  finding: keyof ConditionFindings,
  findings: ConditionFindings,
  units: UnitSystem,
): string =>
  finding === 'belt'
    ? (BELT.find(({ value }) => value === findings.belt)?.label.toLowerCase() ?? '')
    : joined(formatLength(findings[finding], units));

function sayLimits(finding: keyof ConditionFindings, units: UnitSystem): string {
  if (finding === 'belt') return '';
  const [rigid, ordinary] = CONDITION_LIMITS_MM[finding];
  return `rigid up to ${formatLength(rigid, units).figure}, ordinary up to ${joined(formatLength(ordinary, units))}; `;
}

/** The factors that a condition puts on speed, feed and depth of a cut. */
function sayFactor(condition: MachineBody['condition']): string {
  if (condition !== 'tired')
    return condition === 'rigid'
      ? 'Nothing is taken off for the machine; the finest nose may be asked for more feed.'
      : 'Nothing is taken off for the machine.';
  const { speedFactor, feedFactor, depthFactor } = factorChain(MATERIALS[0]!, toolMaterial('hss'), [
    'tired-machine',
  ]);
  return `In every cut: speed ${formatFactor(speedFactor)}, feed ${formatFactor(feedFactor)}, depth ${formatFactor(depthFactor)}.`;
}

const styles = sheet({ grow: { flex: 1 }, group: { padding: SPACE.edge, gap: SPACE.near } });
