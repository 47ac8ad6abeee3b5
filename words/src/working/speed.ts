import {
  OPERATIONS,
  speedUnit,
  spindlePower,
  stepUps,
  type CutPlan,
  type CutSetup,
  type RungRule,
  type ShopRules,
  type SpeedSchool,
} from '@pike-stone/core';
import {
  formatChainSpeed,
  formatLength,
  formatPower,
  formatSpindleSpeed,
  formatTorque,
  formatUncertainty,
  joined,
  type UnitSystem,
} from '../format';
import { MEASURE_WORDS } from '../machine';
import { OPERATION_WORDS } from '../operation/words-of';
import { factorLines } from './factor';
import { OWN, type WorkingLine } from './line';
import { capLine } from './speed-cap';
import { actualRelation, relationLines, rpmOf } from './speed-relation';

const SCHOOL_WORDS: Readonly<Record<SpeedSchool, string>> = {
  bottom: 'the low end',
  middle: 'the middle',
  top: 'the top',
};
const SCHOOL_WHY: Readonly<Record<SpeedSchool, string>> = {
  bottom: 'low end: old machines, scarce tools; middle and top are the other schools',
  middle: 'middle is the usual start; low end suits tired machines, top suits one-offs in a hurry',
  top: 'top: a one-off where time counts more than the edge; low end and middle are the other schools',
};

/** Which step of the machine is taken, by the shop's rule. */
const RULE_WORDS: Readonly<Record<RungRule, (overshootPercent: number) => string>> = {
  'not-above': () => 'Largest step not above',
  overshoot: (percent) => `Largest step within ${percent} % above`,
  nearest: () => 'Nearest step',
};

/** The chain of lines that leads to the spindle speed. */
export function speedWorking(
  setup: CutSetup,
  plan: CutPlan,
  rules: ShopRules,
  units: UnitSystem,
): WorkingLine[] {
  const { speed, metal, edge } = plan;
  const v = (mPerMin: number) => joined(formatChainSpeed(mPerMin, units));
  const { speedColumn } = OPERATIONS[setup.operation];
  return [
    {
      key: 'range',
      kind: 'chart',
      label: `Chart, ${edge.name} in ${metal.name.toLowerCase()}, ${speedColumn}`,
      value: `${formatChainSpeed(speed.range.lowMPerMin, units).figure} to ${v(speed.range.highMPerMin)}`,
      reason: speed.range.noGainOverUncoated
        ? 'no gain over uncoated carbide here; its column is used'
        : undefined,
      source: speed.rangeIsOwn ? OWN : 'library, typical; your shop can put its own',
    },
    {
      key: 'school',
      kind: 'choice',
      label: `Start at ${SCHOOL_WORDS[rules.school]}${rules.backOffThird ? ', less a third' : ''}`,
      value: v(speed.range.startMPerMin),
      reason: SCHOOL_WHY[rules.school],
      source: 'setting',
    },
    ...factorLines(setup, plan, 'speed', speed.factors.speedFactor, units),
    { key: 'aim', kind: 'result', label: 'Aim', value: v(speed.aimMPerMin) },
    ...relationLines(setup, plan, rules, units),
    ...rungLines(setup, plan, rules, units),
    {
      key: 'actual',
      kind: 'result',
      label: actualRelation(setup, plan, units),
      value: v(speed.actualMPerMin),
      reason: `${Math.round((100 * speed.actualMPerMin) / speed.aimMPerMin)} % of the aim`,
    },
    ...stepUpLines(setup, plan, rules, units),
  ];
}

function rungLines(setup: CutSetup, plan: CutPlan, rules: ShopRules, units: UnitSystem): WorkingLine[] {
  const { choice, byHand, rungRpm, setting } = plan.speed;
  const rpm = rpmOf(setup);
  const chosen = setup.machine.speeds.find((step) => step.rpm === choice.chosenRpm)?.setting ?? '';
  const lines: WorkingLine[] = [
    ...capLine(setup, plan, units),
    ...neighboursLine(setup, plan),
    {
      key: 'rung',
      kind: 'machine',
      label: rungLabel(plan, rules),
      value: rpm(choice.chosenRpm),
      reason: choice.machineTooSlow ? `${chosen}; the aim lies above the top step` : chosen,
      source: 'setting',
    },
    ...measuredLine(setup, plan),
    ...powerLine(setup, plan, units),
  ];
  if (!byHand) return lines;
  return [
    ...lines,
    {
      key: 'by-hand',
      kind: 'choice',
      label: 'Picked by you on the ladder',
      value: rpm(rungRpm),
      reason: setting,
    },
  ];
}

/** Steps around the aim, where no cap holds the speed under it. */
function neighboursLine(setup: CutSetup, { speed: { choice, heldBy } }: CutPlan): WorkingLine[] {
  if (heldBy) return [];
  const figure = (rpm: number | null) => (rpm === null ? 'none' : formatSpindleSpeed(rpm).figure);
  return [
    {
      key: 'neighbours',
      kind: 'machine',
      label: 'Steps below and above',
      value: `${figure(choice.belowRpm)} and ${figure(choice.aboveRpm)} ${speedUnit(setup)}`,
      source: setup.machine.name,
    },
  ];
}

function rungLabel({ speed: { choice, heldBy } }: CutPlan, rules: ShopRules): string {
  if (choice.machineTooFast) return 'Slowest this machine has';
  return heldBy ? 'Largest step not above it' : `${RULE_WORDS[rules.rungRule](rules.overshootPercent)} it`;
}

const stepInUse = ({ machine }: CutSetup, { speed }: CutPlan) =>
  machine.speeds.find(({ rpm }) => rpm === speed.rungRpm);

/** How surely the speed of the step in use is known, when it was measured or computed. */
function measuredLine(setup: CutSetup, plan: CutPlan): WorkingLine[] {
  const step = stepInUse(setup, plan);
  const source = setup.machine.name;
  if (step?.measured) {
    const { uRel, how } = step.measured;
    return [
      {
        key: 'measured',
        kind: 'check',
        label: 'True speed, measured',
        value: formatUncertainty(uRel),
        reason: MEASURE_WORDS[how],
        source,
      },
    ];
  }
  if (!step?.computed) return [];
  return [
    {
      key: 'computed',
      kind: 'check',
      label: 'Speed computed',
      value: formatUncertainty(step.computed.uRel),
      reason: 'from pulleys and gears',
      source,
    },
  ];
}

/** What the machine has in this step, when its motor is known. */
function powerLine(setup: CutSetup, plan: CutPlan, units: UnitSystem): WorkingLine[] {
  const step = stepInUse(setup, plan);
  const power = step && spindlePower(step, setup.machine.motor);
  if (!power) return [];
  return [
    {
      key: 'power',
      kind: 'machine',
      label: 'At the spindle in this step',
      value: `${joined(formatTorque(power.torqueNm, units))}, ${joined(formatPower(power.powerKw, units))}`,
      reason: power.beltFirst
        ? 'then the belt slips, before the motor gives all it has'
        : 'the motor, less what the drive loses',
      source: setup.machine.name,
    },
  ];
}

/** When the bar is smaller, a faster step becomes right: worth knowing before it happens. */
const stepUpLines = (setup: CutSetup, plan: CutPlan, rules: ShopRules, units: UnitSystem): WorkingLine[] =>
  stepUps(setup, plan, rules).map(({ rpm, diameterMm, setting }, i): WorkingLine => ({
    key: `step-up-${i}`,
    kind: 'check',
    label: `${OPERATION_WORDS[setup.operation].stepUp ?? 'As it gets smaller'}: ${joined(formatSpindleSpeed(rpm))} from`,
    value: `⌀${joined(formatLength(diameterMm, units))}`,
    reason: setting,
  }));
