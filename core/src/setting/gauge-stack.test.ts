import fc from 'fast-check';
import { GAUGE_SETS, GAUGE_SET_NAMES, STEPS_PER_UNIT, kindOfPieces, piecesInSteps } from './gauge-set';
import { gaugeStack, gaugeStackPair } from './gauge-stack';
import { stackError } from './stack-error';

const ask = (set: keyof typeof GAUGE_SETS, target: number, more = {}) =>
  gaugeStack({
    unit: GAUGE_SETS[set].unit,
    pieces: GAUGE_SETS[set].steps,
    target,
    tolerance: 0,
    wearPiece: null,
    mostPieces: 6,
    ...more,
  });

/** Fewest pieces by trying every selection of a small set. */
function byTrying(pieces: readonly number[], target: number, most: number): number | null {
  let best: number | null = null;
  for (let mask = 1; mask < 1 << pieces.length; mask += 1) {
    const taken = pieces.filter((_, i) => (mask >> i) & 1);
    if (taken.length > most || taken.reduce((sum, one) => sum + one, 0) !== target) continue;
    best = best === null ? taken.length : Math.min(best, taken.length);
  }
  return best;
}

describe('sets of blocks', () => {
  it.each([
    ['metric-47', 47],
    ['metric-47b', 47],
    ['metric-88', 88],
    ['metric-103', 103],
    ['inch-81', 81],
    ['feeler-mm-13', 13],
    ['feeler-mm-20', 20],
    ['feeler-in-26', 26],
  ] as const)('%s has its pieces, each size once', (name, count) => {
    expect(GAUGE_SETS[name].steps).toHaveLength(count);
    expect(new Set(GAUGE_SETS[name].steps).size).toBe(count);
  });

  it.each(GAUGE_SET_NAMES)('%s is told from its pieces to be of blocks or of feelers', (name) => {
    const { steps, unit, kind } = GAUGE_SETS[name];
    expect(kindOfPieces(steps, unit)).toBe(kind);
  });

  it('refuse a piece that is no whole number of steps', () =>
    expect(() => piecesInSteps([1.00012], 'mm')).toThrow('piece'));
});

describe('a stack', () => {
  it('is made of pieces of the set that add up, whatever is asked', () =>
    fc.assert(
      fc.property(
        fc.constantFrom(...GAUGE_SET_NAMES),
        fc.double({ min: 0.4, max: 60, noNaN: true }),
        (name, wanted) => {
          const { unit, steps } = GAUGE_SETS[name];
          const answer = ask(name, wanted, { tolerance: wanted / 4 });
          const pieces = answer.feasible ? piecesInSteps(answer.pieces, unit) : [];
          expect(new Set(pieces).size).toBe(pieces.length);
          pieces.forEach((piece) => expect(steps as readonly number[]).toContain(piece));
          const sum = pieces.reduce((total, piece) => total + piece, 0) / STEPS_PER_UNIT[unit];
          expect(answer.feasible ? sum : 0).toBeCloseTo(answer.feasible ? answer.achieved : 0, 9);
        },
      ),
      { numRuns: 40 },
    ));

  it('takes the fewest pieces there are', () =>
    fc.assert(
      fc.property(
        fc.uniqueArray(fc.integer({ min: 1, max: 60 }), { minLength: 2, maxLength: 10 }),
        fc.integer({ min: 1, max: 150 }),
        (pieces, target) => {
          const answer = gaugeStack({
            unit: 'mm',
            pieces,
            target: target / 2000,
            tolerance: 0,
            wearPiece: null,
            mostPieces: 5,
          });
          expect(answer.feasible ? answer.count : null).toBe(byTrying(pieces, target, 5));
        },
      ),
    ));

  it('takes a piece given twice twice', () =>
    expect(
      gaugeStack({
        unit: 'mm',
        pieces: piecesInSteps([2, 2, 5], 'mm'),
        target: 4,
        tolerance: 0,
        wearPiece: null,
        mostPieces: 4,
      }),
    ).toMatchObject({ count: 2 }));

  it('that cannot be made says what is nearest either side', () =>
    expect(ask('metric-47', 41.126)).toEqual({ feasible: false, nearestBelow: 41.125, nearestAbove: 41.13 }));

  it('stands between a wear pair, which counts', () => {
    expect(ask('metric-103', 67.125, { wearPiece: 2 })).toMatchObject({ feasible: true, count: 6 });
    expect(ask('metric-103', 3.5, { wearPiece: 2 })).toEqual({
      feasible: false,
      nearestBelow: null,
      nearestAbove: 4.5,
    });
  });

  it('far beyond all pieces says the longest there is, at once', () =>
    expect(ask('metric-47', 1e6)).toEqual({ feasible: false, nearestBelow: 297, nearestAbove: null }));

  it('refuses a target of nothing and nine pieces', () => {
    expect(() => ask('metric-88', 0)).toThrow('target');
    expect(() => ask('metric-88', 10, { mostPieces: 9 })).toThrow('most pieces');
  });
});

describe('two stacks at once', () => {
  const { steps } = GAUGE_SETS['metric-47'];

  it('share no piece', () => {
    const pair = gaugeStackPair('mm', steps, [41.125, 26.375], 0.005, 5);
    expect(pair).toMatchObject({ feasible: true, totalCount: 7 });
    const { first, second } = pair as Extract<typeof pair, { feasible: true }>;
    expect(first.filter((piece) => second.includes(piece))).toEqual([]);
    expect(first.reduce((sum, one) => sum + one, 0)).toBeCloseTo(41.125, 2);
  });

  it('are the fewest pieces that any two selections have', () =>
    fc.assert(
      fc.property(
        fc.uniqueArray(fc.integer({ min: 1, max: 30 }), { minLength: 4, maxLength: 7 }),
        fc.tuple(fc.integer({ min: 1, max: 40 }), fc.integer({ min: 1, max: 40 })),
        (sizes, [first, second]) => {
          // Whole millimetres, so that every sum is exact.
          const pieces = sizes.map((size) => size * STEPS_PER_UNIT.mm);
          const all = Array.from({ length: 1 << sizes.length }, (_, bits) => bits);
          const sum = (bits: number) =>
            sizes.reduce((total, size, i) => total + (bits & (1 << i) ? size : 0), 0);
          const count = (bits: number) => sizes.filter((_, i) => bits & (1 << i)).length;
          const best = Math.min(
            Infinity,
            ...all
              .filter((one) => sum(one) === first)
              .flatMap((one) =>
                all
                  .filter((other) => (one & other) === 0 && sum(other) === second)
                  .map((other) => count(one) + count(other)),
              ),
          );
          const pair = gaugeStackPair('mm', pieces, [first, second], 0, 6);
          expect(pair.feasible ? pair.totalCount : Infinity).toBe(best);
        },
      ),
      { numRuns: 60 },
    ));

  it('are found where each alone could be made in thousands of ways', () =>
    expect(gaugeStackPair('mm', GAUGE_SETS['metric-88'].steps, [25.882, 17.365], 0.003, 6)).toMatchObject({
      feasible: true,
      totalCount: 7,
    }));

  it('refuse part of a piece', () =>
    expect(() => gaugeStackPair('mm', steps, [10, 20], 0, 2.5)).toThrow('most pieces'));

  it('cannot be made when both need the only piece', () =>
    expect(gaugeStackPair('mm', steps, [41.125, 26.375], 0, 5)).toEqual({ feasible: false }));
});

describe('the doubt of a stack', () => {
  it('is likely less than its worst case, and none from heat at 20 degrees', () => {
    const doubt = stackError([1.005, 1.12, 9, 30], '1', 0.025, 20, 11.5e-6);
    expect(doubt.likelyUm).toBeLessThan(doubt.worstUm);
    expect(doubt.thermalUm).toBeCloseTo(0, 12);
    expect(() => stackError([120], '1', 0.02, 20, 11.5e-6)).toThrow('piece');
  });
});
