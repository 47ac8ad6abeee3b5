import { flankNormal } from '../../bit/edge-trace';
import { faceNormals } from '../../bit/faces';
import { plus, type Vector } from '../../quantity/vector';
import { frontFlank, rakeFace, sideFlank } from '../ground-faces';
import { HONE } from '../stone-steps';
import { CLEAN_UP_MM, NO_SIZES, usualAngles, type ShapeFacts } from './shape-facts';

/** How much each side of the blade narrows to the rear, degrees. */
const TAPER_DEG = 0.75;
/** Left side of the blank that is ground to clean it, mm. */
const IN_MM = 0.5;
const MOST_RAKE_DEG = 8;

/**
 * A blade: narrow at the back and at the bottom, so that it does not jam in its own slot. The top is
 * left as it is unless rake is wanted; regrinds touch the front alone.
 */
export const parting: ShapeFacts = {
  operation: 'part',
  sets: ['backRakeDeg', 'sideClearanceDeg', 'kappa2Deg', 'frontClearanceDeg'],
  sizes: ['widthMm', 'bladeMm'],
  hasNose: false,
  takesGroove: false,
  start: (metal) => ({
    angles: {
      sideRakeDeg: 0,
      backRakeDeg: metal ? Math.min(MOST_RAKE_DEG, usualAngles(metal).backRakeDeg) : 0,
      kappaDeg: 90 + TAPER_DEG,
      sideClearanceDeg: 1.5,
      kappa2Deg: 0,
      frontClearanceDeg: 8,
    },
    noseRadiusMm: 0,
    sizes: NO_SIZES,
    heel: null,
    trailingDeg: null,
  }),
  nose: ({ noseDownMm }) => [-CLEAN_UP_MM, -IN_MM, -noseDownMm],
  faces: (layout) => {
    const { plan, nose } = layout;
    const { angles, sizes } = plan;
    const reachMm = CLEAN_UP_MM + sizes.bladeMm;
    const side = (hand: 1 | -1): Vector =>
      flankNormal({ azimuthDeg: hand * angles.kappaDeg, tiltDeg: angles.sideClearanceDeg });
    const { minor, rake } = faceNormals(angles, 'right');
    const right = plus(nose, [0, -sizes.widthMm, 0]);
    return [
      sideFlank(layout, side(1), { key: 'left', reachMm, check: 'square' }),
      sideFlank(layout, side(-1), { key: 'right', reachMm, through: right, check: 'rule' }),
      frontFlank(layout, minor, { wheel: 'fine' }),
      angles.backRakeDeg === 0 ? null : rakeFace(layout, rake, { reachMm, wheel: 'fine' }),
      HONE,
    ];
  },
  regrinds: ['front'],
  takesHeel: false,
};
