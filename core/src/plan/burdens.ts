import { ALLOWABLE_LENGTH } from '../cut/deflection';
import type { FactorName } from '../cut/factor-chain';
import { barDiameter, cuttingOf, type CutSetup } from './cut-setup';
import { OPERATIONS, type Operation } from './operations';

/** Stick-out over diameter that the usual rules allow. */
const ALLOWABLE = { ...ALLOWABLE_LENGTH, cutter: 4, bar: 4, blade: 1 } as const;
const VERY_LONG = 1.5;

/** Fed along the work: a centre at its end helps. */
export const supported = (operation: Operation): boolean =>
  OPERATIONS[operation].overhang === 'work' && OPERATIONS[operation].fed === 'along';

/** Wider than the room it leaves behind: the chips stay in. */
const FULL_WIDTH: readonly Operation[] = ['mill-slot', 'ramp', 't-slot'];

/** How far the work or the cutter stands out, against what is usual. */
export function overhang(setup: CutSetup): { ratio: number; allowable: number } {
  const { overhang: what } = OPERATIONS[setup.operation];
  const diameter =
    what === 'bar'
      ? barDiameter(setup)
      : what === 'work' || what === 'blade'
        ? setup.workDiameterMm
        : setup.tool.diameterMm;
  return {
    ratio: setup.stickOutMm / diameter,
    allowable:
      what === 'work'
        ? ALLOWABLE[supported(setup.operation) ? setup.support : 'chuck']
        : ALLOWABLE[what ?? 'cutter'],
  };
}

/** The factors that follow from the set-up alone, before a depth is known. */
export function standingBurdens(setup: CutSetup): FactorName[] {
  const names: FactorName[] = [];
  if (setup.machine.condition === 'tired') names.push('tired-machine');
  if (setup.machine.light) names.push('light-machine');
  if (setup.fluid === 'dry') names.push('no-fluid');
  if (setup.interrupted) names.push('interrupted-cut');
  if (setup.firstPassOnSkin) names.push('scale-first-pass');
  if (OPERATIONS[setup.operation].overhang !== null) {
    const { ratio, allowable } = overhang(setup);
    if (ratio > allowable * VERY_LONG) names.push('very-long-overhang');
    else if (ratio > allowable) names.push('long-overhang');
  }
  if (FULL_WIDTH.includes(setup.operation)) names.push('full-width-slot');
  if (setup.stock.uncertain) names.push('unknown-alloy');
  if (setup.tool.dull) names.push('dull-tool');
  return names;
}

/** The factors that follow from the depth of cut. */
export function depthBurdens(setup: CutSetup, depthMm: number): FactorName[] {
  const turning = cuttingOf(setup) === 'turning';
  const milling = cuttingOf(setup) === 'milling';
  if (turning && depthMm > 4) return ['deep-cut'];
  if (milling && !OPERATIONS[setup.operation].disc && depthMm > setup.tool.diameterMm) return ['deep-cut'];
  if (turning && depthMm < 0.5) return ['light-finishing'];
  return [];
}
