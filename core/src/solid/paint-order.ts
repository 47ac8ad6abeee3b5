import { dot, minus, plus, times, type Vector } from '../quantity/vector';
import type { Facet } from './solid-cut';

/**
 * Order in which the faces of a solid are painted so that what is near covers what is far, from
 * wherever it is looked at: a tree that parts space by the planes of its faces (Fuchs, Kedem and
 * Naylor 1980). Built once, walked for each view.
 */
export interface PaintTree {
  readonly facets: readonly Facet[];
  readonly normal: Vector;
  readonly offset: number;
  readonly inFront: PaintTree | null;
  readonly behind: PaintTree | null;
}

const EPSILON = 1e-5;
const LEAST_CORNERS = 3;

interface Parted {
  readonly inFront: Facet | null;
  readonly behind: Facet | null;
}

/** The part of a facet on one side of a plane; the cut itself is no edge. */
function part(facet: Facet, heights: readonly number[]): Facet | null {
  const corners: Vector[] = [];
  const sharp: boolean[] = [];
  facet.corners.forEach((corner, i) => {
    const j = (i + 1) % facet.corners.length;
    const [h, next] = [heights[i]!, heights[j]!];
    const at = (): Vector => plus(corner, times(minus(facet.corners[j]!, corner), h / (h - next)));
    if (h >= -EPSILON) {
      corners.push(corner);
      sharp.push(facet.sharp[i]!);
      if (h > EPSILON && next < -EPSILON) {
        corners.push(at());
        sharp.push(false);
      }
    } else if (next > EPSILON) {
      corners.push(at());
      sharp.push(facet.sharp[i]!);
    }
  });
  return corners.length >= LEAST_CORNERS ? { ...facet, corners, sharp } : null;
}

function parted(facet: Facet, normal: Vector, offset: number): Parted {
  const heights = facet.corners.map((corner) => dot(normal, corner) - offset);
  if (heights.every((h) => h >= -EPSILON)) return { inFront: facet, behind: null };
  if (heights.every((h) => h <= EPSILON)) return { inFront: null, behind: facet };
  return {
    inFront: part(facet, heights),
    behind: part(
      facet,
      heights.map((h) => -h),
    ),
  };
}

/** Builds the tree of some facets; null when there are none. */
export function paintTree(facets: readonly Facet[]): PaintTree | null {
  const first = facets[Math.floor(facets.length / 2)];
  if (!first) return null;
  const { normal } = first;
  const offset = dot(normal, first.corners[0]!);
  const lies = (facet: Facet): boolean =>
    facet.corners.every((corner) => Math.abs(dot(normal, corner) - offset) <= EPSILON);
  const rest = facets.filter((facet) => facet !== first && !lies(facet));
  const parts = rest.map((facet) => parted(facet, normal, offset));
  return {
    facets: facets.filter((facet) => facet === first || lies(facet)),
    normal,
    offset,
    inFront: paintTree(parts.flatMap(({ inFront }) => inFront ?? [])),
    behind: paintTree(parts.flatMap(({ behind }) => behind ?? [])),
  };
}

/**
 * The facets turned to the eye, from the farthest to the nearest.
 * @param towards  direction from the solid to an eye far away
 */
export function paintOrder(tree: PaintTree | null, towards: Vector): readonly Facet[] {
  const painted: Facet[] = [];
  const walk = (node: PaintTree | null): void => {
    if (!node) return;
    const seesFront = dot(node.normal, towards) > 0;
    walk(seesFront ? node.behind : node.inFront);
    painted.push(...node.facets.filter((facet) => dot(facet.normal, towards) > 1e-6));
    walk(seesFront ? node.inFront : node.behind);
  };
  walk(tree);
  return painted;
}
