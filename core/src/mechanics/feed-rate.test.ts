import { cutTime, feedPerTurn, feedRate } from './feed-rate';

describe('rates and times', () => {
  it('multiply as they should', () => {
    expect(feedRate(0.1, 440)).toBeCloseTo(44, 9);
    expect(feedPerTurn(0.05, 4)).toBeCloseTo(0.2, 12);
    expect(
      cutTime({ lengthMm: 100, feedRateMmMin: 50, approachMm: 5, overrunMm: 5, passes: 3, betweenS: 20 }),
    ).toEqual({ perPassS: 132, totalS: 436 });
  });

  it('refuse a standstill', () =>
    expect(() => feedRate(0.1, 0)).toThrow('spindle speed must be more than 0'));

  it.each<[() => unknown, string]>([
    [() => feedRate(0, 440), 'feed must be more than 0, got 0'],
    [() => feedPerTurn(0, 4), 'feed per tooth must be more than 0, got 0'],
    [() => feedPerTurn(0.05, 0), 'teeth must be more than 0, got 0'],
    [() => cutTime({ lengthMm: 0, feedRateMmMin: 50 }), 'length must be more than 0, got 0'],
    [() => cutTime({ lengthMm: 100, feedRateMmMin: 0 }), 'feed rate must be more than 0, got 0'],
  ])('name what stands still: %#', (work, sentence) => {
    expect(work).toThrow(sentence);
  });
});
