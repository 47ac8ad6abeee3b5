import type { BitSteel, CheckWith, StepKey, WheelWanted } from '@pike-stone/core/grind';

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

const STEEL_WHEELS: Readonly<Record<WheelWanted, string>> = {
  coarse: 'Coarse alumina wheel, 36 to 60 grit',
  fine: 'Fine alumina wheel, 80 to 120 grit',
  narrow: 'Narrow alumina wheel',
  round: 'Small round wheel or stone, dressed to the radius',
  stone: 'Stones, by hand',
};
/** Alumina does not cut carbide; silicon carbide and diamond do. */
const CARBIDE_WHEELS: Readonly<Record<WheelWanted, string>> = {
  coarse: 'Green silicon carbide, 60 to 80 grit, or diamond',
  fine: 'Diamond wheel, 150 to 400 grit',
  narrow: 'Narrow diamond wheel',
  round: 'Small round diamond wheel',
  stone: 'Diamond plates, by hand',
};

/** The wheel that a step wants, by what the edge is made of. */
export const wheelFor = (wheel: WheelWanted, material: BitSteel): string =>
  (material === 'brazed-carbide' ? CARBIDE_WHEELS : STEEL_WHEELS)[wheel];

export const CHECK_WORDS: Readonly<Record<CheckWith, string>> = {
  protractor: 'protractor',
  square: 'square',
  'centre-gauge': 'centre gauge against the light',
  'radius-gauge': 'radius gauge against the light',
  rule: 'rule',
  lens: 'lens, 10 times',
};
