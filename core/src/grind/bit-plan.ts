import type { BitAngles, Hand } from '../bit/bit-angles';
import type { ChipGroove } from '../bit/chip-groove';
import type { Blank } from '../solid/solid-cut';

/** Shapes that a bit is ground to. */
export const BIT_SHAPES = [
  'general',
  'round-nose',
  'knife',
  'facing',
  'parting',
  'boring',
  'thread-60',
  'thread-55',
  'chamfer-90',
  'radius-convex',
  'radius-concave',
  'fly-cutter',
  'brass',
  'shear',
] as const;
export type BitShape = (typeof BIT_SHAPES)[number];

/** Sizes of a shape besides its angles, mm. */
export interface BitSizes {
  /** Length of the ground main edge along the shank. */
  readonly edgeMm: number;
  /** Width of a parting bit at its edge. */
  readonly widthMm: number;
  /** Length of a parting bit's blade. */
  readonly bladeMm: number;
  /** Radius of a form, or of a round nose. */
  readonly radiusMm: number;
  /** Flat at the point of a thread or chamfer bit; 0 is sharp. */
  readonly flatMm: number;
}

/** Second clearance under the first. */
export interface Heel {
  readonly clearanceDeg: number;
  readonly landMm: number;
}

/** Smallest wheel of a bench grinder, mm: a smaller one would lie within its arbor and flanges. */
export const LEAST_WHEEL_MM = 25;

/** The wheel a bit is ground on. */
export interface GrindWheel {
  readonly diameterMm: number;
  /** Of the contact above the axle; below it negative. */
  readonly contactMm: number;
  /** Ground on the front of the wheel, which leaves a hollow; false on a wheel's flat side made for it. */
  readonly hollow: boolean;
}

/** A bit as it is to be ground. */
export interface BitPlan {
  readonly shape: BitShape;
  readonly hand: Hand;
  readonly blank: Blank;
  readonly angles: BitAngles;
  /** 0 for a sharp corner. */
  readonly noseRadiusMm: number;
  readonly sizes: BitSizes;
  /** How far the nose lies below the blank's top, mm. */
  readonly noseDownMm: number;
  /** Clearance of the trailing flank of a thread bit, read across the shank; null for the others. */
  readonly trailingDeg: number | null;
  readonly heel: Heel | null;
  readonly groove: ChipGroove | null;
  readonly wheel: GrindWheel;
}
