import fc from 'fast-check';
import type { BitAngles } from './bit-angles';

/** The one general bit, whose faces the handbook cases give. */
export const GENERAL: BitAngles = {
  sideRakeDeg: 12,
  backRakeDeg: 8,
  kappaDeg: 80,
  sideClearanceDeg: 10,
  kappa2Deg: 10,
  frontClearanceDeg: 8,
};

const deg = (min: number, max: number) => fc.double({ min, max, noNaN: true });

/** Any bit that could be ground by hand. */
export const anyAngles: fc.Arbitrary<BitAngles> = fc.record({
  sideRakeDeg: deg(-8, 25),
  backRakeDeg: deg(-8, 25),
  kappaDeg: deg(45, 100),
  sideClearanceDeg: deg(4, 18),
  kappa2Deg: deg(0, 40),
  frontClearanceDeg: deg(4, 18),
});
