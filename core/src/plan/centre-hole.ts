import type { Tool } from './cut-setup';
import { DEG } from '../quantity/angle';

/** How much of the body's diameter the cone is cut to: full, but short of the body's edge. */
const CONE_SHARE = 0.8;
const CONE_INCLUDED_DEG = 60;
/** A body is about two and a half times its pilot when it is not said. */
const BODY_TIMES = 2.5;
/** The pilot is about as long as it is thick. */
const PILOT_LENGTHS = 1.1;

type CentreDrill = Pick<Tool, 'diameterMm' | 'shankMm'>;

const bodyDiameter = ({ diameterMm, shankMm }: CentreDrill): number =>
  Math.max(shankMm ?? diameterMm * BODY_TIMES, diameterMm * 1.1);

/**
 * Mouth of a 60° centre hole: where the cone of the drill cuts fastest.
 * @example centreHoleDiameter({ diameterMm: 3.15, shankMm: 8 }) // 6.4
 */
export const centreHoleDiameter = (tool: CentreDrill): number =>
  Math.max(CONE_SHARE * bodyDiameter(tool), tool.diameterMm);

/** Depth from the face: pilot, then the cone up to its mouth. */
export function centreHoleDepth(tool: CentreDrill): number {
  return (
    PILOT_LENGTHS * tool.diameterMm
    + (centreHoleDiameter(tool) - tool.diameterMm) / 2 / Math.tan((CONE_INCLUDED_DEG / 2) * DEG)
  );
}
