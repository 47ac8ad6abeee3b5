import type { Material } from '../material/material';
import { clamp } from '../quantity/clamp';
import { positive } from '../quantity/out-of-range';
import type { ToolMaterial } from '../tool/tool-material';

type ShankCutter =
  'end-mill-side' | 'end-mill-slot' | 'roughing-end-mill' | 'plunge' | 'form-or-gear' | 't-slot-or-dovetail';

/** How a cutter is used, as far as its feed per tooth goes. */
export type CutterUse = ShankCutter | 'face-mill' | 'fly-cutter' | 'side-and-face' | 'slitting-saw';

/** The least for a shank cutter, mm; a hundredth of the diameter on cutters under 0.8 mm, which break first. */
const LEAST_SHANK_FZ = 0.008;
const LEAST_SHANK_SHARE = 0.01;
const CARBIDE_SHARE = 0.9;
const CARBIDE_CAP = 1.3;
const INSERT_SHARE = { 'face-mill': 1, 'fly-cutter': 0.6 } as const;
/** Feed per tooth of shank cutters as a share of the metal's fz/D, and the most, mm. */
const SHANK: Readonly<Record<ShankCutter, { readonly share: number; readonly capMm: number }>> = {
  'end-mill-side': { share: 1, capMm: 0.15 },
  'end-mill-slot': { share: 0.7, capMm: 0.12 },
  'roughing-end-mill': { share: 1.2, capMm: 0.2 },
  plunge: { share: 0.4, capMm: 0.06 },
  'form-or-gear': { share: 0.5, capMm: 0.06 },
  't-slot-or-dovetail': { share: 0.4, capMm: 0.06 },
};

/**
 * Starting feed per tooth, mm.
 *
 * Shank cutters scale with their diameter up to a cap; insert cutters, slab
 * cutters and saws have a level of their own in proportion to the metal's fz/D.
 *
 * @param diameterMm  cutter diameter, mm
 * @param widthMm     saw width, used by a slitting saw only
 * @example feedPerTooth(material('low-carbon-cold-drawn'), toolMaterial('hss'), 'end-mill-side', 12) // 0.072
 */
export function feedPerTooth(
  metal: Material,
  tool: ToolMaterial,
  use: CutterUse,
  diameterMm: number,
  widthMm = 0,
): number {
  positive('cutter diameter', diameterMm);
  const perD = metal.fzPerDiameter;
  if (use === 'face-mill' || use === 'fly-cutter') return clamp(16 * perD * INSERT_SHARE[use], 0.04, 0.2);
  if (use === 'side-and-face') return clamp(8 * perD, 0.02, 0.1);
  if (use === 'slitting-saw')
    return clamp(4 * perD * Math.min(1, positive('saw width', widthMm) / 2), 0.005, 0.04);
  const row = SHANK[use];
  const carbide = tool.family === 'carbide';
  return clamp(
    perD * diameterMm * row.share * (carbide ? CARBIDE_SHARE : 1),
    Math.min(LEAST_SHANK_FZ, LEAST_SHANK_SHARE * diameterMm),
    row.capMm * (carbide ? CARBIDE_CAP : 1),
  );
}
