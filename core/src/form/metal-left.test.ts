import fc from 'fast-check';
import { ROUNDED_STEP } from '../profile/profile.fixture';
import type { Profile } from '../profile/profile';
import { metalLeftNear } from './metal-left';
import { slideStops } from './slide-table';

describe('metal left between stops', () => {
  it('is the cusp that the stops were laid for, and none under a stop', () =>
    fc.assert(
      fc.property(
        fc.double({ min: 0.5, max: 1.5, noNaN: true }),
        fc.double({ min: 0.002, max: 0.02, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (rho, cusp, share) => {
          const { stops, pieces } = slideStops(ROUNDED_STEP, rho, cusp);
          const onLine = pieces.flatMap((piece, i) => (piece === 0 ? [i] : []));
          const at = 4 + Math.floor(share * Math.max(0, onLine.length - 9));
          const left = metalLeftNear(ROUNDED_STEP, stops, rho, at).map(({ leftMm }) => leftMm);
          expect(Math.max(...left)).toBeLessThanOrEqual(cusp + 1e-9);
          expect(Math.min(...left)).toBeLessThan(cusp / 50);
        },
      ),
      { numRuns: 40 },
    ));

  it('is 10 micrometres by stops 0.4454 apart along a line, with a stone of 2.5', () => {
    const line: Profile = [
      [0, 0, 0],
      [10, 0, 0],
    ];
    const stops = Array.from({ length: 12 }, (_, i) => [i * 0.4454, -2.5] as const);
    const left = metalLeftNear(line, stops, 2.5, 5);
    const most = Math.max(...left.map(({ leftMm }) => leftMm));
    expect(most).toBeLessThanOrEqual(0.00994);
    expect(most).toBeGreaterThan(0.0098);
    expect(left.at(-1)!.alongMm).toBeCloseTo(6 * 0.4454, 1);
    expect(() => metalLeftNear(line, stops.slice(0, 1), 2.5, 0)).toThrow('stops');
  });
});
