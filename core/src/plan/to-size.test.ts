import fc from 'fast-check';
import { areaPlan } from './area';
import { dialTotals, finishDepthFor, measureCorrect, passPlan } from './to-size';
import { shaperFeed } from '../mechanics/shaper-feed';
import { handFeed } from '../machine/hand-feed';
import { pace } from '../machine/pacer';

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
          const { depthsMm, diametersMm } = passPlan(start, target, most, finish, count);
          if (depthsMm.length === 0) return expect(Math.abs(start - target)).toBeLessThan(1e-6);
          expect(diametersMm.at(-1)).toBeCloseTo(target, 6);
          expect(Math.max(...depthsMm)).toBeLessThanOrEqual(Math.max(most, finish) + 1e-9);
          const finishing = depthsMm.slice(-count);
          expect(Math.max(...finishing) - Math.min(...finishing)).toBeLessThan(1e-9);
        },
      ),
    );
  });

  it('the first pass goes under the skin', () => {
    expect(passPlan(50, 40, 1.5, 0.1, 2, 1.2).depthsMm[0]).toBe(1.2);
    expect(passPlan(50, 40, 1, 0.1, 2, 2).skinNotCleared).toBe(true);
    expect(passPlan(50, 50, 1, 0.1)).toMatchObject({ depthsMm: [], skinNotCleared: false });
  });
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
    expect(measureCorrect(30, 27.4, 1.3, 27.5)).toMatchObject({ oversizeCut: true });
    expect(() => measureCorrect(30, 30, 1, 27.5)).toThrow(
      'depth removed by this pass must be more than 0, got 0',
    );
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

describe('an area, a shaper, a hand', () => {
  it('a wider step-over takes fewer passes', () => {
    const area = { lengthMm: 120, widthMm: 80, cutterMm: 16, feedMmMin: 110, returnMmMin: 400 };
    expect(areaPlan({ ...area, stepoverMm: 12 }).minutes).toBeLessThan(
      areaPlan({ ...area, stepoverMm: 8 }).minutes,
    );
    expect(() => areaPlan({ ...area, returnMmMin: undefined, stepoverMm: 8 })).toThrow(
      'speed of the way back',
    );
  });

  it('a ratchet gives whole teeth, at least one', () => {
    expect(shaperFeed(0.1, 50, 40, 0, 0.15)).toMatchObject({ ratchetTeeth: 1, feedMm: 0.15 });
    expect(shaperFeed(0.4, 50, 40)).toMatchObject({ ratchetTeeth: null, strokes: 125 });
  });

  it('the pacer keeps to easy divisions and a beat that can be followed', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 10, max: 400, noNaN: true }),
        fc.constantFrom(50, 80, 100, 125),
        (mmMin, divisions) => {
          const feed = handFeed(mmMin, 5, divisions);
          const { divisions: each, beatS } = pace(feed, divisions);
          expect(each / beatS).toBeCloseTo(feed.divisionsPerSecond, 6);
          expect(beatS).toBeGreaterThan(0.3);
          expect(beatS).toBeLessThan(3);
        },
      ),
    );
  });
});
