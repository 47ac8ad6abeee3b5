import { scratchTest } from '@pike-stone/core/setting';
import { sayScratch } from './making';

const skates = (fileHrc: number) => ({ fileHrc, bites: false });
const bites = (fileHrc: number) => ({ fileHrc, bites: true });

it.each([
  [[skates(60), bites(65)], 'Hard enough. Above 60, below 65 HRC.'],
  [[skates(60)], 'Hard enough. Above 60 HRC.'],
  [[skates(45), bites(50)], 'Too soft: harden it again. Above 45, below 50 HRC.'],
  [[bites(65)], 'Not decided: try a file in between. Below 65 HRC.'],
])('marked files %j say how hard a cutter of 58 HRC is', (trials, says) =>
  expect(sayScratch(scratchTest(trials, 58))).toBe(says),
);

it('files that contradict one another say no hardness', () =>
  expect(sayScratch(scratchTest([skates(60), bites(55)], 58))).not.toMatch(/HRC/));
