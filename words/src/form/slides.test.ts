import type { DialStop } from '@pike-stone/core/form';
import { sayCusps, sayDial, sayFillets, sayStops, sayTurnsBack } from './slides';

it('a place on a dial is whole turns and a mark', () => {
  expect(sayDial({ turns: 0, mark: 42 })).toBe('mark 42');
  expect(sayDial({ turns: 1, mark: 0 })).toBe('1 turn, mark 0');
  expect(sayDial({ turns: -2, mark: 97 })).toBe('-2 turns, mark 97');
});

it('what a table leaves is the cusp, the rounding, and the corners that keep more', () => {
  expect(sayStops(117, 0.005, 0.0141, 'mm')).toBe(
    '117 stops leave at most 5\u00a0µm between them; rounding to the dials adds up to 14\u00a0µm.',
  );
  expect(sayCusps(0.0036, 0.005, 'mm')).toBe(
    'Left on the form around this stop, enlarged: up to 3.6\u00a0µm. The line is 5\u00a0µm.',
  );
  const at = [0, 0] as const;
  expect(sayFillets([{ at, leftMm: 0.004 }], 0.005, 2, 'mm')).toBeNull();
  expect(sayFillets([{ at, leftMm: 0.4 }], 0.005, 2, 'mm')).toBe(
    'An inside corner keeps a fillet of 2\u00a0mm, which leaves up to 400\u00a0µm.',
  );
  const two = [0.4, 0.7].map((leftMm) => ({ at, leftMm }));
  expect(sayFillets(two, 0.005, 2, 'mm')).toMatch(/^2 inside corners keep .* 700\sµm\.$/);
});

it('a slide that turns back is named', () => {
  const zero = { turns: 0, mark: 0 };
  const stop = (xTurnsBack: boolean, yTurnsBack: boolean): DialStop => ({
    xMm: 0,
    yMm: 0,
    x: zero,
    y: zero,
    xTurnsBack,
    yTurnsBack,
  });
  expect(sayTurnsBack(stop(false, false))).toBeNull();
  expect(sayTurnsBack(stop(true, false))).toMatch(/^X turns back/);
  expect(sayTurnsBack(stop(false, true))).toMatch(/^Y turns back/);
  expect(sayTurnsBack(stop(true, true))).toMatch(/^X and Y turn back/);
});
