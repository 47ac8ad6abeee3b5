import fc from 'fast-check';
import { feedClearance, threadClearance } from './feed-clearance';

describe('what the feed takes from the clearance', () => {
  it('is little for turning and much for a thread', () => {
    expect(feedClearance(0.2, 20, 10, 12, 2).leadingDeg).toBeCloseTo(9.8176, 4);
    expect(threadClearance(1.5, 1, 8.16, 60, 6)).toMatchObject({
      leadingDeg: expect.closeTo(9.3487, 4),
      trailingDeg: expect.closeTo(2.6513, 4),
      leadingSquareDeg: expect.closeTo(8.1142, 4),
    });
  });

  it('leaves just the reserve at the feed at which it rubs', () =>
    fc.assert(
      fc.property(
        fc.double({ min: 4, max: 15, noNaN: true }),
        fc.double({ min: 2, max: 100, noNaN: true }),
        (clearance, diameter) => {
          const { rubbingFeedMm } = feedClearance(0.1, diameter, clearance, 10, 3);
          return Math.abs(feedClearance(rubbingFeedMm, diameter, clearance, 10, 3).leadingDeg - 3) < 1e-9;
        },
      ),
    ));

  it('is all of it when there is less than the reserve', () =>
    expect(feedClearance(0.1, 20, 2, 10, 3).rubbingFeedMm).toBe(0));

  it('is refused without a diameter or a pitch', () => {
    expect(() => feedClearance(0.2, 0, 10, 12, 2)).toThrow('diameter');
    expect(() => threadClearance(0, 1, 8, 60, 6)).toThrow('pitch');
  });
});
