import type { BeltDrive, Drive } from './drive';

/** A flat belt on cones of three steps. */
export const FLAT_BELT: BeltDrive = {
  kind: 'belt',
  name: 'Belt',
  section: 'flat',
  thicknessMm: 4,
  slipPercent: 2,
  pullN: 200,
  pairs: [
    { driverMm: 71, drivenMm: 146 },
    { driverMm: 108.5, drivenMm: 108.5 },
    { driverMm: 146, drivenMm: 71 },
  ],
};
/** A lathe of three steps and a back gear, its cone driven by a belt of its own. */
export const LATHE_DRIVE: Drive = {
  motorRpm: [1425],
  stages: [
    {
      kind: 'belt',
      name: 'Motor belt',
      section: 'A',
      slipPercent: 1,
      pairs: [{ driverMm: 65.5, drivenMm: 245.5 }],
    },
    FLAT_BELT,
    { kind: 'back-gear', driversTeeth: [28, 24], drivenTeeth: [72, 76] },
  ],
};
