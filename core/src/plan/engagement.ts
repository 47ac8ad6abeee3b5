import { bladeWidth, type CutSetup } from './cut-setup';
import { OPERATIONS } from './operations';

/** How a rotating cutter meets the metal, mm: across its radius and along its axis. A disc goes in from the rim with its whole width. */
export function engagement(
  setup: CutSetup,
  depthMm: number,
  widthMm: number | null,
): { readonly aeMm: number; readonly apMm: number } {
  const { diameterMm } = setup.tool;
  if (OPERATIONS[setup.operation].disc)
    return { aeMm: Math.min(depthMm, diameterMm), apMm: bladeWidth(setup) };
  return { aeMm: Math.min(widthMm ?? diameterMm, diameterMm), apMm: depthMm };
}
