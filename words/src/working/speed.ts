import {
  isDoneWith,
  OPERATIONS,
  speedUnit,
  spindlePower,
  stepUps,
  strokeLength,
  strokeReturnRatio,
  threadPitchMm,
  type CutPlan,
  type CutSetup,
  type RungRule,
  type ShopRules,
  type SpeedCap,
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
import { SHORTCUT_WORDS } from '../shortcut';
import { OPERATION_WORDS } from '../operation/words-of';
import { factorLines } from './factor';
import { EXACT, OWN, type WorkingLine } from './line';
import { figures } from './relation';

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

const strokes = ({ operation }: CutSetup): boolean => OPERATIONS[operation].turns === 'stroke';

/** A speed in what the machine counts in this operation. */
const rpmOf =
  (setup: CutSetup) =>
  (rpm: number): string =>
    joined(formatSpindleSpeed(rpm, speedUnit(setup)));

/** Millimetres to the metre, inches to the foot. */
const perSurfaceUnit = (units: UnitSystem): number => (units === 'mm' ? 1000 : 12);
const inUnits = (mm: number, units: UnitSystem): number => (units === 'mm' ? mm : mm / 25.4);
const surfaceIn = (mPerMin: number, units: UnitSystem): number =>
  units === 'mm' ? mPerMin : mPerMin / 0.3048;

/** v = pi D n, and of a ram v = N L (1 + 1/R), with the figures of this cut. */
function actualRelation(setup: CutSetup, { speed, diameterMm }: CutPlan, units: UnitSystem): string {
  const times = perSurfaceUnit(units);
  const printed = Number(formatChainSpeed(speed.actualMPerMin, units).figure);
  if (strokes(setup)) {
    const { strokeMm, ratio } = strokeOf(setup);
    const [n, length, r] = figures(
      [speed.rungRpm, inUnits(strokeMm, units), ratio],
      (N = 0, L = 0, R = 1) => (N * L * (1 + 1 / R)) / times,
      printed,
    );
    return `${n} × ${length} × (1 + 1 ÷ ${r}) ÷ ${times}`;
  }
  const [d, n] = figures(
    [inUnits(diameterMm, units), speed.rungRpm],
    (D = 0, N = 0) => (Math.PI * D * N) / times,
    printed,
  );
  return `π × ${d} × ${n} ÷ ${times}`;
}

const strokeOf = ({ machine, workDiameterMm }: CutSetup) => ({
  strokeMm: strokeLength(machine, workDiameterMm),
  ratio: strokeReturnRatio(machine, workDiameterMm),
});

function relationLines(setup: CutSetup, plan: CutPlan, rules: ShopRules, units: UnitSystem): WorkingLine[] {
  const { speed } = plan;
  const ideal: WorkingLine = {
    key: 'ideal',
    kind: 'relation',
    label: strokes(setup) ? strokeRelation(setup, plan, units) : spindleRelation(plan, units),
    value: rpmOf(setup)(speed.idealRpm),
    source: EXACT,
    reason: OPERATION_WORDS[setup.operation].diameter,
  };
  const { errorPercent, shortcutRpm } = speed.shortcut;
  if (strokes(setup) || Math.abs(errorPercent) <= 0.001) return [ideal];
  return [
    ideal,
    {
      key: 'shortcut',
      kind: 'check',
      label: `Shop shortcut ${SHORTCUT_WORDS[rules.shortcut]}`,
      value: joined(formatSpindleSpeed(shortcutRpm)),
      reason: `${signed(errorPercent)} % against the exact relation; a belt step is far coarser`,
      source: 'setting',
    },
  ];
}

/** n = v / (pi D), with the figures of this cut. */
function spindleRelation({ speed, diameterMm }: CutPlan, units: UnitSystem): string {
  const times = perSurfaceUnit(units);
  const [v, d] = figures(
    [surfaceIn(speed.aimMPerMin, units), inUnits(diameterMm, units)],
    (V = 0, D = 1) => (times * V) / (Math.PI * D),
    Number(formatSpindleSpeed(speed.idealRpm).figure),
  );
  return `${times} × ${v} ÷ (π × ${d})`;
}

/** N = v / (L (1 + 1/R)): the cut takes R/(1+R) of each double stroke. */
function strokeRelation(setup: CutSetup, { speed }: CutPlan, units: UnitSystem): string {
  const times = perSurfaceUnit(units);
  const { strokeMm, ratio } = strokeOf(setup);
  const [v, length, r] = figures(
    [surfaceIn(speed.aimMPerMin, units), inUnits(strokeMm, units), ratio],
    (V = 0, L = 1, R = 1) => (times * V) / (L * (1 + 1 / R)),
    Number(formatSpindleSpeed(speed.idealRpm).figure),
  );
  return `${times} × ${v} ÷ (${length} × (1 + 1 ÷ ${r}))`;
}

/** The cap that holds the speed under its aim, with where it comes from. */
function capLine(setup: CutSetup, { speed }: CutPlan, units: UnitSystem): WorkingLine[] {
  const { heldBy } = speed;
  if (!heldBy) return [];
  const { label, reason } = capWords(heldBy, setup, units);
  return [{ key: 'cap', kind: 'machine', label, value: rpmOf(setup)(heldBy.rpm), reason }];
}

function capWords({ name, rpm }: SpeedCap, setup: CutSetup, units: UnitSystem) {
  switch (name) {
    case 'chart':
      return { label: 'No faster than the end of the chart', reason: 'with the factors of this set-up' };
    case 'chuck':
      return { label: 'Marked on the chuck', reason: 'what turns in it stays under that' };
    case 'ram':
      return {
        label: 'Fastest in mid-stroke, at the end of the chart',
        reason: 'the middle of a stroke runs about half as fast again as its mean',
      };
    case 'power':
      return {
        label: 'Slower, for torque',
        reason: 'in the faster steps the machine does not drive this cut',
      };
    case 'carriage':
      return carriageWords(rpm, setup, units);
  }
}

/** n = 60 x speed of the carriage / pitch, with the figures of this thread. */
function carriageWords(rpm: number, setup: CutSetup, units: UnitSystem) {
  const pitchMm = isDoneWith(setup, 'threading-tool') ? threadPitchMm(setup) : 1;
  const mmPerS = (rpm * pitchMm) / 60;
  const [speed, pitch] = figures(
    [inUnits(mmPerS, units), inUnits(pitchMm, units)],
    (v = 0, p = 1) => (60 * v) / p,
    Number(formatSpindleSpeed(rpm).figure),
  );
  return {
    label: `Carriage: 60 × ${speed} ÷ ${pitch}`,
    reason: `${joined(formatLength(mmPerS, units))} a second is the most that is stopped in time ${setup.runOut ? 'in a run-out' : 'at a shoulder'}`,
  };
}

const signed = (value: number): string =>
  `${value >= 0 ? '+' : '−'}${Math.abs(value).toFixed(Math.abs(value) < 0.1 ? 3 : 1)}`;

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
