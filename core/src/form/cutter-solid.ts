import type { CrossSection, Manifold } from 'manifold-3d';
import { DEG } from '../quantity/angle';
import type { PlanePoint } from '../quantity/plane';
import { signedDistances } from '../profile/nearest';
import { boundsOf, piecesOf } from '../profile/profile';
import { sampled } from '../profile/sampled';
import { faceOffset } from '../setting/cutter-blank';
import { facetsOf, type SolidLibrary } from '../solid/exact-cut';
import type { Facet } from '../solid/solid-cut';
import type { FormShape } from './form-shape';
import {
  depthsOnTool,
  isForTurning,
  reliefDrop,
  withHeights,
  type FormMillingCutter,
  type FormTool,
  type TurningFormTool,
} from './form-tool';

/**
 * The edge of a tool stands in the plane of its face: x along the axis of rotation, C along the face from the
 * tip. A tooth is that outline carried back along its relief. Axis of rotation (of the cutter, or of the work)
 * on x; a milling cutter's tip points to -y, a turning tool's tip stands at +y on the work.
 */
interface Tooth {
  /** Place of a point of the face, s back along the relief: y and z. */
  readonly place: (onFaceMm: number, back: number) => readonly [y: number, z: number];
  /** How far back the body reaches, in the unit of `back`. */
  readonly reach: number;
  /** Whether the body lies towards +z or towards -z from the edge. */
  readonly towards: 1 | -1;
  /** Turn that brings a point of the edge into the plane z = 0, radians. */
  readonly turnFor: (depthMm: number) => number;
  /** Height above the tip of a place in the plane z = 0. */
  readonly heightOf: (y: number) => number;
  /** The tip and the surface of the work along y. */
  readonly tipY: number;
}

/** Chord error of the edge of the solid, mm. */
const CHORD_MM = 0.0002;
/** Steps by which the edge is turned through the plane that is looked at. */
const TURNS = 200;
/** Turns nearer than this are one, radians. */
const SAME_TURN = 1e-9;
/** Thickness of the blank, mm: every section of it is the same. */
const BLANK_MM = 4;
/** Corners nearer than this to the surface of the blank, or to the ends of the tool, are none of the form, mm. */
const EDGE_MM = 0.001;
/** Divisions of the body along its relief. */
const DIVISIONS = 8;
/** Metal of the tool above the form, mm, and of the blank below its tip. */
const ABOVE_MM = 2;
const BELOW_MM = 1;
/** A tooth is drawn this long behind its edge, mm. */
const BODY_MM = 4;

function millingTooth(tool: FormMillingCutter): Tooth {
  const big = tool.kind === 'fly' ? tool.swingMm : tool.diameterMm / 2;
  const e = faceOffset(big, tool.rakeDeg);
  const tip = Math.sqrt(big * big - e * e);
  const ends = {
    turnFor: (depth: number) => Math.asin(e / (big - depth)),
    heightOf: (y: number) => y + big,
    tipY: -big,
    towards: 1 as const,
  };
  if (tool.kind === 'fly') {
    const slope = Math.tan((tool.rakeDeg + tool.clearanceDeg) * DEG);
    return {
      ...ends,
      place: (c, back) => [-tip + c + back * slope, e + back],
      reach: Math.min(BODY_MM, tool.bodyMm),
    };
  }
  const drop = reliefDrop(tool);
  return {
    ...ends,
    place: (c, back) => {
      const [y, z] = [-tip + c, e];
      const [radius, at] = [Math.hypot(y, z) - drop * back, Math.atan2(z, -y) + back];
      return [-radius * Math.cos(at), radius * Math.sin(at)];
    },
    reach: BODY_MM / big,
  };
}

function turningTooth(tool: TurningFormTool): Tooth {
  const [gamma, alpha] = [tool.rakeDeg * DEG, tool.clearanceDeg * DEG];
  const r1 = tool.smallestMm;
  const onFace = (c: number): readonly [number, number] => [r1 + c * Math.cos(gamma), -c * Math.sin(gamma)];
  const depths = depthsOnTool(tool);
  const ends = {
    turnFor: (depth: number) => {
      const [y, z] = onFace(depths.onFace(depth));
      return -Math.atan2(z, y);
    },
    heightOf: (y: number) => y - r1,
    tipY: r1,
    towards: -1 as const,
  };
  if (tool.kind === 'flat')
    return {
      ...ends,
      place: (c, back) => {
        const [y, z] = onFace(c);
        return [y + back * Math.sin(alpha), z - back * Math.cos(alpha)];
      },
      reach: BODY_MM,
    };
  const centre = [r1 + tool.toolRadiusMm * Math.cos(alpha), tool.toolRadiusMm * Math.sin(alpha)] as const;
  return {
    ...ends,
    place: (c, back) => {
      const [y, z] = onFace(c);
      const [dy, dz] = [y - centre[0], z - centre[1]];
      return [
        centre[0] + dy * Math.cos(back) - dz * Math.sin(back),
        centre[1] + dy * Math.sin(back) + dz * Math.cos(back),
      ];
    },
    reach: BODY_MM / tool.toolRadiusMm,
  };
}

const toothOf = (tool: FormTool): Tooth => (isForTurning(tool) ? turningTooth(tool) : millingTooth(tool));

/** A place of the space that was cut, against the wanted form. */
export interface CutPlace {
  /** x, and height above the tip. */
  readonly at: PlanePoint;
  /** Positive on the tool's side: metal left on. */
  readonly errorMm: number;
}

export interface CutSpace {
  readonly tooth: readonly Facet[];
  readonly blank: readonly Facet[];
  /** Corners of the space along the wanted form. */
  readonly places: readonly CutPlace[];
  /** Largest distance of the space from the wanted form, mm. */
  readonly worstMm: number;
}

/**
 * Cuts a blank with one tooth of the tool, turned through it as at the machine: whatever section of the tooth
 * comes into the plane of the axis is taken out. The space that is left is read from the mesh of the blank.
 *
 * @param corrected  whether the tooth carries the corrected profile, or that of the work itself
 * @yields the share that is done
 */
export function* cutBlank(
  library: SolidLibrary,
  shape: FormShape,
  tool: FormTool,
  corrected = true,
): Generator<number, CutSpace, void> {
  const made: (Manifold | CrossSection)[] = [];
  const keep = <T extends Manifold | CrossSection>(one: T): T => {
    made.push(one);
    return one;
  };
  try {
    const tooth = toothOf(tool);
    const depths = depthsOnTool(tool);
    // Shaped to the work's own profile, the face shows it stretched as the tool's relief stretches it.
    const stretch = depths.toShape(shape.depthMm) / depths.onFace(shape.depthMm);
    const face = withHeights(shape.profile, corrected ? depths.onFace : (d) => d / stretch);
    const edge = sampled(face, CHORD_MM);
    const top = boundsOf(face).high + ABOVE_MM;
    const outline: [number, number][] = [
      ...edge.map(([x, c]): [number, number] => [x, c]),
      [edge[edge.length - 1]![0], top],
      [edge[0]![0], top],
    ];
    const section = keep(new library.CrossSection([outline]));
    const raised = keep(section.extrude(tooth.reach, DIVISIONS));
    const body = keep(
      raised.warp((vertex) => {
        // A relief that runs to -z would turn the solid inside out: it is carried back from its far end.
        const back = tooth.towards > 0 ? vertex[2] : tooth.reach - vertex[2];
        const [y, z] = tooth.place(vertex[1], back);
        vertex[1] = y;
        vertex[2] = z;
      }),
    );

    const { left, right } = boundsOf(shape.profile);
    const surface = tooth.tipY + shape.depthMm;
    const sheet = keep(
      new library.CrossSection([
        [
          [left - 1, tooth.tipY - BELOW_MM],
          [right + 1, tooth.tipY - BELOW_MM],
          [right + 1, surface],
          [left - 1, surface],
        ],
      ]),
    );
    const turns = Array.from({ length: TURNS + 1 }, (_, i) => tooth.turnFor((shape.depthMm * i) / TURNS));
    const apart = turns.filter((turn, i) => i === 0 || Math.abs(turn - turns[i - 1]!) > SAME_TURN);
    const passed: CrossSection[] = [];
    for (const [i, turn] of apart.entries()) {
      passed.push(keep(keep(body.rotate([turn / DEG, 0, 0])).slice(0)));
      yield (i + 1) / apart.length;
    }
    const rest = keep(sheet.subtract(keep(library.CrossSection.union(passed))));
    const blank = facetsOf(keep(rest.extrude(BLANK_MM)).getMesh(), new Map());
    const wanted = signedDistances(piecesOf(shape.profile));
    const places = blank
      .flatMap(({ corners }) => corners)
      .filter(([, , z]) => z === 0)
      .map(([x, y]): PlanePoint => [x, tooth.heightOf(y)])
      .filter(
        ([x, h]) =>
          h < shape.depthMm - EDGE_MM && h > -BELOW_MM / 2 && x > left + EDGE_MM && x < right - EDGE_MM,
      )
      .map((at): CutPlace => ({ at, errorMm: wanted(at).distanceMm }));
    return {
      tooth: facetsOf(body.getMesh(), new Map()),
      blank,
      places,
      worstMm: places.reduce((worst, { errorMm }) => Math.max(worst, Math.abs(errorMm)), 0),
    };
  } finally {
    made.forEach((one) => one.delete());
  }
}

/** The whole of `cutBlank` at once. */
export function cutBlankAtOnce(
  library: SolidLibrary,
  shape: FormShape,
  tool: FormTool,
  corrected = true,
): CutSpace {
  const cutting = cutBlank(library, shape, tool, corrected);
  for (;;) {
    const { done, value } = cutting.next();
    if (done) return value;
  }
}
