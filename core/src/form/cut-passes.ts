import { sampled } from '../profile/sampled';
import { areaTo, formPasses, type WidthAt } from './fly-cutter';
import type { FormShape } from './form-shape';

/** Area of chip that a pass may take in a small machine, mm^2: customary, the shop's book knows better. */
const AREA_MM2 = { brass: 1.5, steel: 0.5 } as const;
/** In brass a form up to this depth is cut in one pass, mm: that of module 0.6. */
const ONE_PASS_MM = 1.5;
/** Left for the last pass, mm. */
const FINISH_MM = 0.1;
const MOST_PASSES = 40;
const DEPTHS = 40;
const CHORD_MM = 0.002;

/** Width of a form at depths from its tip to the surface of the work. */
export function widthsOf(shape: FormShape): readonly WidthAt[] {
  const points = sampled(shape.profile, CHORD_MM);
  const crossing = (height: number): readonly number[] =>
    points.slice(1).flatMap(([x, y], i) => {
      const [fromX, fromY] = points[i]!;
      const share = (height - fromY) / (y - fromY);
      return y !== fromY && share >= 0 && share <= 1 ? [fromX + (x - fromX) * share] : [];
    });
  const spread = (xs: readonly number[]): number => Math.max(...xs) - Math.min(...xs);
  return Array.from({ length: DEPTHS + 1 }, (_, i): WidthAt => {
    const depth = (shape.depthMm * i) / DEPTHS;
    const xs = crossing(depth);
    if (xs.length >= 2) return [depth, spread(xs)];
    // A form that ends below the surface of the work is as wide as its ends stand apart; its tip is a point.
    return [depth, i === 0 ? 0 : spread(points.map(([x]) => x))];
  });
}

/**
 * Depths of the passes of a form in a small machine: equal areas of chip down to the finish, then the last one.
 * One pass in brass up to module 0.6.
 */
export function cutPasses(shape: FormShape, metal: keyof typeof AREA_MM2): readonly number[] {
  if (metal === 'brass' && shape.depthMm <= ONE_PASS_MM) return [shape.depthMm];
  const widths = widthsOf(shape);
  const finish = Math.min(FINISH_MM, shape.depthMm / 4);
  const area = areaTo(widths, shape.depthMm - finish);
  const roughs = Math.min(MOST_PASSES, Math.max(1, Math.ceil(area / AREA_MM2[metal])));
  return formPasses(widths, shape.depthMm, roughs, finish);
}
