import { shaperFeed } from './shaper-feed';

it('a ratchet gives whole teeth, at least one', () => {
  expect(shaperFeed(0.1, 50, 40, 0, 0.15)).toMatchObject({ ratchetTeeth: 1, feedMm: 0.15 });
  expect(shaperFeed(0.4, 50, 40)).toMatchObject({ ratchetTeeth: null, strokes: 125 });
});

it('whole teeth are whole, a little binary short or not', () => {
  // 0.3 / 0.1 is a little under 3 in binary.
  expect(shaperFeed(0.3, 50, 40, 0, 0.1)).toMatchObject({ ratchetTeeth: 3, strokes: 167 });
});

it.each<[() => unknown, string]>([
  [() => shaperFeed(0, 50, 40), 'feed must be more than 0, got 0'],
  [() => shaperFeed(0.4, 0, 40), 'width must be more than 0, got 0'],
  [() => shaperFeed(0.4, 50, 0), 'strokes must be more than 0, got 0'],
  [() => shaperFeed(0.4, 50, 40, 0, 0), 'pawl step must be more than 0, got 0'],
])('a feed, a width or a shaper that stands still is refused: %#', (work, sentence) => {
  expect(work).toThrow(sentence);
});
