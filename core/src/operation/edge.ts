import { rakeAtEdge } from '../bit/rake';
import { clamp } from '../quantity/clamp';
import type { Material } from '../material/material';
import type { ForceEdge } from '../mechanics/specific-force';
import type { Tool } from '../tool/tool';
import type { ToolMaterial } from '../tool/tool-material';

/** Sharp HSS is ground with this much more rake than the metal's reference, degrees. */
const GROUND_MORE_DEG = 6;
/** A reference rake from which on edges are ground with more. */
const GROUND_FROM_DEG = 6;
/** Width of the worn land of a dull edge, mm. */
const DULL_LAND_MM = 0.3;

/** An edge angle that a tool does not say, and the ends within which rakes are turned to it. */
const SQUARE_DEG = 90;
const KAPPA_DEG = [10, 120] as const;

/** Rake where the chip flows of a hand-ground edge: its side and back rake as its edge sees them. */
export function groundRakeDeg(tool: Tool): number | undefined {
  const ground = 'ground' in tool ? tool.ground : undefined;
  if (!ground) return undefined;
  const kappaDeg = 'approachDeg' in tool ? clamp(tool.approachDeg, ...KAPPA_DEG) : SQUARE_DEG;
  return rakeAtEdge(ground.sideRakeDeg, ground.backRakeDeg, kappaDeg).orthogonalDeg;
}

/**
 * Rake and wear of an edge as far as the force goes: as it was ground, what the tool says, else as it
 * is usually ground: HSS 6° more than the metal's reference where that is 6°
 * (steel, aluminium), none more for brass and iron; inserts as the reference.
 */
export function forceEdge(tool: Tool, metal: Material, edge: ToolMaterial): ForceEdge {
  const ground = edge.family === 'hss' && metal.rake0Deg >= GROUND_FROM_DEG ? GROUND_MORE_DEG : 0;
  const own = groundRakeDeg(tool) ?? ('rakeDeg' in tool ? tool.rakeDeg : undefined);
  return { rakeDeg: own ?? metal.rake0Deg + ground, wearLandMm: tool.dull ? DULL_LAND_MM : 0 };
}
