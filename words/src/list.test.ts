import { listed } from './list';

it('puts commas between, and a word before the last', () => {
  expect(listed([])).toBe('');
  expect(listed(['side'])).toBe('side');
  expect(listed(['side', 'front'])).toBe('side and front');
  expect(listed(['side', 'front', 'top'], 'or')).toBe('side, front or top');
});
