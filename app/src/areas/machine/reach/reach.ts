import { ownValues, type MachineBody } from '@pike-stone/contract';
import {
  material,
  servedDiameters,
  speedRange,
  surfaceSpeed,
  toolMaterial,
  withOverride,
  type Machine,
  type Material,
  type ServedDiameters,
  type SpeedOperation,
  type SpeedRange,
} from '@pike-stone/core';
import type { Metals } from '../../../data/metals';

/** The diameters that one tool material cuts properly on a machine in one metal. */
export interface Reach {
  readonly edge: 'hss' | 'carbide-coated';
  readonly name: string;
  readonly range: SpeedRange;
  readonly served: ServedDiameters;
}

const MILLING = [
  { value: 'milling', label: 'Milling' },
  { value: 'drilling', label: 'Drilling' },
] as const;
export const MACHINE_CUTS: Readonly<
  Record<MachineBody['kind'], readonly { readonly value: SpeedOperation; readonly label: string }[]>
> = {
  lathe: [
    { value: 'turning', label: 'Turning' },
    { value: 'drilling', label: 'Drilling' },
  ],
  'vertical-mill': MILLING,
  'horizontal-mill': MILLING,
  'drill-press': [{ value: 'drilling', label: 'Drilling' }],
  shaper: [{ value: 'turning', label: 'Shaping' }],
};

/** Quantity on the chart's horizontal axis: a diameter, or the stroke of a shaper, which moves as far as a rim with a diameter of stroke over `mmPerDiameter`. */
export interface Across {
  readonly word: string;
  readonly sign: string;
  readonly mmPerDiameter: number;
}
export const acrossOf = (machine: Machine): Across =>
  machine.kind === 'shaper'
    ? { word: 'stroke', sign: 'stroke ', mmPerDiameter: Math.PI / (1 + 1 / machine.returnRatio) }
    : { word: 'diameter', sign: '⌀', mmPerDiameter: 1 };

/** Largest size the machine takes; infinite where it is not known. */
export function mostAcross(
  { kind, limits = {} }: Pick<Machine, 'kind' | 'limits'>,
  operation: SpeedOperation,
): number {
  const most =
    kind === 'shaper'
      ? limits.strokeMm
      : operation === 'turning'
        ? limits.swingMm
        : operation === 'drilling'
          ? limits.largestDrillMm
          : undefined;
  return most ?? Infinity;
}

/** The library metal or the shop's own metal of a name or key. */
export function metalCalled(name: string, metals: Metals): Material {
  const own = metals.own(name);
  return own ? withOverride(material(own.baseKey), ownValues(own)) : material(name);
}

const EDGES = [
  ['hss', 'HSS'],
  ['carbide-coated', 'Carbide'],
] as const;

/** Reach of HSS and of carbide with this machine's speed steps. */
export function reachOf(machine: MachineBody, metal: Material, operation: SpeedOperation): readonly Reach[] {
  const rungs = machine.speeds.map((step) => step.rpm);
  const { mmPerDiameter } = acrossOf(machine);
  const most = mostAcross(machine, operation);
  return EDGES.map(([edge, name]) => {
    const range = speedRange(metal, toolMaterial(edge), operation);
    const { fromMm, toMm, holesMm } = servedDiameters(rungs, range.lowMPerMin, range.highMPerMin);
    const wide = (mm: number) => mm * mmPerDiameter;
    return {
      edge,
      name,
      range,
      served: {
        fromMm: wide(fromMm),
        toMm: Math.min(most, wide(toMm)),
        holesMm: holesMm
          .map(([from, to]) => [wide(from), Math.min(most, wide(to))] as const)
          .filter(([from]) => from < most),
      },
    };
  });
}

export interface StepAt {
  readonly rpm: number;
  readonly setting: string;
  readonly measured: MachineBody['speeds'][number]['measured'];
  readonly mPerMin: number;
  /** Tool materials that the speed suits; empty between the bands or outside them. */
  readonly suits: readonly string[];
}

/** Cutting speed of every speed step at one diameter, the fastest first. */
export const stepsAt = (
  machine: MachineBody,
  reach: readonly Reach[],
  diameterMm: number,
): readonly StepAt[] =>
  [...machine.speeds].reverse().map(({ rpm, setting, measured }) => {
    const mPerMin = surfaceSpeed(rpm, diameterMm / acrossOf(machine).mmPerDiameter);
    return {
      rpm,
      setting,
      measured,
      mPerMin,
      suits: reach
        .filter(({ range }) => mPerMin >= range.lowMPerMin && mPerMin <= range.highMPerMin)
        .map(({ name }) => name),
    };
  });
