import fc from 'fast-check';
import { changeGearSearch, fitsBanjo, pitchErrorPpm, threadPitch } from './change-gears';

describe('change gears', () => {
  it('127 makes a metric thread on an inch screw exact', () =>
    expect(threadPitch(3.175, { drivers: [40], driven: [127] })).toBeCloseTo(1, 12));

  it('uses each gear once, and leaves out what fouls the banjo when asked', () => {
    const gears = [20, 30, 40, 45, 50, 60, 63, 80];
    fc.assert(
      fc.property(fc.double({ min: 0.2, max: 4, noNaN: true }), (wanted) => {
        const free = changeGearSearch(3.175, gears, wanted);
        const fit = changeGearSearch(3.175, gears, wanted, { mustFit: true });
        const used = [...free.drivers, ...free.driven];
        return (
          new Set(used).size === used.length
          && used.every((gear) => gears.includes(gear))
          && fitsBanjo(fit)
          && Math.abs(free.errorPpm) <= Math.abs(fit.errorPpm) + 1e-6
        );
      }),
      { numRuns: 25 },
    );
  });

  it('a fixed ratio ahead of the gears multiplies the pitch', () => {
    expect(threadPitch(6, { drivers: [40], driven: [80] }, 0.5)).toBe(1.5);
  });

  it('tells the error in parts per million, too long above 0', () => {
    expect(pitchErrorPpm(1.001, 1)).toBeCloseTo(1000, 6);
    expect(pitchErrorPpm(1.998, 2)).toBeCloseTo(-1000, 6);
  });

  it.each<[() => unknown, string]>([
    [() => threadPitch(0, { drivers: [40], driven: [80] }), 'leadscrew pitch must be more than 0, got 0'],
    [() => threadPitch(6, { drivers: [40], driven: [80] }, 0), 'fixed ratio must be more than 0, got 0'],
    [() => threadPitch(6, { drivers: [0], driven: [80] }), 'teeth must be more than 0, got 0'],
    [() => pitchErrorPpm(1, 0), 'wanted pitch must be more than 0, got 0'],
    [() => changeGearSearch(6, [40], 1), 'number of gears must be 2 or more, got 1'],
  ])('refuses what makes no train, by name: %#', (train, sentence) => {
    expect(train).toThrow(sentence);
  });

  //  drivers a, c; driven b, d: c must clear the stud of a/b, b the stud of c/d
  it.each([
    [[21, 50], [45, 60], true],
    [[20, 50], [45, 60], false],
    [[60, 20], [45, 41], true],
    [[60, 20], [45, 40], false],
    [[20], [127], true],
  ])('%p driving %p fits the banjo: %p', (drivers, driven, fits) => {
    expect(fitsBanjo({ drivers, driven })).toBe(fits);
  });

  it('of trains with the same pitch takes the fewest pairs, then the fewest teeth, in whatever order they are owned', () => {
    const compoundFirst = [20, 60, 25, 32, 120, 80];
    const onePair = { drivers: [120], driven: [80], pitchMm: 9 };
    expect(changeGearSearch(6, compoundFirst, 9)).toMatchObject(onePair);
    expect(changeGearSearch(6, [...compoundFirst].reverse(), 9)).toMatchObject(onePair);
    expect(changeGearSearch(6, [80, 120, 20, 60, 25, 32], 9)).toMatchObject(onePair);
    for (const gears of [
      [30, 60, 20, 40],
      [20, 40, 30, 60],
      [60, 30, 40, 20],
    ])
      expect(changeGearSearch(6, gears, 3)).toMatchObject({ drivers: [20], driven: [40], errorPpm: 0 });
  });

  it('never puts one gear in two places', () => {
    expect(changeGearSearch(6, [20, 40, 50], 6).errorPpm).not.toBeCloseTo(0);
    // 20 x 20 / (40 x 50) and 20 x 50 / (40 x 40) would be exact.
    expect(changeGearSearch(6, [40, 20, 50], 1.2).drivers).toHaveLength(1);
    expect(changeGearSearch(6, [40, 20, 50], 3.75).drivers).toHaveLength(1);
    expect(changeGearSearch(6, [20, 63, 45, 80], 2.1, { maxPairs: 1 }).drivers).toHaveLength(1);
  });

  it('finds what trying every order of every choice finds', () => {
    const owned = fc.subarray([20, 25, 30, 38, 45, 50, 60, 63, 71, 80], { minLength: 2, maxLength: 5 });
    fc.assert(
      fc.property(
        owned,
        fc.double({ min: 0.3, max: 12, noNaN: true }),
        fc.boolean(),
        (gears, wanted, mustFit) => {
          const others = (...used: number[]) => gears.filter((gear) => !used.includes(gear));
          const trains = gears.flatMap((a) =>
            others(a).flatMap((b) => [
              { drivers: [a], driven: [b] },
              ...others(a, b).flatMap((c) =>
                others(a, b, c).map((d) => ({ drivers: [a, c], driven: [b, d] })),
              ),
            ]),
          );
          const errors = trains
            .filter((train) => !mustFit || fitsBanjo(train))
            .map((train) => Math.abs(pitchErrorPpm(threadPitch(6, train), wanted)));
          const found = changeGearSearch(6, gears, wanted, { mustFit });
          expect(Math.abs(found.errorPpm)).toBeCloseTo(Math.min(...errors), 4);
          expect(found.pitchMm).toBe(threadPitch(6, found));
          expect(!mustFit || fitsBanjo(found)).toBe(true);
        },
      ),
    );
  });

  it.each([
    [[30, 20, 25, 45], 'as they are owned'],
    [[20, 30, 25, 45], 'with the drivers turned'],
    [[30, 20, 45, 25], 'with the driven turned'],
    [[20, 30, 45, 25], 'with both turned'],
  ])('puts %p on the banjo %s', (gears) => {
    const wanted = threadPitch(6, { drivers: [30, 20], driven: [45, 25] });
    expect(changeGearSearch(6, gears, wanted, { mustFit: true })).toMatchObject({
      drivers: [30, 20],
      driven: [25, 45],
      errorPpm: expect.closeTo(0, 6),
    });
    // Unless it is asked for, nobody looks whether it fits.
    expect(changeGearSearch(6, [20, 30, 45, 25], wanted)).toMatchObject({
      drivers: [20, 30],
      driven: [45, 25],
    });
  });
});
