import { atLeast, OutOfRange, positive, unlessRefused, within } from './out-of-range';
import { wholeWithin } from './whole-within';

const refusal = (work: () => unknown): unknown => {
  try {
    work();
  } catch (error) {
    return error;
  }
  return null;
};

describe('a value out of range', () => {
  it('is told with its name, what was given and what is allowed', () => {
    const error = refusal(() => positive('depth', -1));
    expect(error).toBeInstanceOf(OutOfRange);
    expect(error).toBeInstanceOf(RangeError);
    expect(error).toMatchObject({ name: 'OutOfRange', what: 'depth', value: -1, least: 0, most: Infinity });
  });

  it.each<[() => unknown, string]>([
    [() => positive('depth', 0), 'depth must be more than 0, got 0'],
    [() => positive('depth', NaN), 'depth must be more than 0, got NaN'],
    [() => positive('depth', Infinity), 'depth must be more than 0, got Infinity'],
    [() => within('slip', -1, 0, 50), 'slip must be from 0 to 50, got -1'],
    [() => within('slip', 51, 0, 50), 'slip must be from 0 to 50, got 51'],
    [() => within('slip', NaN, 0, 50), 'slip must be from 0 to 50, got NaN'],
    [() => wholeWithin('teeth', 6.5, 1, 60), 'teeth must be from 1 to 60, got 6.5'],
    [() => wholeWithin('teeth', 61, 1, 60), 'teeth must be from 1 to 60, got 61'],
    [() => atLeast('taps', [1, 2], 3), 'number of taps must be 3 or more, got 2'],
  ])('is refused: %#', (work, sentence) => {
    expect(work).toThrow(sentence);
  });

  it('lets pass what lies within, its ends included', () => {
    expect(positive('depth', 1e-9)).toBe(1e-9);
    expect([0, 25, 50].map((value) => within('slip', value, 0, 50))).toEqual([0, 25, 50]);
    expect([1, 60].map((value) => wholeWithin('teeth', value, 1, 60))).toEqual([1, 60]);
    expect(atLeast('taps', [1, 2, 3], 3)).toEqual([1, 2, 3]);
  });
});

it('a refused computation gives way to another value; any other error is passed on', () => {
  expect(unlessRefused(() => positive('bore', 20), null)).toBe(20);
  expect(unlessRefused(() => positive('bore', 0), null)).toBeNull();
  const broken = () =>
    unlessRefused(() => {
      throw new TypeError('broken');
    }, null);
  expect(broken).toThrow(TypeError);
});
