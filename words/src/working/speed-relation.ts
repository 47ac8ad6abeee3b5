import {
  OPERATIONS,
  speedUnit,
  strokeLength,
  strokeReturnRatio,
  type CutPlan,
  type CutSetup,
  type ShopRules,
} from '@pike-stone/core';
import { formatChainSpeed, formatSpindleSpeed, joined, type UnitSystem } from '../format';
import { OPERATION_WORDS } from '../operation/words-of';
import { SHORTCUT_WORDS } from '../shortcut';
import { EXACT, type WorkingLine } from './line';
import { figures, inUnits } from './relation';

/** Whether a ram strokes instead of a spindle that turns. */
const strokes = ({ operation }: CutSetup): boolean => OPERATIONS[operation].turns === 'stroke';

/** A speed in what the machine counts in this operation. */
export const rpmOf =
  (setup: CutSetup) =>
  (rpm: number): string =>
    joined(formatSpindleSpeed(rpm, speedUnit(setup)));

/** Millimetres to the metre, inches to the foot. */
const perSurfaceUnit = (units: UnitSystem): number => (units === 'mm' ? 1000 : 12);
const surfaceIn = (mPerMin: number, units: UnitSystem): number =>
  units === 'mm' ? mPerMin : mPerMin / 0.3048;

/** v = pi D n, and of a ram v = N L (1 + 1/R), with the figures of this cut. */
export function actualRelation(setup: CutSetup, { speed, diameterMm }: CutPlan, units: UnitSystem): string {
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

/** The relation that gives the ideal speed, and the shop's shortcut beside it. */
export function relationLines(
  setup: CutSetup,
  plan: CutPlan,
  rules: ShopRules,
  units: UnitSystem,
): WorkingLine[] {
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

const signed = (value: number): string =>
  `${value >= 0 ? '+' : '−'}${Math.abs(value).toFixed(Math.abs(value) < 0.1 ? 3 : 1)}`;
