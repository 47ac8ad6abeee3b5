import type { BitAngles } from '../../bit/bit-angles';
import type { OperationKey } from '../../operation/registry';
import type { BitSizes, Heel } from '../bit-plan';
import type { GrindStep, StepKey } from '../grind-step';
import type { Layout } from '../layout';
import type { MetalAngles } from '../metal-angles';
import type { Vector } from '../../quantity/vector';
import type { BitPlan } from '../bit-plan';

/** What a shape begins with. */
export interface ShapeStart {
  readonly angles: BitAngles;
  readonly noseRadiusMm: number;
  readonly sizes: BitSizes;
  readonly heel: Heel | null;
  readonly trailingDeg: number | null;
}

/** A shape that a bit is ground to. */
export interface ShapeFacts {
  /** What it is ground for. */
  readonly operation: OperationKey;
  /** Angles of it that are set; the others follow from the shape. */
  readonly sets: readonly (keyof BitAngles)[];
  /** Sizes that it has. */
  readonly sizes: readonly (keyof BitSizes)[];
  /** Its corner is rounded. */
  readonly hasNose: boolean;
  /** A chip breaker can be ground into its top. */
  readonly takesGroove: boolean;
  /** Angles and sizes to begin with; `metal` is null for the one general shape. */
  readonly start: (metal: MetalAngles | null, blankWidthMm: number) => ShapeStart;
  /** Where the sharp nose of a right-hand bit comes to stand. */
  readonly nose: (plan: BitPlan) => Vector;
  /** Its faces in the order in which they are ground. */
  readonly faces: (layout: Layout) => readonly (GrindStep | null)[];
  /** Faces that a regrind touches. */
  readonly regrinds: readonly StepKey[];
  /** A second clearance is ground under the first, so that the heel keeps clear of a bore. */
  readonly takesHeel: boolean;
}

/** Stock that cleans up the end of a blank, mm. */
export const CLEAN_UP_MM = 0.2;

/** Sizes that most shapes do not have. */
export const NO_SIZES: BitSizes = { edgeMm: 8, widthMm: 3, bladeMm: 12, radiusMm: 3, flatMm: 0 };

const GENERAL_ANGLES: BitAngles = {
  sideRakeDeg: 12,
  backRakeDeg: 8,
  kappaDeg: 80,
  sideClearanceDeg: 10,
  kappa2Deg: 10,
  frontClearanceDeg: 8,
};
export const GENERAL_NOSE_MM = 0.8;

/** Usual rakes and clearances of a metal; those of the general bit without one. */
export const usualAngles = (metal: MetalAngles | null): BitAngles =>
  metal
    ? {
        ...GENERAL_ANGLES,
        sideRakeDeg: metal.sideRakeDeg[1],
        backRakeDeg: metal.backRakeDeg[1],
        sideClearanceDeg: metal.sideClearanceDeg[1],
        frontClearanceDeg: metal.frontClearanceDeg[1],
      }
    : GENERAL_ANGLES;
