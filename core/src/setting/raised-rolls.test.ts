import fc from 'fast-check';
import { GAUGE_SETS } from './gauge-set';
import { raisedRolls } from './raised-rolls';

const sum = (pieces: readonly number[]): number => pieces.reduce((total, one) => total + one, 0);

describe('both rolls raised', () => {
  it('by two blocks that differ by the height', () =>
    expect(raisedRolls('mm', GAUGE_SETS['metric-47'].steps, 0.5, 0, 6)).toEqual({
      feasible: true,
      totalCount: 2,
      first: [1],
      second: [1.5],
    }));

  it('differ by the height, share no piece, and stand within the tolerance', () =>
    fc.assert(
      fc.property(fc.double({ min: 0.05, max: 1.7, noNaN: true }), (height) => {
        const found = raisedRolls('mm', GAUGE_SETS['metric-88'].steps, height, 0.002, 6);
        expect(found.feasible).toBe(true);
        const { first, second } = found as Extract<typeof found, { feasible: true }>;
        expect(Math.abs(sum(second) - sum(first) - height)).toBeLessThanOrEqual(0.004 + 1e-6);
        expect(second.filter((piece) => first.includes(piece))).toEqual([]);
      }),
      { numRuns: 30 },
    ));

  it('cannot be made of one block', () => {
    expect(raisedRolls('mm', [2000], 0.5, 0, 6)).toEqual({ feasible: false });
    expect(() => raisedRolls('mm', [2000], 0, 0, 6)).toThrow('height difference');
  });
});
