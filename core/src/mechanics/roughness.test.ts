import fc from 'fast-check';
import { feedForRoughness, minChipRoughness } from './roughness';

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
