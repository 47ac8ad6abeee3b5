import fc from 'fast-check';
import {
  builtUpEdgeFactor,
  feedForRoughness,
  idealRoughness,
  millingRoughness,
  minChipRoughness,
} from './roughness';

describe('finish', () => {
  it('ridges rise with the square of the feed while the nose makes them, then with the edges', () => {
    expect(idealRoughness(0.1, 0.8, 95, 5).rtUm / idealRoughness(0.05, 0.8, 95, 5).rtUm).toBeCloseTo(4, 6);
    expect(idealRoughness(0.1, 0.8, 95, 5).regime).toBe('nose-only');
    expect(idealRoughness(0.6, 0.4, 95, 5).regime).not.toBe('nose-only');
  });

  it('the built-up edge is worst in the middle of its zone and gone outside', () => {
    const bue = { level: 2, zoneMPerMin: [8, 50] } as const;
    const at = (v: number) => builtUpEdgeFactor(bue, v, false, 6);
    expect(at(20)).toBeGreaterThan(at(10));
    expect(at(20)).toBeGreaterThan(at(45));
    expect(at(200)).toBe(1);
    expect(builtUpEdgeFactor(bue, 20, true, 6)).toBeLessThan(at(20));
    expect(builtUpEdgeFactor({ level: 0, zoneMPerMin: [8, 50] }, 20, false, 6)).toBe(1);
  });

  it('one high tooth leaves marks of the whole turn', () => {
    for (const kind of ['peripheral', 'face-nose', 'end-dish'] as const) {
      const { everyToothUm, oneToothUm } = millingRoughness(kind, 20, 0.08, 4, 0.8, 1);
      expect(oneToothUm).toBeGreaterThan(everyToothUm);
    }
  });

  it('the feed for a finish gives that finish', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.4, max: 6.3, noNaN: true }),
        fc.double({ min: 0.2, max: 2, noNaN: true }),
        (ra, r) => {
          const { feedMmRev, reachable } = feedForRoughness(ra, r, 6, 1.3);
          fc.pre(reachable);
          expect(minChipRoughness(feedMmRev!, r, 6).raUm * 1.3).toBeCloseTo(ra, 6);
        },
      ),
    );
    expect(feedForRoughness(0.1, 0.8, 40, 1.7)).toMatchObject({ feedMmRev: null, reachable: false });
  });

  it('a finer feed is worse below the feed that leaves the least, and not at it', () => {
    const { bestFeedMmRev, bestRtUm } = minChipRoughness(0.1, 0.8, 6);
    expect(minChipRoughness(bestFeedMmRev * 0.99, 0.8, 6).finerIsWorse).toBe(true);
    expect(minChipRoughness(bestFeedMmRev, 0.8, 6)).toMatchObject({
      finerIsWorse: false,
      rtUm: expect.closeTo(bestRtUm, 6),
    });
  });

  it('a metal that builds nothing up on the edge has no factor, at any speed', () => {
    expect(builtUpEdgeFactor({ level: 0, zoneMPerMin: [8, 50] }, 20, false, 6)).toBe(1);
  });

  it.each<[() => unknown, string]>([
    [() => idealRoughness(0, 0.4, 95, 5), 'feed must be more than 0, got 0'],
    [() => minChipRoughness(0, 0.8, 6), 'feed must be more than 0, got 0'],
    [() => minChipRoughness(0.1, 0, 6), 'nose radius must be more than 0, got 0'],
    [() => feedForRoughness(0, 0.8, 6, 1.3), 'wanted Ra must be more than 0, got 0'],
    [() => feedForRoughness(1.6, 0, 6, 1.3), 'nose radius must be more than 0, got 0'],
  ])('a surface without feed, nose or wish is refused: %#', (work, sentence) => {
    expect(work).toThrow(sentence);
  });
});
