import fc from 'fast-check';
import {
  engagedEdge,
  roundInsertChip,
  straightEdgeChip,
  turningFeedLimits,
  turningFeedStart,
} from './turning-feed';

describe('the feed window of a turning tool', () => {
  const base = {
    noseRadiusMm: 0.4,
    depthMm: 1,
    approachDeg: 90,
    cornerDeg: 80,
    condition: 'ordinary' as const,
    edgeRadiusUm: 6,
    minChipRatio: 0.3,
  };

  it('is bounded by the nose, or by the machine when the nose is large', () => {
    expect(turningFeedLimits(base)).toMatchObject({ upperLimit: 'nose-radius', feedUpperMmRev: 0.26 });
    expect(turningFeedLimits({ ...base, noseRadiusMm: 3 })).toMatchObject({
      upperLimit: 'machine-feed',
      feedUpperMmRev: 0.35,
    });
  });

  it('takes a sharp corner more carefully, and a tired machine', () => {
    expect(turningFeedLimits({ ...base, cornerDeg: 55 }).feedUpperMmRev).toBeCloseTo(0.2, 12);
    expect(turningFeedLimits({ ...base, condition: 'tired' }).feedUpperMmRev).toBeCloseTo(0.2, 12);
  });

  it('joins nose arc and straight edge without a step', () => {
    const arc = 0.8 * (1 - Math.cos(Math.PI / 4));
    expect(engagedEdge(arc + 1e-9, 0.8, 45)).toBeCloseTo(engagedEdge(arc - 1e-9, 0.8, 45), 6);
  });

  it('keeps its section whatever the angle or the shape of the edge', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.02, max: 1, noNaN: true }),
        fc.double({ min: 0.1, max: 4, noNaN: true }),
        fc.double({ min: 20, max: 120, noNaN: true }),
        (f, ap, kappa) => {
          const straight = straightEdgeChip(f, ap, kappa);
          const round = roundInsertChip(f, ap, 12);
          return (
            Math.abs(straight.widthMm * straight.meanMm - f * ap) < 1e-9
            && Math.abs(round.widthMm * round.meanMm - f * ap) < 1e-9
            && round.meanMm <= round.maxMm + 1e-12
          );
        },
      ),
    );
  });

  it('refuses a depth of more than half a round insert', () =>
    expect(() => roundInsertChip(0.2, 7, 12)).toThrow('depth must be from 0 to 6, got 7'));

  it('a corner of 60° is not a sharp one yet', () => {
    expect(turningFeedLimits({ ...base, cornerDeg: 60 }).feedUpperMmRev).toBe(0.26);
    expect(turningFeedLimits({ ...base, cornerDeg: 59 }).feedUpperMmRev).toBe(0.2);
  });

  it('a start so fine that the edge would rub is lifted, and the edge is named', () => {
    const limits = turningFeedLimits(base);
    const start = (finishMmRev: number | null, feedFactor = 1) =>
      turningFeedStart(limits, { condition: 'ordinary', finishMmRev, feedFactor });
    expect(start(null, 0.01)).toMatchObject({
      decidedBy: 'edge-radius',
      feed: { governing: 'edge-radius', start: limits.feedLowerMmRev },
    });
    expect(start(0.1)).toMatchObject({ decidedBy: 'finish', baseMmRev: expect.closeTo(0.09, 12) });
    expect(start(null)).toMatchObject({ decidedBy: 'nose-radius', baseMmRev: expect.closeTo(0.156, 12) });
  });

  it.each<[() => unknown, string]>([
    [() => turningFeedLimits({ ...base, noseRadiusMm: 0 }), 'nose radius must be more than 0, got 0'],
    [() => turningFeedLimits({ ...base, depthMm: 0 }), 'depth must be more than 0, got 0'],
    [() => turningFeedLimits({ ...base, approachDeg: 0 }), 'approach angle must be from 1 to 135, got 0'],
    [() => straightEdgeChip(0.2, 1, 0), 'entering angle must be from 1 to 135, got 0'],
    [() => straightEdgeChip(0, 1, 90), 'feed must be more than 0, got 0'],
    [() => straightEdgeChip(0.2, 0, 90), 'depth must be more than 0, got 0'],
    [() => roundInsertChip(0, 1, 12), 'feed must be more than 0, got 0'],
    [() => roundInsertChip(0.2, 0, 12), 'depth must be more than 0, got 0'],
  ])('refuses what takes no chip: %#', (work, sentence) => {
    expect(work).toThrow(sentence);
  });
});
