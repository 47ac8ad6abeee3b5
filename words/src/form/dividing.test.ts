import { PLATE_SETS, USUAL_HEAD_GEARS, dividingWays } from '@pike-stone/core/setting';
import { sayCompound, sayNearestHoles, sayOtherCircles, sayRimError, saySectorArms } from './dividing';

const ways = (divisions: number) => dividingWays(40, divisions, PLATE_SETS['three-plates'], USUAL_HEAD_GEARS);

it('an exact move is said with its smaller circles and its sector arms', () => {
  const { simple, compound, differential } = ways(7);
  if (!simple.exact) throw new Error('7 is exact');
  expect([compound, differential]).toEqual([null, null]);
  expect(sayOtherCircles(simple)).toBe('Also 15 of 21: the largest circle errs least.');
  expect(saySectorArms(simple)).toContain('36 holes');
});

it('full turns need no sector arms', () => {
  const { simple } = ways(40);
  if (!simple.exact) throw new Error('40 is exact');
  expect(saySectorArms(simple)).toBe('Turn one way only, and lock the spindle for the cut.');
});

it('a move that is not exact says what it leaves, as an angle and at the diameter of the work', () => {
  const { simple, compound } = ways(77);
  if (simple.exact || !compound) throw new Error('77 is compound');
  expect(sayCompound(compound)).toMatch(/^9 spaces of the 21 circle with the pin, then 3 of the 33/);
  const [nearest, repeated] = sayNearestHoles(simple, 50, 'mm');
  expect(nearest).toMatch(/off by more than [\d.]+°, [\d.]+\sµm at 50\smm; the errors do not add up\.$/);
  expect(repeated).toContain(`${simple.stepHoles} holes`);
  expect(sayNearestHoles(simple, null, 'mm')[0]).not.toContain(' at ');
  expect(sayRimError(simple, 50, 'inch')).toContain('thou');
});
