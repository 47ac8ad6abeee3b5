import { leastGashDepth } from '../setting/cutter-blank';
import type { FormSourceKind, FormToolKind } from './form-names';
import { isForTurning, type FlyCutter, type FormTool } from './form-tool';

/** A fly cutter as it is usually made. */
const USUAL_FLY: FlyCutter = { kind: 'fly', swingMm: 25, bodyMm: 6, rakeDeg: 0, clearanceDeg: 12 };
/** Radius of the work that is not told yet, mm. */
const USUAL_SMALLEST_MM = 10;
/** Clearance of a form tool for turning, degrees. */
const USUAL_CLEARANCE_DEG = 8;
const USUAL_TEETH = 6;
const USUAL_RELIEF_DEG = 10;
const USUAL_GASH_ANGLE_DEG = 60;
/** A multi-tooth cutter is at least so wide, mm, and so many depths of its form. */
const LEAST_DIAMETER_MM = 32;
const DEPTHS_A_DIAMETER = 8;
/** A circular tool has at least this radius, mm, and so many depths of its form. */
const LEAST_TOOL_RADIUS_MM = 20;
const DEPTHS_A_RADIUS = 4;
/** Gashes are rounded up to this, mm. */
const GASH_STEPS_A_MM = 10;

/** Forms that are usually cut on turning work; the others by a cutter that turns. */
const TURNED: readonly FormSourceKind[] = ['thread', 'radius', 'chamfer', 'corners', 'points'];

/** The tool that a kind of form is usually cut with. */
export const toolFor = (source: FormSourceKind): FormTool =>
  TURNED.includes(source)
    ? { kind: 'flat', smallestMm: USUAL_SMALLEST_MM, rakeDeg: 0, clearanceDeg: USUAL_CLEARANCE_DEG }
    : USUAL_FLY;

/**
 * A tool of another kind for the same form, as it is usually made; what both kinds have is kept.
 *
 * @param depthMm  of the form: chips have room in its gashes
 */
export function usualFormTool(kind: FormToolKind, before: FormTool, depthMm: number): FormTool {
  const smallestMm = isForTurning(before) ? before.smallestMm : USUAL_SMALLEST_MM;
  const clearanceDeg = before.kind === 'multi' ? before.reliefDeg : before.clearanceDeg;
  const { rakeDeg } = before;
  switch (kind) {
    case 'fly':
      return { ...USUAL_FLY, rakeDeg };
    case 'multi': {
      const diameterMm = Math.max(LEAST_DIAMETER_MM, Math.ceil(DEPTHS_A_DIAMETER * depthMm));
      const gashMm = leastGashDepth(depthMm, diameterMm);
      return {
        kind,
        diameterMm,
        teeth: USUAL_TEETH,
        rakeDeg,
        reliefDeg: USUAL_RELIEF_DEG,
        gashDepthMm: Math.ceil(GASH_STEPS_A_MM * gashMm) / GASH_STEPS_A_MM,
        gashAngleDeg: USUAL_GASH_ANGLE_DEG,
      };
    }
    case 'flat':
      return { kind, smallestMm, rakeDeg, clearanceDeg };
    case 'circular': {
      const toolRadiusMm = Math.max(LEAST_TOOL_RADIUS_MM, Math.ceil(DEPTHS_A_RADIUS * depthMm));
      return { kind, smallestMm, toolRadiusMm, rakeDeg, clearanceDeg };
    }
  }
}
