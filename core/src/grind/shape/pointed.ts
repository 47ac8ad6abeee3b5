import { faceNormals } from '../../bit/faces';
import { DEG } from '../../quantity/angle';
import type { BitPlan } from '../bit-plan';
import type { GrindStep } from '../grind-step';
import { frontFlank, heelUnder, rakeFace, sideFlank } from '../ground-faces';
import type { Layout } from '../layout';
import { noseStep } from '../nose-step';
import { grooveStep, HONE } from '../stone-steps';
import type { Vector } from '../../quantity/vector';
import {
  CLEAN_UP_MM,
  GENERAL_NOSE_MM,
  NO_SIZES,
  usualAngles,
  type ShapeFacts,
  type ShapeStart,
} from './shape-facts';

/** Bits with one corner between a side edge and an end edge. */

const ALL_ANGLES = [
  'sideRakeDeg',
  'backRakeDeg',
  'kappaDeg',
  'sideClearanceDeg',
  'kappa2Deg',
  'frontClearanceDeg',
] as const;
/** The rake runs back a little farther than the edge, so that the chip gets away. */
const RAKE_BEYOND_EDGE = 1.3;
const LEAST_IN_MM = 0.3;

/** In from the left side so that the ground edge is as long as it is wanted. */
const cornerNose = ({ sizes, angles, noseDownMm }: BitPlan): Vector => [
  -CLEAN_UP_MM,
  -Math.max(LEAST_IN_MM, sizes.edgeMm * Math.tan((90 - angles.kappaDeg) * DEG)),
  -noseDownMm,
];

type Part = 'side' | 'front' | 'heel' | 'rake';

/** The faces of a corner in a given order, then its groove, nose and honing. */
const cornerFaces =
  (order: readonly Part[]) =>
  (layout: Layout): readonly (GrindStep | null)[] => {
    const { plan } = layout;
    const normals = faceNormals(plan.angles, 'right');
    const edge = CLEAN_UP_MM + plan.sizes.edgeMm;
    const made: Readonly<Record<Part, () => GrindStep | null>> = {
      side: () => sideFlank(layout, normals.major, { reachMm: edge }),
      front: () => frontFlank(layout, normals.minor, { landMm: plan.heel?.landMm }),
      heel: () =>
        heelUnder(layout, 'heel-front', normals.rake, normals.minor, { reachMm: plan.blank.lengthMm }),
      rake: () => rakeFace(layout, normals.rake, { reachMm: edge * RAKE_BEYOND_EDGE }),
    };
    return [
      ...order.map((part) => made[part]()),
      grooveStep(layout, normals.rake, normals.major),
      noseStep(layout, normals.major, normals.minor, edge),
      HONE,
    ];
  };

const start = (over: Partial<ShapeStart>): ShapeStart => ({
  angles: usualAngles(null),
  noseRadiusMm: GENERAL_NOSE_MM,
  sizes: NO_SIZES,
  heel: null,
  trailingDeg: null,
  ...over,
});

const corner: ShapeFacts = {
  operation: 'turn',
  sets: ALL_ANGLES,
  sizes: ['edgeMm'],
  hasNose: true,
  takesGroove: true,
  start: (metal) =>
    start({ angles: usualAngles(metal), noseRadiusMm: metal?.noseRadiusMm[1] ?? GENERAL_NOSE_MM }),
  nose: cornerNose,
  faces: cornerFaces(['side', 'front', 'rake']),
  regrinds: ['side', 'front'],
  takesHeel: false,
};

export const general: ShapeFacts = corner;

/** Square to the shaft and a little past it, for shoulders. */
export const knife: ShapeFacts = {
  ...corner,
  operation: 'shoulder',
  start: (metal) => {
    const usual = usualAngles(metal);
    return start({
      angles: {
        ...usual,
        ...(metal ? {} : { sideRakeDeg: 14, backRakeDeg: 6 }),
        kappaDeg: 92,
        kappa2Deg: 8,
        sideClearanceDeg: Math.max(9, usual.sideClearanceDeg),
        frontClearanceDeg: Math.max(9, usual.frontClearanceDeg),
      },
      noseRadiusMm: 0.2,
    });
  },
};

/** The end edge leans a little to the face, and it cuts to the centre. */
export const facing: ShapeFacts = {
  ...corner,
  operation: 'face',
  start: (metal) => {
    const usual = usualAngles(metal);
    return start({
      angles: { ...usual, kappa2Deg: 5, frontClearanceDeg: Math.max(9, usual.frontClearanceDeg) },
      noseRadiusMm: 0.4,
    });
  },
  faces: cornerFaces(['front', 'side', 'rake']),
};

/** Small in section and relieved twice, so that its heel clears the bore. */
export const boring: ShapeFacts = {
  ...corner,
  operation: 'bore',
  takesGroove: false,
  start: (metal) => {
    const usual = usualAngles(metal);
    return start({
      angles: {
        ...usual,
        backRakeDeg: Math.min(5, usual.backRakeDeg),
        kappaDeg: 85,
        frontClearanceDeg: Math.max(12, usual.frontClearanceDeg),
      },
      noseRadiusMm: 0.4,
      sizes: { ...NO_SIZES, edgeMm: 5 },
      heel: { clearanceDeg: 28, landMm: 1 },
    });
  },
  faces: cornerFaces(['front', 'side', 'heel', 'rake']),
  takesHeel: true,
};

/** No rake: brass would pull a raked bit in, and the slide with it. */
export const brass: ShapeFacts = {
  ...corner,
  takesGroove: false,
  start: () =>
    start({
      angles: {
        sideRakeDeg: 0,
        backRakeDeg: 0,
        kappaDeg: 85,
        sideClearanceDeg: 10,
        kappa2Deg: 10,
        frontClearanceDeg: 8,
      },
    }),
};

/** A tip in a turning body: its end lies along the work, its side leads. */
export const flyCutter: ShapeFacts = {
  ...corner,
  operation: 'fly-cut',
  takesGroove: false,
  start: (metal) =>
    start({
      angles: {
        sideRakeDeg: Math.min(10, usualAngles(metal).sideRakeDeg),
        backRakeDeg: 0,
        kappaDeg: 80,
        sideClearanceDeg: 11,
        kappa2Deg: 6,
        frontClearanceDeg: 7,
      },
      noseRadiusMm: 0.4,
      sizes: { ...NO_SIZES, edgeMm: 5 },
    }),
  faces: cornerFaces(['front', 'side', 'rake']),
};

/** A broad edge across the end, leaning to the motion: it slices. */
export const shear: ShapeFacts = {
  ...corner,
  sets: ['sideRakeDeg', 'frontClearanceDeg'],
  sizes: ['edgeMm'],
  hasNose: false,
  takesGroove: false,
  start: () =>
    start({
      angles: {
        sideRakeDeg: 30,
        backRakeDeg: 0,
        kappaDeg: 90,
        sideClearanceDeg: 6,
        kappa2Deg: 0,
        frontClearanceDeg: 7,
      },
      noseRadiusMm: 0,
      sizes: { ...NO_SIZES, edgeMm: 4 },
    }),
  faces: (layout) => {
    const normals = faceNormals(layout.plan.angles, 'right');
    return [
      frontFlank(layout, normals.minor, { wheel: 'fine' }),
      rakeFace(layout, normals.rake, { reachMm: CLEAN_UP_MM + layout.plan.sizes.edgeMm, wheel: 'fine' }),
      HONE,
    ];
  },
  regrinds: ['front'],
};
