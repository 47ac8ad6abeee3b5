import { DEG } from '../quantity/angle';
import { circleThrough } from '../quantity/circle-fit';
import type { PlanePoint } from '../quantity/plane';
import { dot, minus, plus, times, type Vector } from '../quantity/vector';
import type { HalfSpace } from '../solid/convex';
import type { Blank, Cylinder, Facet, SolidCut } from '../solid/solid-cut';
import { wheelDepth } from './end-tooth';
import type { EndMillJob } from './end-mill-job';
import type { EndMillPlan } from './end-mill-plan';

/** Length of the cutter that is shown, in diameters. */
const SHOWN_DIAMETERS = 1.1;
/** Length of its flutes that is shown, in diameters. */
const FLUTED_DIAMETERS = 0.8;
/** How a cutter is drawn: radius of its web, as a share of its own, and how much of the pitch a flute opens. */
export const DRAWN_CUTTER = { webShare: 0.24, openShare: 0.6 } as const;
/** The first land is cut finely enough for its relief to be read on it. */
const STAND_OFF_MM = 0.00005;

/** Parts of the solid by what left them; the first tooth's land has a name of its own, to be read on. */
export const END_PARTS = ['flute', 'centre', 'primary', 'primary-1', 'secondary'] as const;
const FIRST_LAND = 'primary-1';

/**
 * A tooth's own frame: outwards along its edge, back over its flank, and out of the end.
 *
 * ```
 *   end view, from the tailstock     solid: x out of the end, y to the right, z up
 *        back ^                      the first tooth lies to the left, its face looks down
 *             |
 *   edge <----+ centre
 * ```
 */
interface ToothFrame {
  readonly edge: Vector;
  readonly back: Vector;
  readonly out: Vector;
  readonly corner: Vector;
  /** Along the falling edge, outwards; and square to it. */
  readonly along: Vector;
  readonly square: Vector;
}

function toothFrame({ cutter, wish }: EndMillJob, tooth: number): ToothFrame {
  const radius = cutter.diameterMm / 2;
  const turn = Math.PI + (2 * Math.PI * tooth) / cutter.teeth;
  const edge: Vector = [0, Math.cos(turn), Math.sin(turn)];
  const back: Vector = [0, Math.sin(turn), -Math.cos(turn)];
  const out: Vector = [1, 0, 0];
  const fall = wish.dishDeg * DEG;
  return {
    edge,
    back,
    out,
    corner: plus([0, -radius, -radius], times(edge, radius)),
    along: plus(times(edge, Math.cos(fall)), times(out, Math.sin(fall))),
    square: minus(times(out, Math.cos(fall)), times(edge, Math.sin(fall))),
  };
}

const below = (normal: Vector, through: Vector): HalfSpace => ({ normal, offset: dot(normal, through) });

/** The flute in front of a tooth: from its face to the back of the tooth before it. */
function flute(job: EndMillJob, frame: ToothFrame): readonly HalfSpace[] {
  const { diameterMm, teeth } = job.cutter;
  const radius = diameterMm / 2;
  const centre: Vector = [0, -radius, -radius];
  const front = times(frame.back, -1);
  const root = plus(centre, times(frame.edge, DRAWN_CUTTER.webShare * radius));
  const open = ((2 * Math.PI) / Math.max(2, teeth)) * DRAWN_CUTTER.openShare;
  const rim = plus(
    centre,
    plus(times(frame.edge, radius * Math.cos(open)), times(front, radius * Math.sin(open))),
  );
  const ray = minus(rim, root);
  // Square to the ray, away from the flute.
  const away: Vector = [0, -ray[2], ray[1]];
  const outside = dot(away, frame.edge) < 0 ? away : times(away, -1);
  return [below(frame.back, centre), below(outside, root)];
}

/** The round of the wheel over one tooth, as far along it as it may go. */
function wheelOver(
  frame: ToothFrame,
  plan: EndMillPlan,
  raiseMm: number,
  deeperMm: number,
  standOffMm?: number,
): Cylinder {
  const { radiusMm, reachMm } = plan;
  const rise = Math.sqrt(radiusMm ** 2 - plan.raiseMm ** 2) - deeperMm;
  return {
    through: plus(plus(frame.corner, times(frame.back, raiseMm)), times(frame.square, rise)),
    axis: frame.along,
    towards: times(frame.square, -1),
    radiusMm,
    along: [-reachMm, 2 * radiusMm],
    standOffMm,
  };
}

/** The same land flat, from one height above the edge to another, for the plain way of cutting. */
function flatLand(
  frame: ToothFrame,
  plan: EndMillPlan,
  from: PlanePoint,
  to: PlanePoint,
): readonly HalfSpace[] {
  const at = ([back, out]: PlanePoint): Vector =>
    plus(plus(frame.corner, times(frame.back, back)), times(frame.square, out));
  const [rise, run] = [to[1] - from[1], to[0] - from[0]];
  const outward = minus(times(frame.square, run), times(frame.back, rise));
  return [
    below(times(outward, -1), at(from)),
    below(times(frame.back, -1), at(from)),
    below(times(frame.along, -1), minus(frame.corner, times(frame.along, plan.reachMm))),
  ];
}

/** The end of a cutter as a solid: its blank and what is cut out of it, flutes straight. */
export function endMillSolid(
  job: EndMillJob,
  plan: EndMillPlan,
): { blank: Blank; cuts: readonly SolidCut[] } {
  const { cutter, wish } = job;
  const { diameterMm, teeth } = cutter;
  const blank: Blank = {
    section: 'round',
    lengthMm: SHOWN_DIAMETERS * diameterMm,
    widthMm: diameterMm,
    heightMm: diameterMm,
  };
  const reachMm = FLUTED_DIAMETERS * diameterMm;
  const frames = Array.from({ length: teeth }, (_, tooth) => toothFrame(job, tooth));
  const { raiseMm, second, land } = plan;
  const heel: PlanePoint = [wish.landMm, -land.dropMm];
  const primary = (by: string, of: readonly ToothFrame[]): SolidCut => ({
    by,
    keep: [],
    reachMm,
    rounds: of.map((frame) =>
      wheelOver(frame, plan, raiseMm, 0, by === FIRST_LAND ? STAND_OFF_MM : undefined),
    ),
    wedges: of.map((frame) => flatLand(frame, plan, [0, 0], heel)),
  });
  const middle = diameterMm / 2;
  const centre: Cylinder = {
    through: [0, -middle, -middle],
    axis: [1, 0, 0],
    towards: [0, 1, 0],
    radiusMm: plan.gapMm / 2,
    along: [-0.12 * diameterMm, 1],
  };
  return {
    blank,
    cuts: [
      { by: 'flute', keep: [], reachMm, wedges: frames.map((frame) => flute(job, frame)) },
      ...(plan.gapMm > 0 ? [{ by: 'centre', keep: [], reachMm, rounds: [centre], wedges: [] }] : []),
      primary(FIRST_LAND, frames.slice(0, 1)),
      ...(teeth > 1 ? [primary('primary', frames.slice(1))] : []),
      ...(second
        ? [
            {
              by: 'secondary',
              keep: [],
              reachMm,
              rounds: frames.map((frame) => wheelOver(frame, plan, second.raiseMm, second.deeperMm)),
              wedges: frames.map((frame) =>
                flatLand(frame, plan, heel, [
                  wish.landMm + 1,
                  heel[1] - Math.tan((wish.secondDeg ?? 0) * DEG),
                ]),
              ),
            },
          ]
        : []),
    ],
  };
}

/** Points of the first land in its own section: back over the flank, and out of the end. */
function landPoints(
  { wish }: EndMillJob,
  facets: readonly Facet[],
  frame: ToothFrame,
): readonly PlanePoint[] {
  // Walls where the wheel stops, along the tooth or behind it, are no part of the land.
  const own = facets.filter(({ by, normal }) => by === FIRST_LAND && dot(normal, frame.square) > 0.7);
  return own
    .flatMap(({ corners }) => corners)
    .map((corner): PlanePoint => {
      const off = minus(corner, frame.corner);
      return [dot(off, frame.back), dot(off, frame.square)];
    })
    .filter(([, out]) => out > -wish.landMm);
}

/** Relief of a round at a place over the flank, degrees. */
const reliefAt = (circle: { readonly x: number; readonly radius: number }, back: number): number =>
  Math.asin(Math.max(-1, Math.min(1, (circle.x - back) / circle.radius))) / DEG;

/**
 * Relief of the first tooth as it is read on the solid, at the edge and at the heel of its land: a
 * circle is laid through the points of the land. On a flat land both are its slope.
 *
 * @returns null when the solid has no such land
 */
export function readEndRelief(job: EndMillJob, facets: readonly Facet[]) {
  const points = landPoints(job, facets, toothFrame(job, 0));
  if (points.length < 3) return null;
  const circle = circleThrough(points);
  const heel = Math.min(job.wish.landMm, Math.max(...points.map(([back]) => back)));
  if (circle && circle.radius < 10 * job.wheel.diameterMm)
    return { edgeDeg: reliefAt(circle, 0), heelDeg: reliefAt(circle, heel), radiusMm: circle.radius };
  const [least, most] = [
    points.reduce((a, b) => (b[0] < a[0] ? b : a)),
    points.reduce((a, b) => (b[0] > a[0] ? b : a)),
  ];
  const flatDeg = Math.atan2(least[1] - most[1], most[0] - least[0]) / DEG;
  return { edgeDeg: flatDeg, heelDeg: flatDeg, radiusMm: null };
}

/** Depth of the hollow of a land below its chord, mm. */
export function landHollow({ radiusMm, raiseMm }: EndMillPlan, landMm: number): number {
  const middle = wheelDepth(radiusMm, raiseMm, landMm / 2);
  return middle - wheelDepth(radiusMm, raiseMm, landMm) / 2;
}
