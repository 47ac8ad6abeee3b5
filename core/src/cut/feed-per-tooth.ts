import table from '../../tables/materials.json';
import type { Material } from '../material/material';
import { clamp, positive } from '../quantity/check';
import type { ToolMaterial } from '../tool/tool-material';

export type CutterUse =
  | 'end-mill-side'
  | 'end-mill-slot'
  | 'roughing-end-mill'
  | 'plunge'
  | 'form-or-gear'
  | 't-slot-or-dovetail'
  | 'face-mill'
  | 'fly-cutter'
  | 'side-and-face'
  | 'slitting-saw';

const LEAST_SHANK_FZ = 0.008;
const CARBIDE_SHARE = 0.9;
const CARBIDE_CAP = 1.3;
const INSERT_SHARE: Readonly<Partial<Record<CutterUse, number>>> = { 'face-mill': 1, 'fly-cutter': 0.6 };
const SHANK = table.cutter_fz as Readonly<Record<string, { share: number; cap_mm: number }>>;

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
  const insertShare = INSERT_SHARE[use];
  if (insertShare !== undefined) return clamp(16 * perD * insertShare, 0.04, 0.2);
  if (use === 'side-and-face') return clamp(8 * perD, 0.02, 0.1);
  if (use === 'slitting-saw')
    return clamp(4 * perD * Math.min(1, positive('saw width', widthMm) / 2), 0.005, 0.04);
  const row = SHANK[use];
  if (!row) throw new RangeError(`cutter: no feed row for "${use}"`);
  const carbide = tool.family === 'carbide';
  return clamp(
    perD * diameterMm * row.share * (carbide ? CARBIDE_SHARE : 1),
    LEAST_SHANK_FZ,
    row.cap_mm * (carbide ? CARBIDE_CAP : 1),
  );
}
