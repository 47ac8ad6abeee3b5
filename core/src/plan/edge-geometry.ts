import type { ForceEdge } from '../cut/specific-force';
import type { CutPlan } from './cut-plan';
import type { CutSetup } from './cut-setup';

/** Included angle of a common twist drill's point, degrees. */
export const POINT_DEG = 118;
const GROUND_MORE_DEG = 6;
const DULL_LAND_MM = 0.3;

/**
 * Rake and wear of the edge for the force: what the tool says, else as it is
 * usually ground: HSS 6° more than the metal's reference where that is 6° (steel,
 * aluminium), none more for brass and iron; inserts as the reference.
 */
export function edgeOf({ tool }: CutSetup, { metal, edge }: Pick<CutPlan, 'metal' | 'edge'>): ForceEdge {
  const usual = metal.rake0Deg + (edge.family === 'hss' && metal.rake0Deg >= 6 ? GROUND_MORE_DEG : 0);
  return { rakeDeg: tool.rakeDeg ?? usual, wearLandMm: tool.dull ? DULL_LAND_MM : 0 };
}

/** Large HSS drills are ground with a thinned web as a rule; small ones are not. */
export const pointOf = ({ tool }: CutSetup): 'plain' | 'thinned' =>
  tool.diameterMm > 13 ? 'thinned' : 'plain';
