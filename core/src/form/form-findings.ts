import { DEG } from '../quantity/angle';
import type { PlanePoint } from '../quantity/plane';
import { patternError } from '../gear/form-error';
import { THIN_TIP, gearCircles, toothThickness, undercutOf } from '../gear/gear';
import { selfCrossing } from '../profile/crossing';
import { sampled } from '../profile/sampled';
import { WEAK_LAND_SHARE, flankRelief, leastGashDepth } from '../setting/cutter-blank';
import { steepestFlank } from './flanks';
import { CLEARANCE_RESERVE_DEG, LEAST_FLANK_RELIEF_DEG, heelClearance } from './fly-cutter';
import type { FormShape } from './form-shape';
import { gashesOf, type FormTool } from './form-tool';
import { insideCorners, smallestHollow } from './stone-choice';

/** What is to be known about a form or its tool before it is made. */
export type FormFinding =
  | { readonly code: 'crosses-itself'; readonly at: PlanePoint }
  | { readonly code: 'leans-back'; readonly at: PlanePoint }
  | { readonly code: 'undercut'; readonly teethLimit: number; readonly leastShift: number }
  | { readonly code: 'thin-tip'; readonly tipMm: number; readonly leastMm: number }
  | { readonly code: 'tight-hollow'; readonly radiusMm: number }
  | { readonly code: 'inside-corners'; readonly count: number }
  | {
      readonly code: 'other-count';
      readonly drawnTeeth: number;
      readonly wantedTeeth: number;
      readonly worstMm: number;
    }
  | { readonly code: 'clock-corner'; readonly cornerDeg: number }
  | { readonly code: 'heel-drags'; readonly leastDeg: number }
  | { readonly code: 'flank-rubs'; readonly leanDeg: number; readonly reliefDeg: number }
  | { readonly code: 'no-land' }
  | { readonly code: 'weak-land'; readonly share: number }
  | { readonly code: 'chips-jam'; readonly leastMm: number };

/** Findings with which the form is not made. */
const STOPS: readonly FormFinding['code'][] = ['crosses-itself', 'leans-back', 'heel-drags', 'no-land'];
export const stopsForm = ({ code }: FormFinding): boolean => STOPS.includes(code);

/** A hollow tighter than this needs a stone that bends, mm. */
const TIGHT_HOLLOW_MM = 0.5;
/** Chord error at which crossings are looked for, mm. */
const CHORD_MM = 0.002;
/** An exact flank may lean back by so much, mm: nothing that is seen. */
const LEAST_LEAN_MM = 0.0005;
/** Error of a pattern from which it is said, mm. */
const NOTICED_MM = 0.001;
/** A gash is not set finer than this, mm: the least depth is said to a hundredth. */
const GASH_SET_MM = 0.005;

/**
 * Where a form leans back, so that the tool could not be drawn out again: its x falls behind the farthest it had
 * reached, by more than arithmetic and more than twice what a fit through points may stray.
 */
function leaningBack(shape: FormShape, points: readonly PlanePoint[]): PlanePoint | null {
  const least = Math.max(LEAST_LEAN_MM, 2 * shape.toleranceMm);
  let farthest = -Infinity;
  for (const point of points) {
    if (farthest - point[0] > least) return point;
    farthest = Math.max(farthest, point[0]);
  }
  return null;
}

/** What is wrong with a form, or must be known about it. */
export function shapeFindings(shape: FormShape): readonly FormFinding[] {
  const points = sampled(shape.profile, CHORD_MM);
  const crossing = selfCrossing(points);
  const back = leaningBack(shape, points);
  const found: FormFinding[] = [];
  if (crossing) found.push({ code: 'crosses-itself', at: points[crossing[0]]! });
  if (back) found.push({ code: 'leans-back', at: back });
  if (shape.gear) {
    const { wanted, drawn } = shape.gear;
    const under = undercutOf(wanted);
    if (under.undercut)
      found.push({ code: 'undercut', teethLimit: under.teethLimit, leastShift: under.leastShift });
    const tipMm = toothThickness(wanted, gearCircles(wanted).ra).arcMm;
    const leastMm = THIN_TIP * wanted.moduleMm;
    if (tipMm < leastMm) found.push({ code: 'thin-tip', tipMm, leastMm });
    if (wanted.teeth !== drawn.teeth) {
      const { maxMm } = patternError(wanted, drawn.teeth);
      if (maxMm > NOTICED_MM)
        found.push({
          code: 'other-count',
          drawnTeeth: drawn.teeth,
          wantedTeeth: wanted.teeth,
          worstMm: maxMm,
        });
    }
  }
  if (shape.clock) found.push({ code: 'clock-corner', cornerDeg: Math.abs(shape.clock.cornerRad) / DEG });
  const hollow = smallestHollow(shape.profile);
  if (hollow < TIGHT_HOLLOW_MM) found.push({ code: 'tight-hollow', radiusMm: hollow });
  const corners = insideCorners(shape.profile);
  if (corners.length > 0 && !shape.clock) found.push({ code: 'inside-corners', count: corners.length });
  return found;
}

/** What is wrong with the tool for a form. */
export function toolFindings(shape: FormShape, tool: FormTool): readonly FormFinding[] {
  const found: FormFinding[] = [];
  if (tool.kind === 'fly') {
    const heel = heelClearance(tool.swingMm, tool.bodyMm);
    if (tool.clearanceDeg < heel + CLEARANCE_RESERVE_DEG)
      found.push({ code: 'heel-drags', leastDeg: heel + CLEARANCE_RESERVE_DEG });
    const leanDeg = steepestFlank(shape);
    const reliefDeg = leanDeg === null ? null : flankRelief(tool.clearanceDeg, leanDeg);
    if (leanDeg !== null && reliefDeg !== null && reliefDeg < LEAST_FLANK_RELIEF_DEG)
      found.push({ code: 'flank-rubs', leanDeg, reliefDeg });
  }
  if (tool.kind === 'multi') {
    const { landDeg, pitchDeg } = gashesOf(tool);
    if (landDeg <= 0) found.push({ code: 'no-land' });
    else if (landDeg < WEAK_LAND_SHARE * pitchDeg)
      found.push({ code: 'weak-land', share: landDeg / pitchDeg });
    const leastMm = leastGashDepth(shape.depthMm, tool.diameterMm);
    if (leastMm - tool.gashDepthMm > GASH_SET_MM) found.push({ code: 'chips-jam', leastMm });
  }
  return found;
}
