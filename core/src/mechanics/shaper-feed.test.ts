import { shaperFeed } from './shaper-feed';

it('a ratchet gives whole teeth, at least one', () => {
  expect(shaperFeed(0.1, 50, 40, 0, 0.15)).toMatchObject({ ratchetTeeth: 1, feedMm: 0.15 });
  expect(shaperFeed(0.4, 50, 40)).toMatchObject({ ratchetTeeth: null, strokes: 125 });
});
