import type { ReactNode } from 'react';
import { DEG, type CutPlan, type CutSetup, type OperationKey, type Tool } from '@pike-stone/core';
import type { UnitSystem } from '@pike-stone/words';
import type { Pen } from '../../../kit/drawing/dimensions';
import type { CutMark } from './cut-mark';

/** Input of a sketch: the cut, the size of the paper and the colours. */
export interface SketchInput<T extends Tool = Tool> {
  readonly setup: CutSetup<T>;
  readonly plan: CutPlan;
  readonly units: UnitSystem;
  readonly width: number;
  readonly height: number;
  readonly pen: Pen;
}

/** A drawing and the figures to touch on it. */
export interface Drawing {
  readonly art: ReactNode;
  readonly marks: readonly CutMark[];
  readonly says: string;
}

/** How one operation is drawn. */
export interface OperationSketch<T extends Tool = Tool> {
  draw(input: SketchInput<T>): Drawing;
}

/** The sketch of an operation, or undefined when it is not in this collection. */
export const sketchIn = (
  sketches: Partial<Record<OperationKey, OperationSketch>>,
  operation: OperationKey,
): OperationSketch | null => sketches[operation] ?? null;

/**
 * Outline of a turning tool in plan, to scale, as a path.
 *
 * ```
 *        feed <--
 *   work ____
 *       |    \ tip (finished surface)
 *   lead edge \   end edge
 *        \____ \____
 *         shank
 * ```
 * `approachDeg` is measured from the feed; the lead edge leans back below 90.
 * `turn` rotates the whole tool (facing works along the cross slide).
 */
export function toolOutline(input: {
  readonly tipX: number;
  readonly tipY: number;
  readonly noseR: number;
  readonly approachDeg: number;
  readonly cornerDeg: number;
  readonly edge: number;
  readonly shank: number;
  readonly length: number;
}): string {
  const { tipX, tipY, approachDeg, cornerDeg, edge, shank, length } = input;
  const kappa = approachDeg * DEG;
  const end = Math.max(2, 180 - approachDeg - cornerDeg) * DEG;
  const lead = { x: -Math.cos(kappa), y: Math.sin(kappa) };
  const back = { x: Math.cos(end), y: Math.sin(end) };
  // The nose is an arc tangent to both edges; the tip touches the finished surface.
  const corner = Math.PI - kappa - end;
  const r = Math.min(input.noseR, edge * 0.8);
  const run = r / Math.tan(corner / 2);
  const drop = r * (1 / Math.sin(corner / 2)) * Math.sin((kappa + (Math.PI - end)) / 2) - r;
  const sharp = { x: tipX, y: tipY - Math.max(0, drop) };
  const a = { x: sharp.x + lead.x * run, y: sharp.y + lead.y * run };
  const b = { x: sharp.x + back.x * run, y: sharp.y + back.y * run };
  const leadEnd = { x: sharp.x + lead.x * edge, y: sharp.y + lead.y * edge };
  const endEdge = Math.min(shank * 0.92, edge);
  const backEnd = { x: sharp.x + back.x * endEdge, y: sharp.y + back.y * endEdge };
  const bottom = tipY + length;
  return `M${a.x} ${a.y}A${r} ${r} 0 0 1 ${b.x} ${b.y}L${backEnd.x} ${backEnd.y}L${backEnd.x} ${bottom}L${Math.max(leadEnd.x, backEnd.x - shank)} ${bottom}L${leadEnd.x} ${leadEnd.y}Z`;
}

/** Hatching of a cut face: 45 degree lines inside a box. */
export function hatch(x: number, y: number, w: number, h: number, pitch = 7): string {
  let path = '';
  for (let t = pitch; t < w + h; t += pitch) {
    const [x1, y1] = t < h ? [x, y + t] : [x + t - h, y + h];
    const [x2, y2] = t < w ? [x + t, y] : [x + w, y + t - w];
    path += `M${x1} ${y1}L${x2} ${y2}`;
  }
  return path;
}

/** Break line across a bar that is longer than the paper: a flat S from (x, y1) to (x, y2). */
export function breakLine(x: number, y1: number, y2: number): string {
  const m = (y1 + y2) / 2;
  const q = (y2 - y1) / 4;
  return `M${x} ${y1}C${x + 7} ${y1 + q * 0.7} ${x + 7} ${m - q * 0.4} ${x} ${m}S${x - 7} ${y2 - q * 0.7} ${x} ${y2}`;
}
