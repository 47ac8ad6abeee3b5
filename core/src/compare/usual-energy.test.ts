import { MATERIALS } from '../material/library';
import { isOddEnergy, usualEnergy } from './usual-energy';

const metal = (key: string) => MATERIALS.find((one) => one.key === key)!;

it.each([
  ['medium-carbon', [2, 4]],
  ['austenitic-stainless', [2.5, 4.5]],
  ['aluminium-wrought', [0.6, 1]],
  ['brass-free-cutting', [0.8, 1.5]],
] as const)('%s takes what is usually met', (key, range) => expect(usualEnergy(metal(key))).toEqual(range));

it('aluminium bronze is judged as a bronze, a plastic by its own little force', () => {
  expect(usualEnergy(metal('aluminium-bronze'))).toEqual([1.25, 2.5]);
  expect(isOddEnergy(2.4, metal('aluminium-bronze'))).toBe(false);
  expect(isOddEnergy(0.2, metal('nylon'))).toBe(false);
  expect(isOddEnergy(2, metal('nylon'))).toBe(true);
});

it.each(MATERIALS.map((one) => [one.key, one] as const))(
  '%s: far off both ways is odd, within is not',
  (_, one) => {
    const [low, high] = usualEnergy(one);
    expect(low).toBeLessThan(high);
    for (const within of [low, high, low / 1.99, high * 1.99]) expect(isOddEnergy(within, one)).toBe(false);
    for (const far of [low / 2.01, high * 2.01]) expect(isOddEnergy(far, one)).toBe(true);
  },
);
