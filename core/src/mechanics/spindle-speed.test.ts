import fc from 'fast-check';
import { SHORTCUTS, shopShortcut, shopShortcutMetric, type Shortcut } from './shop-shortcut';
import { spindleSpeed, surfaceSpeed } from './spindle-speed';

const speed = fc.double({ min: 1, max: 1_000, noNaN: true });
const size = fc.double({ min: 0.2, max: 3_000, noNaN: true });

describe('spindle speed', () => {
  it('is 382 rpm for 30 m/min on 25 mm', () => expect(spindleSpeed(30, 25)).toBeCloseTo(381.97, 2));

  it('gives its cutting speed back, falls as the work grows and rises with the speed', () => {
    fc.assert(
      fc.property(speed, size, (v, d) => {
        const n = spindleSpeed(v, d);
        return (
          Math.abs(surfaceSpeed(n, d) / v - 1) < 1e-12
          && spindleSpeed(v, d * 1.01) < n
          && spindleSpeed(v * 1.01, d) > n
        );
      }),
    );
  });

  it.each([
    [0, 25],
    [-1, 25],
    [NaN, 25],
    [30, 0],
    [30, -5],
    [30, Infinity],
  ])('refuses v %d on D %d with a sentence', (v, d) =>
    expect(() => spindleSpeed(v, d)).toThrow(/must be more than 0, got/),
  );
});

it.each<[() => unknown, string]>([
  [() => spindleSpeed(0, 25), 'cutting speed must be more than 0, got 0'],
  [() => spindleSpeed(30, 0), 'diameter must be more than 0, got 0'],
  [() => surfaceSpeed(0, 25), 'spindle speed must be more than 0, got 0'],
  [() => surfaceSpeed(400, 0), 'diameter must be more than 0, got 0'],
  [() => shopShortcut('4*CS/D', 0, 1), 'cutting speed must be more than 0, got 0'],
  [() => shopShortcut('4*CS/D', 90, 0), 'diameter must be more than 0, got 0'],
])('what stands still or has no size is named: %#', (work, sentence) => {
  expect(work).toThrow(sentence);
});

describe('shop shortcuts', () => {
  it.each([
    ['4*CS/D', 4.72],
    ['3.82*CS/D', 0.0074],
    ['12*CS/(pi*D)', 0],
    ['1000*v/(pi*D)', 0],
    ['320*v/D', 0.531],
    ['300*v/D', -5.752],
  ] as const)('%s is %d %% off, whatever is cut', (name, percent) => {
    fc.assert(
      fc.property(speed, size, (v, d) => Math.abs(shopShortcut(name, v, d).errorPercent - percent) < 0.003),
    );
  });

  it('say the same from metric values', () => {
    for (const name of Object.keys(SHORTCUTS) as Shortcut[])
      expect(shopShortcutMetric(name, 30.48, 25.4).exactRpm).toBeCloseTo(spindleSpeed(30.48, 25.4), 9);
  });
});
