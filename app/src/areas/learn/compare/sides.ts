import type { ComparisonBody, GaugeBody } from '@pike-stone/contract';
import type { CutSetup } from '@pike-stone/core';
import { USUAL_EFFICIENCY, USUAL_PF_CUT, USUAL_PF_IDLE } from '@pike-stone/core/compare';
import { nextSetting, SET_PARAMETERS, settingOf, type SetChange, type Setting } from '@pike-stone/core/learn';
import { FLUID_WORDS, type UnitSystem } from '@pike-stone/words';
import { saySet } from '@pike-stone/words/learn';
import type { Cut } from '../../cut/useCut';

export type Side = 'a' | 'b';
export type What = ComparisonBody['what'];

/** Readings that each side should have before the difference is believed. */
export const READINGS_EACH = 4;

/** What must stay equal, by what is compared; each is looked at before the first reading. */
const EQUAL = {
  warm: 'The machine has run for ten minutes',
  edges: 'Both edges are fresh, honed alike',
  overhang: 'Tool and work stand out as far',
  piece: 'The same piece of metal, side by side',
  diameter: 'The same diameter and length of cut',
  fluid: 'The same fluid, in the same way',
  tool: 'The same tool and edge',
  geometry: 'Nose radius and lead angle are alike',
} as const;
export type Equal = keyof typeof EQUAL;
export const equalFor = (what: What): readonly (readonly [Equal, string])[] =>
  (Object.entries(EQUAL) as [Equal, string][]).filter(
    ([key]) =>
      !(
        (key === 'fluid' && what === 'fluid')
        || (key === 'tool' && what === 'tool')
        || ((key === 'edges' || key === 'geometry') && what !== 'tool')
      ),
  );

/** Nose or lead angle of two tools differ: then their geometry is compared too, and that is said. */
export function differsInShape(a: CutSetup, b: CutSetup): boolean {
  const of = ({ tool }: CutSetup) =>
    'noseRadiusMm' in tool ? [tool.noseRadiusMm, 'approachDeg' in tool ? tool.approachDeg : 0] : [];
  return of(a).join() !== of(b).join();
}

/** A step up or down, as a share of the value. */
const A_STEP = [1.25, 0.8] as const;
/** The other settings that can be compared with the one of a cut: a step up or down of one thing. */
export function otherSettings({ setup, plan, rules }: Cut, units: UnitSystem) {
  const at = settingOf(plan);
  return SET_PARAMETERS.flatMap((parameter) =>
    A_STEP.map((factor) => nextSetting(setup, plan, rules, at, parameter, factor))
      .filter((one): one is SetChange => one.can)
      .map((one) => ({
        value: `${one.parameter} ${one.to}`,
        label: `${one.parameter} ${saySet(one.parameter, one.to, setup, units)}${one.step ? `, ${one.step}` : ''}`,
        setting: one.setting,
      })),
  );
}

/** Speed, feed and depth of a side. */
export const setOf = ({ setA, setB }: Pick<ComparisonBody, 'setA' | 'setB'>, side: Side): Setting =>
  side === 'a' ? setA : setB;

/** Values that were read of a side, in their order. */
export const valuesOf = ({ readings }: Pick<ComparisonBody, 'readings'>, side: Side): number[] =>
  readings.filter((one) => one.side === side).map(({ value }) => value);

/** How the motor of a machine is read as a gauge, until somebody says better. */
export const usualGauge = ({ machine }: CutSetup): GaugeBody => ({
  supply: machine.motor?.phases === 3 ? 'three' : 'single',
  method: 'quadrature',
  volts: machine.motor?.phases === 3 ? 400 : 230,
  pfIdle: USUAL_PF_IDLE,
  pfCut: USUAL_PF_CUT,
  efficiency: machine.motor?.efficiency ?? USUAL_EFFICIENCY,
  resolutionA: 0.01,
  topA: null,
});

/** A difference that matters, as a start: watts, micrometres of Ra, millimetres of wear, grades. */
export const MATTERS: Readonly<Record<ComparisonBody['measure'], number>> = {
  power: 10,
  finish: 0.2,
  wear: 0.02,
  chip: 0.5,
};

/** The side that is read next: A and B in turn, so that what drifts touches both alike. */
export const nextSide = (body: Pick<ComparisonBody, 'readings'>): Side =>
  valuesOf(body, 'a').length <= valuesOf(body, 'b').length ? 'a' : 'b';

/** What a side is called: what it differs in. */
export function sideName(
  body: ComparisonBody,
  side: Side,
  setups: Readonly<Record<Side, CutSetup>>,
  units: UnitSystem,
): string {
  if (body.what === 'tool') return setups[side].tool.name;
  if (body.what === 'fluid') return FLUID_WORDS[body[side].fluid];
  const [own, other] = [setOf(body, side), setOf(body, side === 'a' ? 'b' : 'a')];
  const cut = body[side];
  if (own.rpm !== other.rpm) return saySet('speed', own.rpm, cut, units);
  if (own.feedMmRev !== other.feedMmRev) return saySet('feed', own.feedMmRev, cut, units);
  return saySet('depth', own.depthMm, cut, units);
}
