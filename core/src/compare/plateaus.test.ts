import fc from 'fast-check';
import { inverseNormal } from '../quantity/inverse-normal';
import { seededDraws } from '../quantity/random-draws';
import { readTrace } from './read-trace';
import { plateaus, spoiltTrace, type CurrentTrace } from './plateaus';

/** A trace of levels, each for so many readings, with scatter. */
function traceOf(
  levels: readonly (readonly [amps: number, readings: number])[],
  sd: number,
  seed: number,
): CurrentTrace {
  const draw = seededDraws(seed);
  const currentA = levels.flatMap(([amps, readings]) =>
    Array.from({ length: readings }, () => Number((amps + sd * inverseNormal(draw())).toFixed(2))),
  );
  return { sampleS: 0.1, currentA, resolutionA: 0.01, skipS: 0, offBelowA: 0.2, minPlateauS: 1 };
}

it('finds idle and cut where they were planted, to a reading or two', () =>
  fc.assert(
    fc.property(
      fc.integer({ min: 12, max: 50 }),
      fc.integer({ min: 12, max: 50 }),
      fc.double({ min: 0.3, max: 3, noNaN: true }),
      fc.integer({ min: 1, max: 10_000 }),
      (idle, cut, step, seed) => {
        const found = plateaus(
          traceOf(
            [
              [2.1, idle],
              [2.1 + step, cut],
              [2.1, idle],
            ],
            0.03,
            seed,
          ),
        );
        expect(found.cutFound).toBe(true);
        expect(found.idleA).toBeCloseTo(2.1, 1);
        expect(Math.abs(found.cutA! - 2.1 - step)).toBeLessThan(0.05);
        const cutting = found.plateaus.filter(({ is }) => is === 'cut');
        expect(Math.abs(cutting[0]!.from - idle)).toBeLessThanOrEqual(1);
        expect(Math.abs(cutting.at(-1)!.to - idle - cut)).toBeLessThanOrEqual(1);
      },
    ),
    { numRuns: 60 },
  ));

it('a motor that is off, the start and a level between are told apart from idle and cut', () => {
  const trace = {
    ...traceOf(
      [
        [6, 5],
        [0, 20],
        [2, 25],
        [2.6, 25],
        [3.4, 30],
      ],
      0.02,
      3,
    ),
    skipS: 0.5,
  };
  const found = plateaus(trace);
  expect(found.plateaus.map(({ is }) => is)).toEqual(['off', 'idle', 'between', 'cut']);
  expect(found.boundaries[0]).toBe(5);
  expect([found.idleSamples, found.cutSamples]).toEqual([25, 30]);
});

it('one level is no cut', () =>
  expect(plateaus(traceOf([[2.1, 60]], 0.03, 5))).toMatchObject({
    cutFound: false,
    cutA: null,
    cutSamples: 0,
  }));

it('a step smaller than the gauge can tell is no cut', () =>
  expect(
    plateaus(
      traceOf(
        [
          [2.1, 30],
          [2.115, 30],
        ],
        0.01,
        6,
      ),
    ).cutFound,
  ).toBe(false));

it.each([
  ['an empty trace', { currentA: [] }, 'number of readings'],
  ['a trace shorter than two plateaus', { currentA: [2, 2, 2, 3] }, 'number of readings'],
  ['one that is all start-up', { skipS: 60 }, 'number of readings'],
  ['no time between readings', { sampleS: 0 }, 'time between readings'],
  ['no shortest plateau', { minPlateauS: 0 }, 'shortest plateau'],
  [
    'a motor that is off',
    { currentA: Array.from({ length: 40 }, () => 0.01) },
    'current of the running motor',
  ],
] as const)('refuses %s', (_, bad, what) =>
  expect(() => plateaus({ ...traceOf([[2.1, 30]], 0.02, 1), ...bad })).toThrow(what),
);

it('a gauge at its end and one that is stuck are known before they are read', () => {
  expect(spoiltTrace([2, 3, 10, 10, 10, 3], 10)).toBe('clipped');
  expect(spoiltTrace([2, 3, 10, 9.9, 10, 10, 3], 10)).toBeNull();
  expect(spoiltTrace([2.1, 2.1, 2.1, 2.1, 2.1], null)).toBe('stale');
  expect(spoiltTrace([2.1, 2.11, 2.1, 2.1, 2.1], null)).toBeNull();
});

it('a trace that was stopped just after the cut has the level of the cut, not of the mixture at its end', () => {
  const trace = traceOf(
    [
      [2.1, 30],
      [2.45, 34],
      [2.1, 6],
    ],
    0.03,
    9,
  );
  expect(readTrace(trace).cutA!).toBeCloseTo(2.45, 1);
  expect(Math.abs(readTrace(trace).cutA! - 2.45)).toBeLessThan(0.015);
  const whole = traceOf(
    [
      [2.1, 30],
      [2.45, 34],
      [2.1, 20],
    ],
    0.03,
    9,
  );
  expect(readTrace(whole)).toEqual(plateaus(whole));
});
