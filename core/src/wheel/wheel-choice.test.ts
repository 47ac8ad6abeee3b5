import fc from 'fast-check';
import { abrasiveFor, GROUND_MATERIALS } from './abrasive';
import { wheelChoice, type OfferedWheel } from './wheel-choice';
import { ABRASIVES } from './wheel-names';

const grey60: OfferedWheel = { abrasive: 'grey-alumina', grit: 60, mounted: true };
const white100: OfferedWheel = { abrasive: 'white-alumina', grit: 100, mounted: true };
const green80: OfferedWheel = { abrasive: 'green-silicon-carbide', grit: 80, mounted: false };
const cup240: OfferedWheel = { abrasive: 'diamond', grit: 240, mounted: false };
const SHOP = [grey60, white100, green80, cup240];

it('roughs on the coarsest and finishes on the finest of the wheels that may touch it', () => {
  expect(wheelChoice(SHOP, 'hss', 'rough')).toBe(grey60);
  expect(wheelChoice(SHOP, 'hss', 'finish')).toBe(white100);
  expect(wheelChoice(SHOP, 'carbide', 'rough')).toBe(green80);
  expect(wheelChoice(SHOP, 'carbide', 'finish')).toBe(cup240);
});

it('a mounted wheel is taken before one that has to be mounted', () => {
  const coarse36: OfferedWheel = { abrasive: 'white-alumina', grit: 36, mounted: false };
  expect(wheelChoice([coarse36, white100], 'hss', 'rough')).toBe(white100);
});

it('of two alike the one whose abrasive suits is taken, whichever comes first', () => {
  const white60: OfferedWheel = { ...white100, grit: 60 };
  expect(wheelChoice([grey60, white60], 'hss', 'rough')).toBe(white60);
  expect(wheelChoice([white60, grey60], 'hss', 'rough')).toBe(white60);
});

it('a wheel that is not described, or must not touch it, is never taken', () => {
  expect(wheelChoice([{ abrasive: null, grit: null, mounted: true }], 'hss', 'finish')).toBeNull();
  const anyWheel = fc.record({
    abrasive: fc.constantFrom(...ABRASIVES),
    grit: fc.option(fc.integer({ min: 16, max: 400 })),
    mounted: fc.boolean(),
  });
  fc.assert(
    fc.property(
      fc.array(anyWheel, { maxLength: 6 }),
      fc.constantFrom(...GROUND_MATERIALS),
      fc.constantFrom('rough' as const, 'finish' as const),
      (wheels, material, stage) => {
        const taken = wheelChoice(wheels, material, stage);
        const allowed = wheels.filter(({ abrasive }) => abrasiveFor(material, abrasive) !== 'unsuitable');
        expect(taken === null).toBe(allowed.length === 0);
        expect(taken === null || allowed.includes(taken)).toBe(true);
        expect(taken === null || taken.mounted || allowed.every(({ mounted }) => !mounted)).toBe(true);
      },
    ),
  );
});
