import { median } from './median';

it('is the middle value, or the mean of the middle two, in whatever order they come', () => {
  expect(median([30, 1, 2])).toBe(2);
  expect(median([40, 1, 2, 3])).toBe(2.5);
  expect(median([7])).toBe(7);
});
