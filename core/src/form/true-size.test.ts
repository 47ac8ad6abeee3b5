import { hiddenByLine, printFactors, trueSize } from './true-size';

describe('a template', () => {
  it('is as large as its form, its magnification and its margins', () => {
    expect(trueSize(7, 5, 20, 10, 300, 0)).toMatchObject({ widthMm: 160, heightMm: 120, pngWidthPx: 1890 });
    expect(hiddenByLine(20)).toBeCloseTo(0.0125, 9);
  });

  it('is not read from a print at the wrong setting', () => {
    expect(printFactors({ nominalMm: 100, xMm: 99.5, yMm: 100 }).x).toBeCloseTo(1.005, 3);
    expect(() => printFactors({ nominalMm: 100, xMm: 94, yMm: 80 })).toThrow('print factor');
  });
});
