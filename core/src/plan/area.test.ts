import { areaPlan } from './area';

describe('a flat area', () => {
  it('is covered in equal strips, with the way back in between', () => {
    const area = { lengthMm: 120, widthMm: 80, cutterMm: 16, stepoverMm: 12, feedMmMin: 110 };
    // 7 strips of 11.43; 120 and twice 2 and the cutter: 140 mm of travel, 6 ways back.
    expect(areaPlan({ ...area, returnMmMin: 400 })).toEqual({
      passes: 7,
      stepoverMm: expect.closeTo(80 / 7, 9),
      travelMm: 140,
      pathMm: 980,
      minutes: expect.closeTo(980 / 110 + (6 * 140) / 400, 9),
    });
    expect(areaPlan({ ...area, pattern: 'both-ways', ends: 'centre-clears', changeS: 3 })).toMatchObject({
      travelMm: 124,
      minutes: expect.closeTo((7 * 124) / 110 + 6 * (80 / 7 / 110 + 3 / 60), 9),
    });
    expect(areaPlan({ ...area, stepoverMm: 16, pattern: 'both-ways' }).passes).toBe(5);
  });

  it('a wider step-over takes fewer passes', () => {
    const area = { lengthMm: 120, widthMm: 80, cutterMm: 16, feedMmMin: 110, returnMmMin: 400 };
    expect(areaPlan({ ...area, stepoverMm: 12 }).minutes).toBeLessThan(
      areaPlan({ ...area, stepoverMm: 8 }).minutes,
    );
    expect(() => areaPlan({ ...area, returnMmMin: undefined, stepoverMm: 8 })).toThrow(
      'speed of the way back',
    );
  });
});
