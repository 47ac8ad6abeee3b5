import type { CheckWith, StepKey, WheelWanted } from '@pike-stone/core/grind';

/** What each face is called. */
export const STEP_NAMES: Readonly<Record<StepKey, string>> = {
  side: 'Side clearance',
  front: 'Front clearance',
  left: 'Left flank',
  right: 'Right flank',
  point: 'Flat at the point',
  'heel-front': 'Second clearance, front',
  'heel-left': 'Second clearance, left',
  'heel-right': 'Second clearance, right',
  rake: 'Top rake',
  nose: 'Nose radius',
  arc: 'Arc',
  'hollow-radius': 'Hollow radius',
  groove: 'Chip breaker',
  hone: 'Hone',
};

export const WHEEL_WORDS: Readonly<Record<WheelWanted, string>> = {
  coarse: 'Coarse wheel, 36 to 60 grit',
  fine: 'Fine wheel, 80 to 120 grit',
  narrow: 'Narrow wheel',
  round: 'Small round wheel or stone, dressed to the radius',
  stone: 'Stones, by hand',
};

export const CHECK_WORDS: Readonly<Record<CheckWith, string>> = {
  protractor: 'protractor',
  square: 'square',
  'centre-gauge': 'centre gauge against the light',
  'radius-gauge': 'radius gauge against the light',
  rule: 'rule',
  lens: 'lens, 10 times',
};
