import fc from 'fast-check';
import { tapTiming } from './tap-timing';

describe('tapping along', () => {
  const noise = fc.double({ min: -0.02, max: 0.02, noNaN: true });

  it('taps find the speed within their own uncertainty, whatever is doubled, missed or far out', () => {
    const run = fc.record({
      period: fc.double({ min: 0.4, max: 3, noNaN: true }),
      jitter: fc.array(noise, { minLength: 14, maxLength: 30 }),
      missed: fc.integer({ min: 3, max: 9 }),
      doubled: fc.integer({ min: 3, max: 9 }),
    });
    fc.assert(
      fc.property(run, ({ period, jitter, missed, doubled }) => {
        const taps = jitter.map((j, i) => i * period + j * period).filter((_, i) => i !== missed);
        const withDouble = [
          ...taps.slice(0, doubled + 1),
          taps[doubled]! + 0.1 * period,
          ...taps.slice(doubled + 1),
        ];
        const found = tapTiming(withDouble)!;
        return (
          Math.abs(found.rpm / (60 / period) - 1) < 0.01
          && found.doublesDropped === 1
          && found.missedTaps === 1
        );
      }),
    );
  });

  it('asks for more while there are too few taps', () => {
    for (const few of [[], [1], [0, 1], [0, 1, 2]]) expect(tapTiming(few)).toBeNull();
    expect(tapTiming([0, 1, 1.1, 2])).toBeNull();
  });

  it('four even taps are enough, three are not, whatever was dropped to leave them', () => {
    expect(tapTiming([0, 1, 2, 3])).toMatchObject({ rpm: expect.closeTo(60, 9), uRel: expect.closeTo(0, 9) });
    expect(tapTiming([0, 1, 1.1, 2, 3])).toMatchObject({ doublesDropped: 1, outliersDropped: 0 });
    expect(tapTiming([10, 11, 12, 13])!.rpm).toBeCloseTo(60, 9);
  });

  it('a tap after 0.4 of a turn is a turn, one before it a double', () => {
    expect(tapTiming([0, 10, 20, 24, 34, 44])).toMatchObject({ doublesDropped: 0 });
    expect(tapTiming([0, 10, 20, 23.9, 34, 44])).toMatchObject({ doublesDropped: 1 });
  });

  it('a tap up to 5 % of a turn off a clean run counts, one further off is left out', () => {
    const run = (late: number) => [0, 1, 2, 3, 4, 5, 6, 7, 8 + late, 9, 10, 11, 12, 13, 14, 15, 16];
    expect(tapTiming(run(0.04))).toMatchObject({ outliersDropped: 0 });
    expect(tapTiming(run(0.08))).toMatchObject({ outliersDropped: 1, rpm: expect.closeTo(60, 9) });
  });

  it('in an uneven run three times the scatter counts, and more does not', () => {
    const uneven = (late: number) =>
      Array.from({ length: 21 }, (_, i) => i + (i === 10 ? late : 0.03 * (i % 2 === 0 ? 1 : -1)));
    expect(tapTiming(uneven(0.25))).toMatchObject({ outliersDropped: 0 });
    expect(tapTiming(uneven(0.33))).toMatchObject({ outliersDropped: 1 });
  });

  it('a tap for every third turn is a third of the speed’s beat', () => {
    expect(tapTiming([0, 1, 2, 3, 4], 3)!.rpm).toBeCloseTo(180, 9);
    expect(() => tapTiming([0, 1, 2, 3], 0)).toThrow('turns per tap must be more than 0, got 0');
  });

  it('5 % of a turn is that also where the turns are short', () => {
    const quick = (late: number) => Array.from({ length: 17 }, (_, i) => 0.2 * (i + (i === 8 ? late : 0)));
    expect(tapTiming(quick(0.04))).toMatchObject({ outliersDropped: 0 });
    expect(tapTiming(quick(0.08))).toMatchObject({ outliersDropped: 1 });
  });
});
