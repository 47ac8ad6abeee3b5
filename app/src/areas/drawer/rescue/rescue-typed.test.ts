import { bathOf, readRescue, savingOf } from './rescue-typed';

const TYPED = { edges: '4', aluminiumG: '0,5', minutes: '20', chemicals: '1' };

it('reads each figure, a comma too; edges are whole', () => {
  expect(readRescue(TYPED, 'aluminiumG').value).toBe(0.5);
  expect(readRescue({ ...TYPED, edges: '2.5' }, 'edges').fault).toMatch(/whole number/);
  expect(readRescue({ ...TYPED, minutes: '-1' }, 'minutes').fault).toMatch(/from 0 to/);
});

it('saves the worth of the edges less minutes and chemicals, and says nothing while one is missing', () => {
  expect(savingOf(TYPED, 6.8, 0.6)).toBeCloseTo(4 * 6.8 - 20 * 0.6 - 1, 10);
  for (const key of ['edges', 'minutes', 'chemicals'] as const)
    expect(savingOf({ ...TYPED, [key]: 'some' }, 6.8, 0.6)).toBeNull();
});

it('has a bath for aluminium above nothing only', () => {
  expect(bathOf(TYPED)!.doseG).toBeCloseTo(1.853, 3);
  expect(bathOf({ ...TYPED, aluminiumG: '0' })).toBeNull();
});
