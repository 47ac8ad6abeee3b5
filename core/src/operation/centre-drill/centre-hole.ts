import { DEG } from '../../quantity/angle';
import type { CentreDrill } from '../../tool/tool';

/** The cone is cut to this share of the body's diameter: full, but short of the body's edge. */
const CONE_SHARE = 0.8;
export const CONE_INCLUDED_DEG = 60;
/** A body is about so many times as thick as its pilot when it is not said, and always thicker than it. */
const BODY_TIMES = 2.5;
const BODY_LEAST_TIMES = 1.1;
/** The pilot is about so many of its diameters long. */
const PILOT_LENGTHS = 1.1;

type Sizes = Pick<CentreDrill, 'diameterMm' | 'bodyMm'>;

const bodyDiameter = ({ diameterMm, bodyMm }: Sizes): number =>
  Math.max(bodyMm ?? diameterMm * BODY_TIMES, diameterMm * BODY_LEAST_TIMES);

/**
 * Mouth of a 60° centre hole, mm: where the cone of the drill cuts fastest.
 * @example centreHoleDiameter({ diameterMm: 3.15, bodyMm: 8 }) // 6.4
 */
export const centreHoleDiameter = (drill: Sizes): number =>
  Math.max(CONE_SHARE * bodyDiameter(drill), drill.diameterMm);

/**
 * Depth of a centre hole from the face, mm: pilot, then the cone up to its mouth.
 * @example centreHoleDepth({ diameterMm: 3.15, bodyMm: 8 }) // 6.28
 */
export function centreHoleDepth(drill: Sizes): number {
  const cone = (centreHoleDiameter(drill) - drill.diameterMm) / 2 / Math.tan((CONE_INCLUDED_DEG / 2) * DEG);
  return PILOT_LENGTHS * drill.diameterMm + cone;
}
