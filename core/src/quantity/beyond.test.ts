import { isBeyond } from './beyond';

it('lets pass what only rounding puts above a limit', () =>
  expect([239, 240, 240.02, 240.03].map((value) => isBeyond(value, 240))).toEqual([
    false,
    false,
    false,
    true,
  ]));
