import { flankNormal } from '../../bit/edge-trace';
import { faceNormals } from '../../bit/faces';
import { DEG } from '../../quantity/angle';
import type { Vector } from '../../quantity/vector';
import type { BitPlan, BitSizes } from '../bit-plan';
import { THREAD_RESERVE_DEG } from '../for-thread';
import type { GrindStep } from '../grind-step';
import { frontFlank, heelUnder, rakeFace, sideFlank } from '../ground-faces';
import { restLean, type Layout } from '../layout';
import { arcPlanes } from '../nose-step';
import { HONE } from '../stone-steps';
import { CLEAN_UP_MM, NO_SIZES, type ShapeFacts, type ShapeStart } from './shape-facts';

/**
 * Bits whose outline is copied into the work. The top comes first, since the gauge is laid on it, and
 * regrinds touch the top alone, so that the form stays.
 */

/** The ground part goes a little farther back than the form is deep. */
const BEHIND_FORM_MM = 1.5;

const flatTop = { sideRakeDeg: 0, backRakeDeg: 0 };

/** Middle of the end of the blank, with the sharp point ahead of a flat ground at it. */
const middlePoint = ({ blank, sizes, angles, noseDownMm }: BitPlan): Vector => [
  -CLEAN_UP_MM + sizes.flatMm / (2 * Math.tan((90 - angles.kappaDeg) * DEG)),
  -blank.widthMm / 2,
  -noseDownMm,
];

/** A flat across the point, square to the shank; null for a sharp one. */
function pointFlat(layout: Layout): GrindStep | null {
  const { plan, nose } = layout;
  if (plan.sizes.flatMm <= 0) return null;
  const normal = flankNormal({ azimuthDeg: 0, tiltDeg: plan.angles.frontClearanceDeg });
  return frontFlank(layout, normal, {
    key: 'point',
    wheel: 'fine',
    flat: true,
    through: [-CLEAN_UP_MM, nose[1], nose[2]],
  });
}

/** Reach of the flanks of a symmetric point: to where they leave the blank, or as long as the edge. */
const pointReach = ({ sizes }: BitPlan): number => CLEAN_UP_MM + sizes.edgeMm;

const top = (layout: Layout, normal: Vector): GrindStep =>
  rakeFace(layout, normal, { reachMm: pointReach(layout.plan) + BEHIND_FORM_MM, wheel: 'fine', flat: true });

const start = (
  angles: ShapeStart['angles'],
  over: Partial<Omit<ShapeStart, 'sizes'>> & { sizes?: Partial<BitSizes> } = {},
): ShapeStart => ({
  noseRadiusMm: 0,
  heel: null,
  trailingDeg: null,
  ...over,
  angles,
  sizes: { ...NO_SIZES, ...over.sizes },
});

/** A thread bit of an included angle: leading flank on the left for a right-hand thread. */
export function thread(includedDeg: 55 | 60): ShapeFacts {
  const half = includedDeg / 2;
  return {
    operation: 'thread',
    sets: ['sideClearanceDeg', 'frontClearanceDeg'],
    sizes: ['flatMm', 'edgeMm'],
    hasNose: false,
    takesGroove: false,
    start: () =>
      start(
        {
          ...flatTop,
          kappaDeg: 90 - half,
          kappa2Deg: 90 - half,
          sideClearanceDeg: THREAD_RESERVE_DEG,
          frontClearanceDeg: 9,
        },
        { trailingDeg: THREAD_RESERVE_DEG, sizes: { flatMm: 0.2, edgeMm: 7 } },
      ),
    nose: middlePoint,
    faces: (layout) => {
      const { angles, trailingDeg } = layout.plan;
      const square = (deg: number): number => Math.atan(Math.tan(deg * DEG) * Math.cos(half * DEG)) / DEG;
      const left = flankNormal({ azimuthDeg: 90 - half, tiltDeg: square(angles.sideClearanceDeg) });
      const right = flankNormal({
        azimuthDeg: half - 90,
        tiltDeg: square(trailingDeg ?? angles.sideClearanceDeg),
      });
      const reachMm = pointReach(layout.plan);
      return [
        top(layout, [0, 0, 1]),
        sideFlank(layout, left, { key: 'left', reachMm, wheel: 'fine', check: 'centre-gauge' }),
        sideFlank(layout, right, { key: 'right', reachMm, wheel: 'fine', check: 'centre-gauge' }),
        pointFlat(layout),
        HONE,
      ];
    },
    regrinds: ['rake'],
    takesHeel: false,
  };
}

/** A symmetric point that chamfers from either side, outside and inside a bore. */
export const chamfer: ShapeFacts = {
  operation: 'chamfer',
  sets: ['backRakeDeg', 'sideClearanceDeg', 'frontClearanceDeg'],
  sizes: ['flatMm', 'edgeMm'],
  hasNose: false,
  takesGroove: false,
  start: () =>
    start(
      { ...flatTop, kappaDeg: 45, kappa2Deg: 45, sideClearanceDeg: 11, frontClearanceDeg: 11 },
      { sizes: { edgeMm: 6, flatMm: 0 } },
    ),
  nose: middlePoint,
  faces: (layout) => {
    const normals = faceNormals(layout.plan.angles, 'right');
    const reachMm = pointReach(layout.plan);
    const landMm = layout.plan.heel?.landMm;
    return [
      top(layout, normals.rake),
      sideFlank(layout, normals.major, { key: 'left', reachMm, landMm, check: 'square' }),
      sideFlank(layout, normals.minor, { key: 'right', reachMm, landMm, check: 'square' }),
      heelUnder(layout, 'heel-left', normals.rake, normals.major, { reachMm }),
      heelUnder(layout, 'heel-right', normals.rake, normals.minor, { reachMm }),
      pointFlat(layout),
      HONE,
    ];
  },
  regrinds: ['rake'],
  takesHeel: true,
};

/** Front of a tongue with a half-round end. */
const tongueNose = ({ blank, noseDownMm }: BitPlan): Vector => [
  -CLEAN_UP_MM,
  -blank.widthMm / 2,
  -noseDownMm,
];

/** A half-round end, the bit swung on the rest from one side to the other. */
function tongue(layout: Layout): GrindStep {
  const { plan, nose } = layout;
  const r = plan.sizes.radiusMm;
  const tiltDeg = plan.angles.frontClearanceDeg;
  const [from, to] = [-90, 90];
  return {
    key: 'arc',
    cut: {
      by: 'arc',
      keep: arcPlanes(
        [nose[0] - r, nose[1], nose[2]],
        r,
        { azimuthDeg: from, tiltDeg },
        { azimuthDeg: to, tiltDeg },
      ),
      reachMm: CLEAN_UP_MM + r + BEHIND_FORM_MM,
    },
    normal: null,
    setting: null,
    swing: { fromDeg: from, toDeg: to, tiltDeg: tiltDeg - restLean(plan) },
    readings: [{ plane: 'along-shank', deg: tiltDeg }],
    wheel: 'fine',
    check: 'radius-gauge',
  };
}

const rounded = (radiusOf: (blankWidthMm: number) => number, topFirst: boolean): ShapeFacts => ({
  operation: topFirst ? 'form' : 'turn',
  sets: ['backRakeDeg', 'frontClearanceDeg'],
  sizes: ['radiusMm'],
  hasNose: false,
  takesGroove: false,
  start: (_, blankWidthMm) =>
    start(
      { ...flatTop, kappaDeg: 90, kappa2Deg: 0, sideClearanceDeg: 9, frontClearanceDeg: 9 },
      { sizes: { radiusMm: radiusOf(blankWidthMm) } },
    ),
  nose: tongueNose,
  faces: (layout) => {
    const { rake } = faceNormals(layout.plan.angles, 'right');
    const upper = rakeFace(layout, rake, {
      reachMm: CLEAN_UP_MM + layout.plan.sizes.radiusMm + 2 * BEHIND_FORM_MM,
      wheel: 'fine',
      flat: true,
    });
    return topFirst ? [upper, tongue(layout), HONE] : [tongue(layout), upper, HONE];
  },
  regrinds: topFirst ? ['rake'] : ['arc'],
  takesHeel: false,
});

/** Rounded end for roughing and for fillets. */
export const roundNose: ShapeFacts = rounded((width) => Math.min(3, width / 2), false);
/** Cuts a half-round groove. */
export const radiusConvex: ShapeFacts = rounded(() => 2, true);

/** Rounds a corner: a hollow quarter by a round wheel or stone dressed to the radius. */
export const radiusConcave: ShapeFacts = {
  operation: 'form',
  sets: ['sideClearanceDeg', 'frontClearanceDeg'],
  sizes: ['radiusMm'],
  hasNose: false,
  takesGroove: false,
  start: () =>
    start(
      { ...flatTop, kappaDeg: 90, kappa2Deg: 0, sideClearanceDeg: 8, frontClearanceDeg: 8 },
      { sizes: { radiusMm: 3 } },
    ),
  nose: ({ noseDownMm }) => [-CLEAN_UP_MM, -CLEAN_UP_MM, -noseDownMm],
  faces: (layout) => {
    const { plan, nose } = layout;
    const { major, minor, rake } = faceNormals(plan.angles, 'right');
    const [side, front] = [plan.angles.sideClearanceDeg, plan.angles.frontClearanceDeg];
    const reachMm = CLEAN_UP_MM + plan.sizes.radiusMm + BEHIND_FORM_MM;
    return [
      rakeFace(layout, rake, { reachMm: reachMm + BEHIND_FORM_MM, wheel: 'fine', flat: true }),
      sideFlank(layout, major, { reachMm }),
      frontFlank(layout, minor),
      {
        key: 'hollow-radius',
        cut: {
          by: 'hollow-radius',
          keep: [],
          reachMm: plan.blank.lengthMm,
          rounds: [
            {
              through: nose,
              axis: [Math.tan(front * DEG), Math.tan(side * DEG), 1],
              towards: [-1, -1, 0],
              radiusMm: plan.sizes.radiusMm,
            },
          ],
        },
        normal: null,
        setting: null,
        swing: null,
        readings: [],
        wheel: 'round',
        check: 'radius-gauge',
      },
      HONE,
    ];
  },
  regrinds: ['rake'],
  takesHeel: false,
};
