import { stepUp } from '../cut/falling-diameter';
import { SHORTCUTS } from '../cut/shop-shortcut';
import type { MeasureWay } from '../machine/machine';
import { spindlePower } from '../machine/spindle-power';
import {
  formatLength,
  formatPower,
  formatSpindleSpeed,
  formatSurfaceSpeed,
  formatTorque,
  formatUncertainty,
  joined,
  type UnitSystem,
} from '../quantity/format';
import type { CutPlan } from './cut-plan';
import { speedUnit, strokeLength, strokeReturnRatio, type CutSetup, type ShopRules } from './cut-setup';
import { OPERATIONS, type Operation } from './operations';
import { factorLines, OWN, type WorkingLine } from './working-line';

const SCHOOL_WORDS = { bottom: 'the low end', middle: 'the middle', top: 'the top' } as const;

const SCHOOL_WHY = {
  bottom: 'low end: old machines, scarce tools; middle and top are the other schools',
  middle: 'middle is the usual start; low end suits tired machines, top suits one-offs in a hurry',
  top: 'top: a one-off where time counts more than the edge; low end and middle are the other schools',
} as const;

export const MEASURE_WORDS: Readonly<Record<MeasureWay, string>> = {
  tapped: 'tapped along with a mark',
  counted: 'turns counted by the watch',
  'friction-wheel': 'with a friction wheel',
  pulses: 'by the pulses of a tachometer',
};

const WHICH_DIAMETER: Readonly<Record<Operation, string>> = {
  turn: 'the largest diameter cut in this pass',
  face: 'the rim of the face: the centre runs slower',
  drill: 'the drill, whatever turns',
  bore: 'the bore as it will be after this cut',
  ream: 'the reamer, whatever turns',
  part: 'the rim: toward the centre it runs slower and slower',
  shape: 'the mean of the cutting stroke; in the middle it is half as fast again',
  shoulder: 'the largest diameter cut in this pass',
  groove: 'the rim: it falls as the blade goes in',
  form: 'the largest diameter the form touches: the others run slower',
  chamfer: 'the outside of the edge',
  thread: 'the outside of the thread',
  knurl: 'the blank',
  taper: 'the large end: the small end runs slower',
  file: 'the work; read from the HSS column',
  'centre-drill': 'the mouth of the cone: the pilot runs slower',
  plunge: 'outside of the cutter',
  ramp: 'outside of the cutter',
  'fly-cut': 'twice the reach of its tip',
  saw: 'outside of the saw',
  'mill-bore': 'the bore as it will be',
  'form-mill': 'outside of the cutter: the flanks run slower',
  't-slot': 'outside of the head',
  dovetail: 'the large end of the cutter',
  'mill-side': 'outside of the cutter',
  'mill-slot': 'outside of the cutter',
  'face-mill': 'outside of the cutter',
};

const RULE_WORDS = {
  'not-above': 'Largest step not above',
  overshoot: 'Largest step within 10 % above',
  nearest: 'Nearest step',
} as const;

export function speedWorking(
  setup: CutSetup,
  plan: CutPlan,
  rules: ShopRules,
  units: UnitSystem,
): WorkingLine[] {
  const { speed, metal, edge } = plan;
  const v = (mPerMin: number) => joined(formatSurfaceSpeed(mPerMin, units));
  const rpm = (value: number) => joined(formatSpindleSpeed(value, speedUnit(setup)));
  const lines: WorkingLine[] = [
    {
      key: 'range',
      kind: 'chart',
      label: `Chart, ${edge.name} in ${metal.name.toLowerCase()}, ${OPERATIONS[setup.operation].speedColumn}`,
      value: `${formatSurfaceSpeed(speed.range.lowMPerMin, units).figure} to ${v(speed.range.highMPerMin)}`,
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
    ...factorLines(setup, plan, 'speed', units),
    { key: 'aim', kind: 'result', label: 'Aim', value: v(speed.aimMPerMin) },
    ...relationLines(setup, plan, rules, units),
    ...rungLines(setup, plan, rules, units),
    {
      key: 'actual',
      kind: 'result',
      label: `${rpm(speed.rungRpm)} ${setup.operation === 'shape' ? `of ${joined(formatLength(strokeLength(setup), units))}` : `on ⌀${joined(formatLength(plan.diameterMm, units))}`}`,
      value: v(speed.actualMPerMin),
      reason: `${Math.round((100 * speed.actualMPerMin) / speed.aimMPerMin)} % of the aim`,
    },
  ];
  return [...lines, ...stepUpLines(setup, plan, rules, units)];
}

function relationLines(setup: CutSetup, plan: CutPlan, rules: ShopRules, units: UnitSystem): WorkingLine[] {
  const { speed, diameterMm } = plan;
  const aim = formatSurfaceSpeed(speed.aimMPerMin, units);
  const across = formatLength(diameterMm, units);
  const relation =
    setup.operation === 'shape'
      ? strokeRelation(setup, aim.figure, units)
      : units === 'mm'
        ? `1000 × ${aim.figure} ÷ (π × ${across.figure})`
        : `12 × ${aim.figure} ÷ (π × ${across.figure})`;
  const lines: WorkingLine[] = [
    {
      key: 'ideal',
      kind: 'relation',
      label: relation,
      value: joined(formatSpindleSpeed(speed.idealRpm, speedUnit(setup))),
      source: 'exact',
      reason: WHICH_DIAMETER[setup.operation],
    },
  ];
  if (setup.operation === 'shape') return lines;
  if (Math.abs(speed.shortcut.errorPercent) > 0.001) {
    lines.push({
      key: 'shortcut',
      kind: 'check',
      label: `Shop shortcut ${SHORTCUTS[rules.shortcut].words}`,
      value: joined(formatSpindleSpeed(speed.shortcut.shortcutRpm)),
      reason: `${signed(speed.shortcut.errorPercent)} % against the exact relation; a belt step is far coarser`,
      source: 'setting',
    });
  }
  return lines;
}

/** N = v / (L (1 + 1/R)): the cut takes R/(1+R) of each double stroke. */
function strokeRelation(setup: CutSetup, aim: string, units: UnitSystem): string {
  const R = strokeReturnRatio(setup).toFixed(2);
  return `${units === 'mm' ? 1000 : 12} × ${aim} ÷ (${formatLength(strokeLength(setup), units).figure} × (1 + 1/${R}))`;
}

const signed = (value: number): string =>
  `${value >= 0 ? '+' : '−'}${Math.abs(value) < 0.1 ? Math.abs(value).toFixed(3) : Math.abs(value).toFixed(1)}`;

function rungLines(setup: CutSetup, plan: CutPlan, rules: ShopRules, units: UnitSystem): WorkingLine[] {
  const { choice } = plan.speed;
  const rpm = (value: number | null) => (value === null ? 'none' : formatSpindleSpeed(value).figure);
  const settingOf = (value: number) => setup.machine.speeds.find((step) => step.rpm === value)?.setting ?? '';
  const ruleWords =
    rules.rungRule === 'overshoot'
      ? `Largest step within ${rules.overshootPercent} % above`
      : RULE_WORDS[rules.rungRule];
  const lines: WorkingLine[] = [
    {
      key: 'neighbours',
      kind: 'machine',
      label: 'Steps below and above',
      value: `${rpm(choice.belowRpm)} and ${rpm(choice.aboveRpm)} ${speedUnit(setup)}`,
      source: setup.machine.name,
    },
    {
      key: 'rung',
      kind: 'machine',
      label: choice.machineTooFast ? 'Slowest this machine has' : `${ruleWords} it`,
      value: joined(formatSpindleSpeed(choice.chosenRpm, speedUnit(setup))),
      reason: choice.machineTooSlow
        ? `${settingOf(choice.chosenRpm)}; the aim lies above the top step`
        : settingOf(choice.chosenRpm),
      source: 'setting',
    },
    ...measuredLine(setup, plan),
    ...powerLine(setup, plan, units),
  ];
  if (plan.speed.byHand)
    lines.push({
      key: 'by-hand',
      kind: 'choice',
      label: 'Picked by you on the ladder',
      value: joined(formatSpindleSpeed(plan.speed.rungRpm, speedUnit(setup))),
      reason: plan.speed.setting,
    });
  return lines;
}

/** How surely the speed of the step in use is known, when it was measured or computed. */
function measuredLine(setup: CutSetup, plan: CutPlan): WorkingLine[] {
  const step = stepInUse(setup, plan);
  if (step?.measured)
    return [
      {
        key: 'measured',
        kind: 'check',
        label: 'True speed, measured',
        value: formatUncertainty(step.measured.uRel),
        reason: MEASURE_WORDS[step.measured.how],
        source: setup.machine.name,
      },
    ];
  return step?.computed
    ? [
        {
          key: 'computed',
          kind: 'check',
          label: 'Speed computed',
          value: formatUncertainty(step.computed.uRel),
          reason: 'from pulleys and gears',
          source: setup.machine.name,
        },
      ]
    : [];
}

const stepInUse = (setup: CutSetup, plan: CutPlan) =>
  setup.machine.speeds.find((one) => one.rpm === plan.speed.rungRpm);

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

/** Down to this share of the diameter it is worth telling. */
const TOLD_TO: Partial<Record<Operation, number>> = { turn: 0.3, shoulder: 0.3, groove: 0.3, face: 0.15 };

/** The diameters at which this machine's next faster steps become right. */
export function stepUps(setup: CutSetup, plan: CutPlan, rules: ShopRules) {
  const share = TOLD_TO[setup.operation];
  if (share === undefined) return [];
  const overshoot = rules.rungRule === 'overshoot' ? rules.overshootPercent : 0;
  const { speeds } = setup.machine;
  return stepUp(
    speeds.map((step) => step.rpm),
    plan.speed.aimMPerMin,
    overshoot,
    plan.diameterMm,
    plan.diameterMm * share,
  ).changes.map((change) => ({
    ...change,
    setting: speeds.find((step) => step.rpm === change.rpm)!.setting,
  }));
}

/** When the bar is smaller, a faster step becomes right: worth knowing before it happens. */
function stepUpLines(setup: CutSetup, plan: CutPlan, rules: ShopRules, units: UnitSystem): WorkingLine[] {
  return stepUps(setup, plan, rules).map(({ rpm, diameterMm, setting }, i): WorkingLine => ({
    key: `step-up-${i}`,
    kind: 'check',
    label: `${setup.operation === 'face' ? 'Toward the centre' : 'As it gets smaller'}: ${joined(formatSpindleSpeed(rpm))} from`,
    value: `⌀${joined(formatLength(diameterMm, units))}`,
    reason: setting,
  }));
}
