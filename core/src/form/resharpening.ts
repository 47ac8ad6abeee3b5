import { DEG } from '../quantity/angle';
import { positive, within } from '../quantity/out-of-range';
import { MM_PER_INCH } from '../quantity/units';
import { wholeIn } from '../quantity/whole';
import { faceOffset } from '../setting/cutter-blank';
import type { MakingWay } from './form-names';
import type { FormShape } from './form-shape';
import {
  gashesOf,
  reliefDrop,
  worstOf,
  type DepthError,
  type FormTool,
  type MultiToothCutter,
} from './form-tool';

/** Share of a land that may be ground away before a tooth is too thin. */
const LAND_TO_USE = 0.6;
/** Share of the body of a fly cutter or of a flat tool that may be ground away. */
const BODY_TO_USE = 0.5;
/** Height of the shank that a flat form tool is usually made from, mm. */
const FLAT_HEIGHT_MM = 12;
/** Taken off the face at a sharpening, mm: our typical value, in the round figure of a metric or an inch shop. */
export const USUAL_FACE_GRIND_MM = { mm: 0.1, inch: 0.004 * MM_PER_INCH } as const;
const ROUNDS = 60;
const DEPTHS = 20;

/** What grinding the face does to a form, and how it is ground. */
export type FormKept =
  'same-angle' | 'face-below-axis' | 'face-radial' | 'keep-offset' | 'reset-swing' | 'edge-moves-in';

/**
 * How a tool is sharpened on its face so that its form stays: straight relief keeps it, the relief of a tapered
 * stone or of a wheel set off does not.
 */
export function formKept(tool: FormTool, way: MakingWay): FormKept {
  if (tool.kind === 'circular') return 'face-below-axis';
  if (tool.kind === 'multi') return tool.rakeDeg === 0 ? 'face-radial' : 'keep-offset';
  if (way === 'stones') return 'edge-moves-in';
  return tool.kind === 'fly' ? 'reset-swing' : 'same-angle';
}

/** Radius at which the body of a relieved tooth is met at an angle behind its first edge. */
function edgeRadius(bodyMm: number, dropMm: number, behind: (radius: number) => number): number {
  let radius = bodyMm;
  for (let i = 0; i < ROUNDS; i += 1) radius = bodyMm - dropMm * behind(radius);
  return radius;
}

/**
 * Depth errors after so much of a relieved tooth's radius has gone with sharpening, the face kept at the same
 * offset e. The body follows rho = R - delta - k phi; the edge is where the face's plane meets it.
 */
function afterSharpening(shape: FormShape, tool: MultiToothCutter, goneMm: number) {
  const big = tool.diameterMm / 2;
  const [e, k] = [faceOffset(big, tool.rakeDeg), reliefDrop(tool)];
  const at = (radius: number): number => Math.asin(e / radius) - Math.asin(e / big);
  const left = big - within('radius that is gone', goneMm, 0, big / 2);
  const turned = k === 0 ? 0 : (big - left) / k - at(left);
  return Array.from({ length: DEPTHS + 1 }, (_, i): DepthError => {
    const depthMm = (shape.depthMm * i) / DEPTHS;
    const body = big - depthMm + k * at(big - depthMm);
    return { depthMm, errorMm: left - edgeRadius(body, k, (radius) => turned + at(radius)) - depthMm };
  });
}

/**
 * What sharpening by so much off the face does to the form, mm; 0 where it is kept.
 * @param faceMm  ground off the face in all
 */
export function sharpeningError(shape: FormShape, tool: FormTool, way: MakingWay, faceMm: number): number {
  const gone = positive('ground off the face', faceMm);
  const kept = formKept(tool, way);
  if (tool.kind === 'multi')
    return kept === 'keep-offset'
      ? worstOf(afterSharpening(shape, tool, gone * Math.tan(tool.reliefDeg * DEG))).errorMm
      : 0;
  return kept === 'edge-moves-in' ? -gone * Math.tan(tool.clearanceDeg * DEG) : 0;
}

/** What may be ground off the face of a new cutter in all, mm. */
function faceStock(tool: FormTool): number {
  switch (tool.kind) {
    case 'multi': {
      const { landArcMm } = gashesOf(tool);
      return Math.max(0, LAND_TO_USE * landArcMm);
    }
    case 'fly':
      return BODY_TO_USE * tool.bodyMm;
    case 'circular':
      return Math.PI * tool.toolRadiusMm;
    case 'flat':
      return BODY_TO_USE * FLAT_HEIGHT_MM;
  }
}

/**
 * Sharpenings that a cutter has left in it, at so much off the face each time.
 * @param groundMm  off its face since it was new
 */
export function sharpeningsLeft(
  tool: FormTool,
  groundMm = 0,
  perGrindMm: number = USUAL_FACE_GRIND_MM.mm,
): number {
  positive('ground off the face', perGrindMm);
  return Math.max(
    0,
    wholeIn((faceStock(tool) - within('ground off the face', groundMm, 0, 1e3)) / perGrindMm),
  );
}
