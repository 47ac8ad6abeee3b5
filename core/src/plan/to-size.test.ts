import fc from 'fast-check';
import { dialTotals, finishDepthFor, measureCorrect, passPlan } from './to-size';

describe('passes to size', () => {
  it('are refused by the thousand, not listed', () => {
    expect(() => passPlan(100, 10, 0.001, 0.05)).toThrow(
      'number of passes must be from 0 to 5000, got 45000',
    );
    expect(passPlan(100, 10, 0.1, 0.05).depthsMm.length).toBeLessThan(1000);
  });

  it('end at the wanted size, none deeper than allowed, finishing passes equal', () => {
    const size = fc.double({ min: 1, max: 300, noNaN: true });
    fc.assert(
      fc.property(
        size,
        size,
        fc.double({ min: 0.05, max: 3, noNaN: true }),
        fc.double({ min: 0.02, max: 0.3, noNaN: true }),
        fc.integer({ min: 1, max: 3 }),
        (start, target, most, finish, count) => {
          fc.pre(Math.abs(start - target) > 1e-6);
          const { depthsMm, diametersMm } = passPlan(start, target, most, finish, count);
          expect(diametersMm.at(-1)).toBeCloseTo(target, 6);
          expect(Math.max(...depthsMm)).toBeLessThanOrEqual(Math.max(most, finish) + 1e-9);
          const finishing = depthsMm.slice(-count);
          expect(Math.max(...finishing) - Math.min(...finishing)).toBeLessThan(1e-9);
        },
      ),
    );
  });

  it('are equal roughing passes and then the finishing passes, counted up in a bore', () => {
    expect(passPlan(30, 25, 1, 0.1)).toEqual({
      stockRadialMm: 2.5,
      depthsMm: [0.8, 0.8, 0.8, 0.1].map((depth) => expect.closeTo(depth, 9)),
      diametersMm: [28.4, 26.8, 25.2, 25].map((mm) => expect.closeTo(mm, 9)),
      skinNotCleared: false,
    });
    expect(passPlan(25, 30, 1, 0.1).diametersMm[0]).toBeCloseTo(26.6, 9);
    // What is left fits into finishing passes alone, or just does not.
    expect(passPlan(30, 29.6, 1, 0.1, 2).depthsMm).toEqual([0.1, 0.1].map((mm) => expect.closeTo(mm, 9)));
    expect(passPlan(30, 29.7, 1, 0.1, 2).depthsMm).toEqual([0.075, 0.075].map((mm) => expect.closeTo(mm, 9)));
    expect(passPlan(30, 29.5, 1, 0.1, 2).depthsMm).toEqual(
      [0.05, 0.1, 0.1].map((mm) => expect.closeTo(mm, 9)),
    );
    expect(passPlan(50, 50, 1, 0.1)).toEqual({
      stockRadialMm: 0,
      depthsMm: [],
      diametersMm: [],
      skinNotCleared: false,
    });
  });

  it('take a whole number of depths without one more', () => {
    expect(passPlan(30, 23.8, 1, 0.1).depthsMm).toHaveLength(4);
    expect(passPlan(30, 23.7, 1, 0.1).depthsMm).toHaveLength(5);
  });

  it('begin under the skin where one roughing pass can', () => {
    const depths = (skin: number, most = 1.5) =>
      passPlan(50, 40, most, 0.1, 2, skin).depthsMm.map((mm) => Number(mm.toFixed(6)));
    // 4.8 to rough: four of 1.2 clear a skin of 1.2 as they are; one of 1.4 goes first alone.
    expect(depths(1.2)).toEqual([1.2, 1.2, 1.2, 1.2, 0.1, 0.1]);
    expect(depths(1.4)).toEqual([1.4, 1.133333, 1.133333, 1.133333, 0.1, 0.1]);
    expect(depths(4.8, 4.8)).toEqual([4.8, 0.1, 0.1]);
    expect(depths(1.6)).toEqual([1.2, 1.2, 1.2, 1.2, 0.1, 0.1]);
    const cleared = (skin: number) => !passPlan(50, 40, 1.5, 0.1, 2, skin).skinNotCleared;
    expect([0, 1.2, 1.5, 1.6].map(cleared)).toEqual([true, true, true, false]);
    expect(passPlan(50, 50, 1, 0.1, 1, 1).skinNotCleared).toBe(false);
  });

  it.each([
    ['start diameter', [0, 10, 1, 0.1]],
    ['wanted diameter', [10, 0, 1, 0.1]],
    ['most depth', [30, 10, 0, 0.1]],
    ['finishing depth', [30, 10, 1, 0]],
  ] as const)('refuse a %s that is nothing', (name, [start, target, most, finish]) =>
    expect(() => passPlan(start, target, most, finish)).toThrow(`${name} must be more than 0`),
  );
});

describe('measured and corrected', () => {
  it('a bar that gives way by a tenth gets the dial further in, and comes out on size', () => {
    const give = 0.1;
    const dial = 1;
    const removed = dial / (1 + give);
    const { deflectionRatio, leftRadialMm, nextAdvanceMm } = measureCorrect(30, 30 - 2 * removed, dial, 27.5);
    expect(deflectionRatio).toBeCloseTo(give, 9);
    // The model turned round: what the dial removes after the advance is what was left.
    expect((dial + nextAdvanceMm - removed) / (1 + give)).toBeCloseTo(leftRadialMm, 9);
  });

  it('more than the dial said means a wrong touch-off; past the size means nothing to advance', () => {
    expect(measureCorrect(30, 27.8, 1, 27.5)).toMatchObject({
      touchOffWrong: true,
      nextAdvanceMm: expect.closeTo(0.15, 9),
    });
    // The metal is gone: there is nothing to advance.
    expect(measureCorrect(30, 27.4, 1.3, 27.5)).toMatchObject({ oversizeCut: true, nextAdvanceMm: 0 });
    expect(measureCorrect(20, 20.6, 0.35, 20.5)).toMatchObject({ oversizeCut: true, nextAdvanceMm: 0 });
    expect(() => measureCorrect(30, 30, 1, 27.5)).toThrow(
      'depth removed by this pass must be more than 0, got 0',
    );
  });

  it('a pass that gives way leaves spring behind, which one more run takes in part', () => {
    // 1.1 on the dial took 1: a tenth gives way, 0.1 is still sprung, 0.25 is left.
    expect(measureCorrect(30, 28, 1.1, 27.5)).toEqual({
      removedRadialMm: 1,
      deflectionRatio: expect.closeTo(0.1, 9),
      stillSprungMm: expect.closeTo(0.1, 9),
      leftRadialMm: 0.25,
      touchOffWrong: false,
      oversizeCut: false,
      nextAdvanceMm: expect.closeTo(0.25 * 1.1 - 0.1, 9),
      springPassRemovesMm: expect.closeTo(0.1 / 1.1, 9),
    });
    // The second pass of a bore: 0.5 removed before, 1.3 on the dial, 1.2 removed.
    expect(measureCorrect(20, 22.4, 1.3, 23, 0.5)).toMatchObject({
      removedRadialMm: expect.closeTo(1.2, 9),
      deflectionRatio: expect.closeTo(0.8 / 0.7 - 1, 9),
      leftRadialMm: expect.closeTo(0.3, 9),
    });
    expect(measureCorrect(30, 28, 0.9, 27.5)).toMatchObject({
      touchOffWrong: true,
      stillSprungMm: expect.closeTo(-0.1, 9),
      springPassRemovesMm: 0,
      nextAdvanceMm: 0.25,
    });
    expect(measureCorrect(30, 28, 1, 28)).toMatchObject({ touchOffWrong: false, oversizeCut: false });
  });

  it('the dial of later passes counts the spring once, not with every pass', () => {
    expect(dialTotals([1, 1, 0.1], 0, 0)).toEqual([1, 2, 2.1]);
    expect(dialTotals([1, 0.1], 2, 0.1).map((x) => Number(x.toFixed(6)))).toEqual([3.1, 3.11]);
  });

  it('finishing takes what the edge can', () => {
    expect([
      finishDepthFor('hss'),
      finishDepthFor('carbide-uncoated'),
      finishDepthFor('carbide-coated'),
    ]).toEqual([0.05, 0.05, 0.15]);
  });
});
