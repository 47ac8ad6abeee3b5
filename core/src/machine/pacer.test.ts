import fc from 'fast-check';
import { handFeed } from './hand-feed';
import { pace } from './pacer';

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
