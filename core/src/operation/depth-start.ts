import type { Dial } from '../machine/dial';
import type { ToolMaterial } from '../tool/tool-material';
import type { DepthStart } from './cut-plan';
import { toDialStep } from './depth-step';
import type { Job } from './job';

/** A first pass over scale or skin goes this much under it, mm. */
const UNDER_SKIN_MM = 0.2;

/** Depth that leaves the skin behind in one pass, mm; 0 when there is none to go under. */
export const underSkinMm = ({ firstPassOnSkin, stock }: Job): number =>
  firstPassOnSkin ? stock.skinMm + UNDER_SKIN_MM : 0;

/** A carbide edge pushes sideways with less than two thirds of its nose in the cut, mm; 0 for high speed steel. */
export const noseDepthMm = (noseRadiusMm: number, edge: ToolMaterial): number =>
  edge.family === 'carbide' ? (2 * noseRadiusMm) / 3 : 0;

/** A depth that the tool, the form or the thread itself sets: nothing eases it. */
export const setByTool = (mm: number, widthMm: number | null = null): DepthStart => ({
  wantedMm: mm,
  factor: 1,
  startMm: mm,
  reason: 'own',
  widthMm,
});

/**
 * A wanted depth eased by the factors and put on the dial, raised where the skin or
 * the nose ask for more.
 */
export function easedDepth(
  wantedMm: number,
  depthFactor: number,
  dial: Dial | null,
  raise: { readonly skinMm?: number; readonly noseMm?: number },
  widthMm: number | null = null,
): DepthStart {
  const { skinMm = 0, noseMm = 0 } = raise;
  const eased = toDialStep(wantedMm * depthFactor, dial);
  const own = { wantedMm, factor: depthFactor, widthMm };
  if (skinMm > eased && skinMm >= noseMm)
    return { ...own, startMm: toDialStep(skinMm, dial, Math.ceil), reason: 'under-the-skin' };
  if (noseMm > eased) return { ...own, startMm: toDialStep(noseMm, dial, Math.ceil), reason: 'nose-radius' };
  return { ...own, startMm: eased, reason: 'own' };
}
