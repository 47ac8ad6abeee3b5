import { ownCapacity } from './own-capacity';

const day = (n: number): string => `2026-01-${String(n).padStart(2, '0')}T08:00:00.000Z`;
const dress = (n: number, dull: boolean) => ({ at: day(n), dull });
const ground = (n: number, volumeMm3: number) => ({ at: day(n), volumeMm3 });

it('is the median of what was ground between dresses that ended because the wheel cut badly', () => {
  const dresses = [dress(1, false), dress(10, true), dress(20, true), dress(28, true)];
  // 1000, 3000 and 2000 mm3 on 20 mm of width.
  const work = [ground(5, 1000), ground(12, 1500), ground(20, 1500), ground(25, 2000)];
  expect(ownCapacity(dresses, work, 20)).toBe(100);
  expect(ownCapacity([...dresses].reverse(), work, 20)).toBe(100);
});

it('says nothing before two of them, nor from dresses by the calendar, nor where nothing was ground', () => {
  const work = [ground(5, 1000), ground(12, 3000)];
  expect(ownCapacity([dress(1, true), dress(10, true)], work, 20)).toBeNull();
  expect(ownCapacity([dress(1, false), dress(10, false), dress(20, false)], work, 20)).toBeNull();
  expect(ownCapacity([dress(1, true), dress(10, true), dress(20, true)], [ground(5, 1000)], 20)).toBeNull();
});

it('refuses a wheel without width', () =>
  expect(() => ownCapacity([dress(1, true), dress(10, true)], [ground(5, 1)], 0)).toThrow('wheel width'));
