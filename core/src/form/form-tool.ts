import { DEG } from '../quantity/angle';
import { positive, within } from '../quantity/out-of-range';
import { arcsWithin, piecesWithin, type CurvePoint } from '../profile/arc-fit';
import { directionOn, piecesOf, pointOn, profileOf, type Piece, type Profile } from '../profile/profile';
import { depthOnFace, faceOffset, gashing } from '../setting/cutter-blank';
import { checkedWedge, faceDepth, turnedRadius } from './flat-correction';
import type { FormShape } from './form-shape';
import { radiusAtHeight } from './height-error';
import { depthCut } from './radial-rake';

/** One tooth on an arbor, swung round. */
export interface FlyCutter {
  readonly kind: 'fly';
  /** Tip to axis. */
  readonly swingMm: number;
  /** Thickness of the body behind the edge. */
  readonly bodyMm: number;
  readonly rakeDeg: number;
  readonly clearanceDeg: number;
}

/** A relieved milling cutter of several teeth. */
export interface MultiToothCutter {
  readonly kind: 'multi';
  readonly diameterMm: number;
  readonly teeth: number;
  readonly rakeDeg: number;
  readonly reliefDeg: number;
  readonly gashDepthMm: number;
  readonly gashAngleDeg: number;
}

/** A flat form tool in the lathe. */
export interface FlatFormTool {
  readonly kind: 'flat';
  /** Radius of the work under the tip of the form. */
  readonly smallestMm: number;
  readonly rakeDeg: number;
  readonly clearanceDeg: number;
}

/** A circular form tool in the lathe. */
export interface CircularFormTool {
  readonly kind: 'circular';
  readonly smallestMm: number;
  readonly toolRadiusMm: number;
  readonly rakeDeg: number;
  readonly clearanceDeg: number;
}

/** Tools that turn against the work, and those that stand still against turning work. */
export type FormMillingCutter = FlyCutter | MultiToothCutter;
export type TurningFormTool = FlatFormTool | CircularFormTool;

/** The tool that carries a form. */
export type FormTool = FormMillingCutter | TurningFormTool;

/** Whether the tool stands still against turning work. */
export const isForTurning = (tool: FormTool): tool is TurningFormTool =>
  tool.kind === 'flat' || tool.kind === 'circular';

/** How depths in the work become depths on a tool, and back. */
interface DepthsOnTool {
  /** Along the face, where a template is held. */
  readonly onFace: (depthMm: number) => number;
  /** In the plane in which the tool is shaped: square to its relief, or its radius. */
  readonly toShape: (depthMm: number) => number;
  /** What a tool cuts that is shaped to the depths of the work. */
  readonly uncorrected: (depthMm: number) => number;
  /** What the corrected tool cuts when its edge stands h too high. */
  readonly atHeight: (depthMm: number, heightMm: number) => number;
}

/** Radius of a milling cutter to its tip. */
const millRadius = (tool: FormMillingCutter): number =>
  tool.kind === 'fly'
    ? positive('swing radius', tool.swingMm)
    : positive('cutter diameter', tool.diameterMm) / 2;

function turningDepths(tool: TurningFormTool): DepthsOnTool {
  const r1 = positive('smallest radius', tool.smallestMm);
  const { gamma, alpha } = checkedWedge(tool.rakeDeg, tool.clearanceDeg);
  const onFace = (depth: number): number => faceDepth(r1, r1 + depth, gamma);
  const atHeight = (depth: number, height: number): number =>
    radiusAtHeight(r1, onFace(depth), gamma, height) - r1;
  const cuts = (face: number): number => turnedRadius(r1, face, gamma) - r1;
  if (tool.kind === 'flat') {
    const square = Math.cos(gamma + alpha);
    return { onFace, toShape: (d) => onFace(d) * square, uncorrected: (d) => cuts(d / square), atHeight };
  }
  const big = positive('tool radius', tool.toolRadiusMm);
  const [along, across] = [big * Math.cos(alpha + gamma), big * Math.sin(alpha + gamma)];
  const radiusAt = (face: number): number => Math.hypot(along - face, across);
  return {
    onFace,
    toShape: (d) => big - radiusAt(onFace(d)),
    uncorrected: (d) => cuts(along - Math.sqrt((big - d) ** 2 - across * across)),
    atHeight,
  };
}

function millingDepths(tool: FormMillingCutter): DepthsOnTool {
  const big = millRadius(tool);
  const e = faceOffset(big, tool.rakeDeg);
  const onFace = (depth: number): number => depthOnFace(big, e, depth);
  const atHeight = (depth: number, height: number): number => depthCut(big, e + height, onFace(depth));
  if (tool.kind === 'multi') {
    const drop = reliefDrop(tool);
    return {
      onFace,
      toShape: (d) => d - drop * (Math.asin(e / (big - d)) - Math.asin(e / big)),
      uncorrected: (d) => depthCut(big, e, d),
      atHeight,
    };
  }
  const { gamma, alpha } = checkedWedge(tool.rakeDeg, tool.clearanceDeg);
  const square = Math.cos(gamma + alpha);
  return {
    onFace,
    toShape: (d) => onFace(d) * square,
    uncorrected: (d) => depthCut(big, e, d / square),
    atHeight,
  };
}

/** Drop of the relief of a multi-tooth cutter, mm per radian: R tan(relief). */
export const reliefDrop = ({ diameterMm, reliefDeg }: MultiToothCutter): number =>
  (positive('cutter diameter', diameterMm) / 2) * Math.tan(within('relief', reliefDeg, 0, 30) * DEG);

export const depthsOnTool = (tool: FormTool): DepthsOnTool =>
  isForTurning(tool) ? turningDepths(tool) : millingDepths(tool);

/** The gashes between the teeth of a cutter, and the land they leave. */
export const gashesOf = ({ diameterMm, teeth, gashDepthMm, gashAngleDeg, rakeDeg }: MultiToothCutter) =>
  gashing(diameterMm, teeth, gashDepthMm, gashAngleDeg, rakeDeg);

/** Points on each line or arc that are moved before arcs are fitted again. */
const POINTS_PER_PIECE = 32;
/** Half the height over which the slope of a correction is taken, mm. */
const SLOPE_MM = 1e-5;
/** Arcs of a corrected form stay within this of the exact curve, mm. */
const REFIT_MM = 0.0003;

/**
 * A profile with its heights changed: a line becomes lines and arcs within a tolerance, an arc becomes arcs that are
 * tangent to one another.
 */
export function withHeights(profile: Profile, height: (mm: number) => number): Profile {
  const slope = (y: number): number => (height(y + SLOPE_MM) - height(y - SLOPE_MM)) / (2 * SLOPE_MM);
  const changed = (piece: Piece, share: number): CurvePoint => {
    const [x, y] = pointOn(piece, share);
    const [dx, dy] = directionOn(piece, share);
    const rise = dy * slope(y);
    const long = Math.hypot(dx, rise);
    return { at: [x, height(y)], direction: [dx / long, rise / long] };
  };
  return profileOf(
    piecesOf(profile).flatMap((piece) => {
      const points = Array.from({ length: POINTS_PER_PIECE + 1 }, (_, i) =>
        changed(piece, i / POINTS_PER_PIECE),
      );
      const fitted =
        piece.kind === 'arc'
          ? arcsWithin(points, REFIT_MM)
          : piecesWithin(
              points.map(({ at }) => at),
              REFIT_MM,
            );
      return piecesOf(fitted);
    }),
  );
}

/** An error in depth or radius at a depth of the form, mm; positive cuts too deep or leaves the work too large. */
export interface DepthError {
  readonly depthMm: number;
  readonly errorMm: number;
}

/** Depths at which errors are reckoned. */
const DEPTHS = 40;

const depthsOf = (shape: FormShape): readonly number[] =>
  Array.from({ length: DEPTHS + 1 }, (_, i) => (shape.depthMm * i) / DEPTHS);

export const worstOf = (errors: readonly DepthError[]): DepthError =>
  errors.reduce((worst, one) => (Math.abs(one.errorMm) > Math.abs(worst.errorMm) ? one : worst));

/**
 * The profile to shape on the tool and the one that is seen on its face, corrected for rake and clearance, and
 * what the work would be if the tool were shaped to the work's own profile.
 */
export function correctedForm(shape: FormShape, tool: FormTool) {
  const depths = depthsOnTool(tool);
  const uncorrected = depthsOf(shape).map((depthMm) => ({
    depthMm,
    errorMm: depths.uncorrected(depthMm) - depthMm,
  }));
  return {
    toShape: withHeights(shape.profile, depths.toShape),
    onFace: withHeights(shape.profile, depths.onFace),
    uncorrected,
    worst: worstOf(uncorrected),
  };
}

/** What an edge that stands h too high (too low: negative) does to the form. */
export function heightErrors(shape: FormShape, tool: FormTool, heightMm: number): readonly DepthError[] {
  const depths = depthsOnTool(tool);
  return depthsOf(shape).map((depthMm) => ({
    depthMm,
    errorMm: depths.atHeight(depthMm, heightMm) - depthMm,
  }));
}
