import fc from 'fast-check';
import { governingLimit } from './governing-limit';

const nose = { name: 'nose', value: 0.2 };
const machine = { name: 'machine', value: 0.35 };
const edge = { name: 'edge', value: 0.01 };

describe('a wanted value within its limits', () => {
  it.each([
    ['between them it is taken', 0.1, 0.1, 'wanted'],
    ['on the upper it is still the wish', 0.2, 0.2, 'wanted'],
    ['above the least upper it is held there', 0.3, 0.2, 'nose'],
    ['below the greatest lower it is lifted there', 0.001, 0.01, 'edge'],
  ])('%s', (_, wanted, start, governing) =>
    expect(governingLimit([machine, nose], [{ name: 'hand', value: 0.005 }, edge], wanted)).toEqual({
      low: 0.01,
      high: 0.2,
      start,
      governing,
      conflictWith: null,
      status: 'ok',
    }),
  );

  it('without limits, or with ones that do not apply, the wish stands', () => {
    const open = { low: 0, high: null, start: 5, governing: 'wanted', conflictWith: null, status: 'ok' };
    expect(governingLimit([], [], 5)).toEqual(open);
    expect(governingLimit([{ name: 'heat', value: null }], [{ name: 'skin', value: null }], 5)).toEqual(open);
    expect(governingLimit([], [edge], 0.001)).toMatchObject({ start: 0.01, governing: 'edge', high: null });
  });

  it('of two equal limits the first named counts', () => {
    const same = { name: 'also', value: 0.2 };
    expect(governingLimit([nose, same], [], 1).governing).toBe('nose');
    expect(governingLimit([same, nose], [], 1).governing).toBe('also');
    const low = { name: 'also', value: 0.01 };
    expect(governingLimit([], [edge, low], 0).governing).toBe('edge');
    expect(governingLimit([], [low, edge], 0).governing).toBe('also');
  });

  it('a lower limit above the upper leaves no window: the upper is taken, and both are named', () => {
    const least = { name: 'edge', value: 0.3 };
    expect(governingLimit([nose], [least], 0.25)).toEqual({
      low: 0.3,
      high: 0.2,
      start: 0.2,
      governing: 'nose',
      conflictWith: 'edge',
      status: 'no-window',
    });
    const met = { name: 'edge', value: 0.2 };
    expect(governingLimit([nose], [met], 0.25)).toMatchObject({ status: 'ok', start: 0.2 });
  });

  it('never leaves its window, and never moves a wish that lies in it', () => {
    const size = fc.double({ min: 0, max: 100, noNaN: true });
    fc.assert(
      fc.property(size, size, size, (a, b, wanted) => {
        const [low, high] = [Math.min(a, b), Math.max(a, b)];
        const { start } = governingLimit([{ name: 'u', value: high }], [{ name: 'l', value: low }], wanted);
        expect(start).toBe(Math.min(high, Math.max(low, wanted)));
      }),
    );
  });
});
