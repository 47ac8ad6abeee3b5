import type { FormSource, GearData } from './form-shape';
import type { CircularFormTool, FlatFormTool, FlyCutter, MultiToothCutter } from './form-tool';

/** A small gear, a clock wheel, and a tool of each kind, for tests. */
export const SMALL_GEAR: GearData = { system: 'module', size: 1, teeth: 20, rack: 'iso-53-a', shift: 0 };
export const SPACE = { kind: 'gear', gear: SMALL_GEAR, formTeeth: 20 } as const satisfies FormSource;
export const CLOCK_WHEEL: FormSource = { kind: 'clock', ratio: 8, leaves: 8, centreMm: 28.8, part: 'wheel' };
export const FLY: FlyCutter = { kind: 'fly', swingMm: 25, bodyMm: 6, rakeDeg: 0, clearanceDeg: 12 };
export const MULTI: MultiToothCutter = {
  kind: 'multi',
  diameterMm: 40,
  teeth: 7,
  rakeDeg: 10,
  reliefDeg: 10,
  gashDepthMm: 6.5,
  gashAngleDeg: 60,
};
export const FLAT: FlatFormTool = { kind: 'flat', smallestMm: 10, rakeDeg: 10, clearanceDeg: 8 };
export const CIRCULAR: CircularFormTool = {
  kind: 'circular',
  smallestMm: 10,
  toolRadiusMm: 40,
  rakeDeg: 10,
  clearanceDeg: 8,
};

export const GROOVE: FormSource = { kind: 'radius', shape: 'groove', radiusMm: 3, depthMm: 2 };
export const EDGE: FormSource = { kind: 'radius', shape: 'edge', radiusMm: 3, depthMm: 3 };

/** A form of each kind that is not typed or measured. */
export const EVERY_FORM: readonly FormSource[] = [
  SPACE,
  CLOCK_WHEEL,
  { kind: 'clock', ratio: 8, leaves: 8, centreMm: 28.8, part: 'pinion' },
  { kind: 'thread', form: 'iso-60', pitchMm: 2 },
  { kind: 'thread', form: 'form-55', pitchMm: 2.309 },
  GROOVE,
  { kind: 'radius', shape: 'bead', radiusMm: 3, depthMm: 3 },
  EDGE,
  { kind: 'chamfer', widthMm: 2, angleDeg: 45 },
];
