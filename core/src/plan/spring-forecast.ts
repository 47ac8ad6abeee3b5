import { barDeflection, endMillDeflection, WORST_PLACE, workDeflection } from '../mechanics/deflection';
import type { CutPlan } from '../operation/cut-plan';
import type { EdgeLoad } from '../operation/operation';
import { operationOf, type CutSetup } from '../operation/registry';
import { overhang } from './factors';

export interface SpringForecast {
  readonly what: 'work' | 'cutter' | 'bar';
  readonly mm: number;
  /** On the diameter when turning, on the wall when milling. */
  readonly errorMm: number;
  readonly ratio: number;
  readonly allowable: number;
}

/** How far bar, work or cutter gives way; null where nothing stands out that could. */
export function springForecast(setup: CutSetup, plan: CutPlan, load: EdgeLoad): SpringForecast | null {
  const { standsOut, supported, cuttingLengthMm } = operationOf(setup);
  const { tool, stickOutMm } = setup;
  const { pushN, cuttingN } = load;
  const out = overhang(setup);
  if (standsOut === 'bar' && out) {
    const r = barDeflection('steel', out.diameterMm, stickOutMm, pushN, cuttingN);
    const { radialMm: mm, diameterErrorMm: errorMm, overhangRatio: ratio, allowable } = r;
    return { what: 'bar', mm, errorMm, ratio, allowable };
  }
  if (supported) {
    const at = WORST_PLACE[setup.support] * stickOutMm;
    const r = workDeflection(setup.support, plan.metal.eGPa, setup.workDiameterMm, 0, stickOutMm, at, pushN);
    const { deflectionMm: mm, diameterErrorMm: errorMm, slenderness: ratio, allowable } = r;
    return { what: 'work', mm, errorMm, ratio, allowable };
  }
  const flutedMm = cuttingLengthMm(tool);
  if (standsOut !== 'cutter' || !out || flutedMm === null) return null;
  const { diameterMm } = out;
  const shankMm = ('shankMm' in tool ? tool.shankMm : undefined) ?? diameterMm;
  const outMm = Math.max(stickOutMm, plan.depth.mm);
  const mm = endMillDeflection(plan.edge.family, diameterMm, shankMm, flutedMm, outMm, pushN);
  return { what: 'cutter', mm, errorMm: mm, ratio: out.ratio, allowable: out.allowable };
}
