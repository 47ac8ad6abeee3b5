import { SIGN_KEYS } from '@pike-stone/core/learn';
import { SIGN_DRAWINGS } from './sign-drawings';

const FIELD = 64;

it.each(SIGN_KEYS)('%s is drawn, and stays on its field', (key) => {
  const strokes = SIGN_DRAWINGS[key];
  expect(strokes.length).toBeGreaterThan(0);
  for (const { d } of strokes) {
    expect(d).toMatch(/^M/);
    // Absolute places only: what is drawn from where the pen stands begins with a small letter.
    for (const [, x, y] of d.matchAll(/[ML]\s?(-?[\d.]+)[ ,](-?[\d.]+)/g))
      for (const place of [Number(x), Number(y)]) {
        expect(place).toBeGreaterThanOrEqual(0);
        expect(place).toBeLessThanOrEqual(FIELD);
      }
  }
});

it('no two signs look alike', () => {
  const drawn = SIGN_KEYS.map((key) => SIGN_DRAWINGS[key].map(({ d, colour = '' }) => d + colour).join());
  expect(new Set(drawn).size).toBe(SIGN_KEYS.length);
});

it('only what stops a cut is drawn in the colour of danger', () => {
  const danger = SIGN_KEYS.filter((key) => SIGN_DRAWINGS[key].some(({ as }) => as === 'danger'));
  expect(danger.sort()).toEqual(
    ['bang-on-entry', 'edge-flew', 'ribbon-winding', 'smoke-oil', 'spindle-stalls', 'work-moved'].sort(),
  );
});
