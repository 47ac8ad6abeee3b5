import { driveSpeeds, type BeltDrive, type Drive } from '@pike-stone/core/drive';
import { driveDoubtWords, optionLabel, settingParts, settingWords, stageName } from './drive';

const belt: BeltDrive = { kind: 'belt', name: 'Cone belt', section: 'A', slipPercent: 2, pairs: [] };
const drive: Drive = {
  motorRpm: [1425],
  stages: [belt, { kind: 'back-gear', driversTeeth: [72], drivenTeeth: [28] }],
};

it.each([
  [0.184, 'Cone belt 3: both pulleys together are 18 % more than on the other steps.'],
  [-0.184, 'Cone belt 3: both pulleys together are 18 % less than on the other steps.'],
])('a pair that the belt does not fit is named as it is set, %p', (longer, sentence) => {
  expect(driveDoubtWords(drive, { is: 'belt-length', stage: 0, pair: 2, longer })).toBe(
    `${sentence} One belt would not fit all: measure again.`,
  );
});

it('gears the wrong way round say how they are counted', () => {
  expect(driveDoubtWords(drive, { is: 'gears-speed-up', stage: 1 })).toBe(
    'These gears would make the spindle faster. Driving gears are counted from the cone.',
  );
});

describe('the setting of a drive for a speed', () => {
  const pair = { driverMm: 100, drivenMm: 200 };
  const cone: BeltDrive = { ...belt, name: 'Belt', pairs: [pair, pair] };
  const said = (of: Drive) => driveSpeeds(of).map((position) => settingWords(of, position));

  it('names each part that has more than one setting', () => {
    const lathe: Drive = {
      motorRpm: [1425],
      stages: [
        { ...belt, name: 'Motor belt', pairs: [pair] },
        cone,
        { kind: 'back-gear', driversTeeth: [28], drivenTeeth: [72] },
      ],
    };
    expect(said(lathe)).toEqual([
      'Belt 1, back gear out',
      'Belt 1, back gear in',
      'Belt 2, back gear out',
      'Belt 2, back gear in',
    ]);
    expect(settingParts(lathe, driveSpeeds(lathe)[3]!)).toEqual(['', '', 'Belt 2', 'Back gear in']);
    expect(lathe.stages.map(stageName)).toEqual(['Motor belt', 'Belt', 'Back gear']);
    expect(lathe.stages.map((stage) => optionLabel(stage, 1))).toEqual(['2', '2', 'in']);
  });

  it('names a two-speed motor and a lever by its letters', () => {
    const positions = ['A', 'B'].map((name) => ({ name, driverTeeth: 40, drivenTeeth: 40 }));
    expect(said({ motorRpm: [710, 1420], stages: [{ kind: 'lever', name: 'Lever', positions }] })).toEqual([
      'Motor slow, lever A',
      'Motor slow, lever B',
      'Motor fast, lever A',
      'Motor fast, lever B',
    ]);
  });

  it('a variable drive is set by its speed, and one belt needs no setting', () => {
    const variable: Drive = {
      motorRpm: [1000],
      stages: [{ kind: 'variable', name: 'Dial', slowest: 0.5, fastest: 2 }],
    };
    expect(said(variable)[0]).toBe('Dial at 500');
    expect(said({ motorRpm: [1425], stages: [{ ...belt, pairs: [pair] }] })).toEqual(['One speed']);
  });
});
