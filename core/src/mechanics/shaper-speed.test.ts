import { returnRatioAt, shaperSpeed, shaperStrokes } from './shaper-speed';

describe('a shaper', () => {
  it('strokes and speed are each other’s inverse', () => {
    const speed = shaperSpeed(40, 200, 1.5);
    expect(shaperStrokes(speed.meanCuttingMPerMin, 200, 1.5)).toBeCloseTo(40, 9);
    expect(shaperStrokes(speed.peakCuttingMPerMin, 200, 1.5, 'peak')).toBeCloseTo(40, 9);
  });

  it('a shorter stroke evens the times out, a hydraulic ram has no peak', () => {
    expect(returnRatioAt(350, 350, 1.6)).toBeCloseTo(1.6, 9);
    expect(returnRatioAt(70, 350, 1.6)).toBeLessThan(1.12);
    expect(shaperSpeed(40, 200, 1.5, 'constant')).toMatchObject({
      peakCuttingMPerMin: shaperSpeed(40, 200, 1.5, 'constant').meanCuttingMPerMin,
    });
  });

  it('refuses a stroke of nothing and a return slower than the cut', () => {
    expect(() => shaperSpeed(40, 0, 1.5)).toThrow('stroke must be more than 0');
    expect(() => shaperSpeed(40, 200, 0.8)).toThrow('return ratio');
    expect(() => shaperSpeed(40, 400, 1.5, 'crank', 350)).toThrow('stroke must be from 0 to 350');
  });

  it('the longest stroke itself is allowed, and a stroke takes as long there and back at ratio 1', () => {
    expect(shaperSpeed(40, 350, 1, 'crank', 350)).toMatchObject({ effectiveReturnRatio: 1 });
    expect(shaperSpeed(40, 200, 1)).toMatchObject({ meanCuttingMPerMin: 16, meanReturnMPerMin: 16 });
  });

  it.each<[() => unknown, string]>([
    [() => shaperSpeed(0, 200, 1.5), 'strokes must be more than 0, got 0'],
    [() => shaperSpeed(40, 200, 1.5, 'crank', 0), 'longest stroke must be more than 0, got 0'],
    [() => returnRatioAt(0, 350, 1.5), 'stroke must be more than 0, got 0'],
    [() => shaperStrokes(0, 200, 1.5), 'cutting speed must be more than 0, got 0'],
  ])('is refused without strokes, stroke or speed: %#', (work, sentence) => {
    expect(work).toThrow(sentence);
  });
});
