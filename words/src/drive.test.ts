import type { BeltDrive, Drive } from '@pike-stone/core/drive';
import { driveDoubtWords } from './drive';

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
