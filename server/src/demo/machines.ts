import type { DriveBody, MachineBody } from '@pike-stone/contract';
import { speedTable, type PositionMeasure } from '@pike-stone/core/drive';
import { settingWords } from '@pike-stone/words/drive';

const steps = (rpm: readonly number[], setting: (i: number) => string) =>
  rpm.map((value, i) => ({ rpm: value, setting: setting(i) }));
const feeds = (values: readonly number[], setting: (i: number) => string) =>
  values.map((value, i) => ({ value, setting: setting(i) }));
/** The speed steps of a drive, as the drive page would store them. */
const fromDrive = (
  drive: DriveBody,
  motor: NonNullable<MachineBody['motor']>,
  measures: readonly PositionMeasure[] = [],
) => {
  const { steps: speeds } = speedTable(drive, measures, (position) => settingWords(drive, position), motor);
  return { drive, motor, speeds: speeds.map((step) => ({ ...step })) };
};

const bayDrive: DriveBody = {
  motorRpm: [1425],
  stages: [
    {
      kind: 'belt',
      name: 'Motor belt',
      section: 'A',
      slipPercent: 1.5,
      pullN: 220,
      pairs: [{ driverMm: 84, drivenMm: 254 }],
    },
    {
      kind: 'belt',
      name: 'Belt',
      section: 'flat',
      thicknessMm: 4,
      slipPercent: 2,
      pullN: 260,
      pairs: [
        { driverMm: 89.2, drivenMm: 150.8 },
        { driverMm: 120, drivenMm: 120 },
        { driverMm: 151.8, drivenMm: 88.2 },
      ],
    },
    { kind: 'back-gear', driversTeeth: [25, 26], drivenTeeth: [65, 63] },
  ],
};
const millDrive: DriveBody = {
  motorRpm: [1425],
  stages: [
    {
      kind: 'belt',
      name: 'Belt',
      section: 'A',
      slipPercent: 1.5,
      pullN: 230,
      pairs: [
        { driverMm: 77.2, drivenMm: 162.8 },
        { driverMm: 101.5, drivenMm: 138.5 },
        { driverMm: 127.5, drivenMm: 112.5 },
        { driverMm: 151, drivenMm: 89 },
      ],
    },
    { kind: 'back-gear', driversTeeth: [24, 30], drivenTeeth: [76, 72] },
  ],
};
const drillDrive: DriveBody = {
  motorRpm: [710, 1420],
  stages: [
    {
      kind: 'belt',
      name: 'Belt',
      section: 'Z',
      slipPercent: 1.5,
      pullN: 150,
      pairs: [
        { driverMm: 60, drivenMm: 160 },
        { driverMm: 85, drivenMm: 135 },
        { driverMm: 110, drivenMm: 110 },
        { driverMm: 135, drivenMm: 85 },
      ],
    },
  ],
};

export const MACHINES: readonly MachineBody[] = [
  {
    kind: 'lathe',
    name: 'Bay lathe',
    condition: 'tired',
    light: false,
    ...fromDrive(bayDrive, { powerKw: 0.75, phases: 1, efficiency: 0.72 }, [
      { position: '0-0-1-0', rpm: 440, uRel: 0.006, how: 'pulses', on: '2026-10-14T08:20:00.000Z' },
      { position: '0-0-1-1', rpm: 70, uRel: 0.004, how: 'counted', on: '2026-10-14T08:28:00.000Z' },
    ]),
    check: {
      spindlePlayMm: 0.06,
      gibSlackMm: 0.05,
      backlashMm: 0.35,
      belt: 'slips-when-loaded',
      on: '2026-10-14T08:40:00.000Z',
    },
    limits: {
      swingMm: 250,
      overSlideMm: 150,
      betweenCentresMm: 600,
      centreHeightMm: 125,
      toolHeightMm: 16,
      spindleBoreMm: 19,
      chuckRpm: 1200,
    },
    feeds: feeds(
      [0.05, 0.065, 0.08, 0.1, 0.12, 0.15, 0.19, 0.24],
      (i) => `Lever ${i < 4 ? 'A' : 'B'}, hole ${(i % 4) + 1}`,
    ),
    crossFeedRatio: 0.5,
    banjo: {
      leadscrewPitchMm: 3.175,
      fixedRatio: 1,
      feedRatio: 0.1,
      owned: [20, 20, 30, 35, 40, 45, 50, 55, 60, 63, 65, 80],
      drivers: [20, 30],
      driven: [60, 50],
    },
    carriageWheel: { travelPerTurnMm: 18, divisions: 90 },
    crossSlide: { travelPerTurnMm: 2.54, divisions: 100, reads: 'radius', backlashMm: 0.35 },
    tailstockWheel: { travelPerTurnMm: 2.54, divisions: 100 },
    compoundSlide: { travelPerTurnMm: 2.54, divisions: 100, reads: 'radius', backlashMm: 0.2 },
    note: 'Flat belt from the line shaft days, spindle play 0.06. Half a turn of slack in the cross slide.',
  },
  {
    kind: 'lathe',
    name: 'Long-bed lathe',
    condition: 'ordinary',
    light: false,
    speeds: steps(
      [45, 63, 90, 125, 180, 250, 355, 500, 710, 1000, 1400, 1800],
      (i) => `Range ${i < 6 ? 'low' : 'high'}, lever ${(i % 6) + 1}`,
    ),
    motor: { powerKw: 4, phases: 3, efficiency: 0.7 },
    limits: {
      swingMm: 400,
      overSlideMm: 230,
      betweenCentresMm: 2000,
      centreHeightMm: 200,
      toolHeightMm: 25,
      spindleBoreMm: 52,
      chuckRpm: 1800,
    },
    feeds: feeds(
      [0.04, 0.05, 0.063, 0.08, 0.1, 0.125, 0.16, 0.2, 0.25, 0.315, 0.4, 0.5],
      (i) => `Lever ${'ABC'[Math.floor(i / 4)]}, dial ${(i % 4) + 1}`,
    ),
    crossFeedRatio: 0.5,
    carriageWheel: { travelPerTurnMm: 20, divisions: 100 },
    crossSlide: { travelPerTurnMm: 4, divisions: 200, reads: 'diameter', backlashMm: 0.1 },
    tailstockWheel: { travelPerTurnMm: 5, divisions: 100 },
    compoundSlide: { travelPerTurnMm: 4, divisions: 80, reads: 'radius', backlashMm: 0.1 },
    note: 'Geared head. Takes winch shafts up to two metres.',
  },
  {
    kind: 'vertical-mill',
    name: 'Knee mill',
    condition: 'ordinary',
    light: false,
    ...fromDrive(millDrive, { powerKw: 1.1, phases: 3, efficiency: 0.8 }),
    limits: { colletsMm: [6, 8, 10, 12, 16, 20], largestDrillMm: 20 },
    feeds: [],
    tableWheel: { travelPerTurnMm: 5, divisions: 100 },
    kneeDial: { travelPerTurnMm: 2.5, divisions: 125, reads: 'radius', backlashMm: 0.2 },
    quillWheel: { travelPerTurnMm: 2, divisions: 100 },
    note: 'Step pulley, table wound by hand.',
  },
  {
    kind: 'drill-press',
    name: 'Pillar drill',
    condition: 'ordinary',
    light: false,
    ...fromDrive(drillDrive, { powerKw: 0.55, phases: 3, efficiency: 0.8 }),
    limits: { largestDrillMm: 16 },
    feeds: [],
    quillWheel: { travelPerTurnMm: 75, divisions: 75 },
    note: 'Two-speed motor, four-step belt.',
  },
  {
    kind: 'shaper',
    name: 'Ram shaper',
    condition: 'ordinary',
    light: false,
    speeds: steps([18, 32, 55, 95], (i) => `Gear lever ${i + 1}`),
    motor: { powerKw: 1.5, phases: 3, efficiency: 0.65 },
    limits: { strokeMm: 350 },
    returnRatio: 1.6,
    feeds: feeds([0.15, 0.3, 0.45, 0.6, 0.75], (i) => `Ratchet ${i + 1} ${i === 0 ? 'tooth' : 'teeth'}`),
    tableWheel: { travelPerTurnMm: 4, divisions: 80 },
    toolSlide: { travelPerTurnMm: 2, divisions: 80, reads: 'radius', backlashMm: 0.15 },
    note: 'Keyways of the winch drums, and the odd dovetail.',
  },
];
