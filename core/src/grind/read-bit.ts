import type { BitAngles } from '../bit/bit-angles';
import { anglesFromFaces, wedgeDeg } from '../bit/faces';
import type { Vector } from '../quantity/vector';
import { readFace, sectionAt, type FaceRead, type SectionRead } from '../solid/read-face';
import type { GroundSolid } from '../solid/solid-cut';
import type { BitPlan } from './bit-plan';
import { faceReading } from './face-reading';
import { solidOf, grindSteps } from './grind-steps';
import { SHAPES } from './shape/registry';
import type { GrindStep, Reading, StepKey } from './grind-step';

/** What one step left on the solid. */
export interface StepRead {
  readonly key: StepKey;
  /** Null when later steps took the whole face away again, or the step made none. */
  readonly face: FaceRead | null;
  /** What a protractor reads on the face. */
  readonly readings: readonly Reading[];
  readonly removedMm3: number;
}

/** A bit as it is read from its solid, not from what was asked for. */
export interface BitRead {
  readonly steps: readonly StepRead[];
  /** The six angles, where the bit has a top, a side and an end that meet in a point. */
  readonly angles: (BitAngles & { readonly inclinationDeg: number }) | null;
  /** Wedge of steel square to the main edge, and to the other; null where there is no top. */
  readonly wedgeDeg: number | null;
  readonly wedge2Deg: number | null;
  /** The weakest section within the ground part, and the same of the blank. */
  readonly least: SectionRead;
  readonly blank: SectionRead;
  readonly volumeMm3: number;
  readonly removedMm3: number;
}

const SECTIONS = 24;
/** A section is never laid through a corner: corners stand on round figures. */
const OFF_CORNERS_MM = 0.0137;

/** What a protractor reads on a face, in the planes that its step names. */
const readAgain = (step: GrindStep, { normal }: FaceRead): readonly Reading[] =>
  step.readings.map(({ plane }) => ({ plane, deg: faceReading(normal, plane) }));

/** How far back the end of the bit goes: a section through it is only a part of one. */
function endBehind({ facets }: GroundSolid): number {
  const end = facets.filter(({ by }) => by === 'front' || by === 'heel-front');
  return Math.max(0, ...end.flatMap(({ corners }) => corners.map(([x]) => -x)));
}

/** The weakest section between the end of the bit and the end of what is ground. */
function leastSection(solid: GroundSolid, groundMm: number): SectionRead {
  const from = Math.min(groundMm * 0.75, Math.max(groundMm * 0.25, endBehind(solid)));
  const sections = Array.from({ length: SECTIONS }, (_, i) =>
    sectionAt(solid.facets, -(from + ((groundMm - from) * i) / (SECTIONS - 1)) - OFF_CORNERS_MM),
  );
  return sections.reduce((one, other) => (other.areaMm2 < one.areaMm2 ? other : one));
}

/** Length of the ground part: the farthest reach of a cut that does not run through the blank. */
const groundLength = (plan: BitPlan): number =>
  Math.max(2, ...solidOf(plan).cuts.map(({ reachMm }) => (reachMm < plan.blank.lengthMm / 2 ? reachMm : 0)));

/** Normal of the first of some steps that left a face. */
const flankOf = (steps: readonly StepRead[], keys: readonly StepKey[]): Vector | null =>
  keys.map((key) => steps.find((step) => step.key === key)?.face?.normal ?? null).find((one) => one !== null)
  ?? null;

function anglesOf(rake: Vector | null, major: Vector | null, minor: Vector | null): BitRead['angles'] {
  if (!rake || !major || !minor || !(rake[2] > 0)) return null;
  try {
    return anglesFromFaces({ rake, major, minor }, 'right');
  } catch {
    return null;
  }
}

/**
 * Reads a ground bit back from its solid, as one would with a protractor and a section: a right-hand
 * bit, of which a left-hand one is the mirror image with the same angles.
 *
 * @param solid  cut from `solidOf(plan)`
 */
export function readBit(plan: BitPlan, solid: GroundSolid): BitRead {
  const nose = SHAPES[plan.shape].nose(plan);
  const steps = grindSteps({ ...plan, hand: 'right' });
  const cutSteps = steps.filter(({ cut }) => cut !== null);
  const reads = steps.map((step): StepRead => {
    const face = step.cut ? readFace(solid.facets, step.key, step.cut.reachMm, nose) : null;
    return {
      key: step.key,
      face,
      readings: face && step.normal ? readAgain(step, face) : [],
      removedMm3: step.cut ? solid.removedMm3[cutSteps.indexOf(step)]! : 0,
    };
  });
  // A bit whose top is left as it is has the blank's own top.
  const topGround = steps.some(({ key }) => key === 'rake');
  const rake = topGround ? flankOf(reads, ['rake']) : ([0, 0, 1] as const);
  const major = flankOf(reads, ['side', 'left']);
  const minor = flankOf(reads, ['front', 'right']);
  return {
    steps: reads,
    angles: anglesOf(rake, major, minor),
    wedgeDeg: rake && major && wedgeDeg(rake, major),
    wedge2Deg: rake && minor && wedgeDeg(rake, minor),
    least: leastSection(solid, groundLength(plan)),
    blank: sectionAt(solid.facets, -plan.blank.lengthMm + 1 + OFF_CORNERS_MM),
    volumeMm3: solid.volumeMm3,
    removedMm3: solid.removedMm3.reduce((sum, one) => sum + one, 0),
  };
}
