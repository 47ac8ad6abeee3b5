import fc from 'fast-check';
import { surfaceSpeed } from '../mechanics/spindle-speed';
import { diameterWindow, servedDiameters, speedSeries } from './speed-series';

const rungs = fc.uniqueArray(fc.integer({ min: 20, max: 4_000 }), { minLength: 1, maxLength: 16 });

describe('the speeds as a series', () => {
  it('finds the gap between back gear and direct', () => {
    expect(speedSeries([42, 70, 118, 265, 440, 745])).toMatchObject({
      largestGapRpm: [118, 265],
      gapsOverLimit: 5,
    });
    expect(speedSeries([100, 141, 200]).gapsOverLimit).toBe(0);
  });

  it('needs two speeds to see one', () =>
    expect(() => speedSeries([100])).toThrow('number of speeds must be 2 or more, got 1'));

  it('knows every diameter no step can cut properly, and only those', () => {
    const band = fc.record({
      low: fc.double({ min: 5, max: 200, noNaN: true }),
      width: fc.double({ min: 1.1, max: 3, noNaN: true }),
      d: fc.double({ min: 0.5, max: 2_000, noNaN: true }),
    });
    fc.assert(
      fc.property(rungs, band, (unsorted, { low, width, d }) => {
        const steps = [...unsorted].sort((a, b) => a - b);
        const { fromMm, toMm, holesMm } = servedDiameters(steps, low, low * width);
        const said = d >= fromMm && d <= toMm && !holesMm.some(([from, to]) => d > from && d < to);
        return (
          said === steps.some((rpm) => surfaceSpeed(rpm, d) >= low && surfaceSpeed(rpm, d) <= low * width)
        );
      }),
      { numRuns: 1_000 },
    );
  });

  it('says which diameters a band of cutting speed reaches', () => {
    const { diameterMinMm, diameterMaxMm } = diameterWindow(42, 745, 20, 30);
    expect(diameterMinMm).toBeCloseTo(8.55, 2);
    expect(diameterMaxMm).toBeCloseTo(227.4, 1);
  });

  it('tells the mean ratio, the step furthest off it and the widest gap', () => {
    expect(speedSeries([100, 160, 400])).toEqual({
      meanRatio: 2,
      worstDeviationPercent: expect.closeTo(-20, 9),
      largestGapRatio: 2.5,
      largestGapRpm: [160, 400],
      worstSpeedLossPercent: expect.closeTo(60, 9),
      gapsOverLimit: 1,
    });
    // A gap of just the limit is none, and of equal gaps the first is told.
    expect(speedSeries([100, 200, 400], 2)).toMatchObject({ gapsOverLimit: 0, largestGapRpm: [100, 200] });
    expect(speedSeries([100, 200, 400], 1.9).gapsOverLimit).toBe(2);
  });

  it('the holes stand by rising diameter, each from too fast above to too slow below', () => {
    const { fromMm, toMm, holesMm } = servedDiameters([50, 200, 1000], 20, 30);
    expect([fromMm, toMm]).toEqual([expect.closeTo(6.366, 3), expect.closeTo(190.99, 2)]);
    expect(holesMm).toEqual([
      [expect.closeTo(9.549, 3), expect.closeTo(31.831, 3)],
      [expect.closeTo(47.746, 3), expect.closeTo(127.324, 3)],
    ]);
  });

  it('steps as far apart as the band is wide leave no hole', () => {
    expect(servedDiameters([100, 200], 20, 40).holesMm).toEqual([]);
    expect(servedDiameters([100, 201], 20, 40).holesMm).toHaveLength(1);
  });

  it.each<[() => unknown, string]>([
    [() => speedSeries([]), 'slowest speed must be more than 0, got NaN'],
    [() => servedDiameters([], 20, 30), 'slowest speed must be more than 0, got NaN'],
    [() => servedDiameters([100], 0, 30), 'low end must be more than 0, got 0'],
    [() => servedDiameters([100], 20, 0), 'high end must be more than 0, got 0'],
    [() => diameterWindow(0, 100, 20, 30), 'slowest speed must be more than 0, got 0'],
    [() => diameterWindow(50, 0, 20, 30), 'fastest speed must be more than 0, got 0'],
  ])('refuses a series without a speed, by name: %#', (series, sentence) => {
    expect(series).toThrow(sentence);
  });
});
