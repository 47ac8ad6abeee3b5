import type { SolidCut } from '../solid/solid-cut';
import type { RestSetting } from './rest-setting';
import type { Vector } from '../quantity/vector';

/** What is ground in one go. */
export const STEP_KEYS = [
  'side',
  'front',
  'left',
  'right',
  'point',
  'heel-front',
  'heel-left',
  'heel-right',
  'rake',
  'nose',
  'arc',
  'hollow-radius',
  'groove',
  'hone',
] as const;
export type StepKey = (typeof STEP_KEYS)[number];

/** Kind of wheel a step wants. */
export type WheelWanted = 'coarse' | 'fine' | 'narrow' | 'round' | 'stone';

/** Planes that a protractor is laid in. */
export const ANGLE_PLANES = ['across-shank', 'along-shank'] as const;
export type ReadingPlane = (typeof ANGLE_PLANES)[number];

/** What a protractor must read once the face is right. */
export interface Reading {
  readonly plane: ReadingPlane;
  readonly deg: number;
}

/** How the first face of a step is checked. */
export type CheckWith = 'protractor' | 'square' | 'centre-gauge' | 'radius-gauge' | 'rule' | 'lens';

/** One step at the wheel, in the order in which it is done. */
export interface GrindStep {
  readonly key: StepKey;
  /** Null for honing by hand, which takes next to nothing. */
  readonly cut: SolidCut | null;
  /** Of the flat face, out of the steel; null where a step swings or follows a round. */
  readonly normal: Vector | null;
  /** How to hold the bit; null where it is swung or held in the hand. */
  readonly setting: RestSetting | null;
  /** For a swung step, the turns it goes from and to at one tilt. */
  readonly swing: { readonly fromDeg: number; readonly toDeg: number; readonly tiltDeg: number } | null;
  readonly readings: readonly Reading[];
  readonly wheel: WheelWanted;
  readonly check: CheckWith;
}
