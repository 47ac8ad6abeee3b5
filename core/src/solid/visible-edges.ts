import { cross, dot, minus, plus, times, type Vector } from '../quantity/vector';
import type { Facet } from './solid-cut';

/** A straight line of a view, mm: x to the right, y up. */
export interface ViewLine {
  readonly x1: number;
  readonly y1: number;
  readonly x2: number;
  readonly y2: number;
}

/** Where a solid is looked at from, far away. */
export interface ViewFrom {
  /** Direction from the solid to the eye. */
  readonly towards: Vector;
  readonly right: Vector;
  readonly up: Vector;
}

/** Pieces that an edge is looked at in. */
const PIECES = 16;
const NEAR = 1e-4;

/** Whether a facet stands between a point and the eye. */
function covers({ corners, normal }: Facet, point: Vector, towards: Vector): boolean {
  const along = dot(normal, towards);
  if (along <= 1e-6) return false;
  const t = dot(normal, minus(corners[0]!, point)) / along;
  if (t < NEAR) return false;
  const at = plus(point, times(towards, t));
  return corners.every((corner, i) => {
    const side = minus(corners[(i + 1) % corners.length]!, corner);
    return dot(cross(side, minus(at, corner)), normal) > 1e-9;
  });
}

/** Runs of pieces that are seen, from a piece to the one after the last. */
function runsOf(seen: readonly boolean[]): readonly (readonly [from: number, to: number])[] {
  const runs: [number, number][] = [];
  seen.forEach((one, i) => {
    if (!one) return;
    const last = runs.at(-1);
    if (last && last[1] === i) last[1] = i + 1;
    else runs.push([i, i + 1]);
  });
  return runs;
}

/**
 * The edges of a solid that are seen in a view, as lines at true size: hidden parts are left out, to
 * a sixteenth of an edge.
 */
export function visibleEdges(
  facets: readonly Facet[],
  { towards, right, up }: ViewFrom,
): readonly ViewLine[] {
  const facing = facets.filter(({ normal }) => dot(normal, towards) > 1e-6);
  const lines = new Map<string, ViewLine>();
  for (const { corners, sharp } of facing)
    corners.forEach((from, i) => {
      if (!sharp[i]) return;
      const way = minus(corners[(i + 1) % corners.length]!, from);
      const seen = Array.from({ length: PIECES }, (_, p) => {
        const middle = plus(from, times(way, (p + 0.5) / PIECES));
        return !facing.some((facet) => covers(facet, middle, towards));
      });
      for (const [start, end] of runsOf(seen)) {
        const [a, b] = [plus(from, times(way, start / PIECES)), plus(from, times(way, end / PIECES))];
        const line = { x1: dot(right, a), y1: dot(up, a), x2: dot(right, b), y2: dot(up, b) };
        if (Math.hypot(line.x2 - line.x1, line.y2 - line.y1) < 1e-3) continue;
        // The two faces that meet in an edge bring it twice, each from its other end.
        const ends = [
          `${line.x1.toFixed(3)} ${line.y1.toFixed(3)}`,
          `${line.x2.toFixed(3)} ${line.y2.toFixed(3)}`,
        ];
        lines.set(ends.sort().join(' '), line);
      }
    });
  return [...lines.values()];
}
