import { swingEllipse, swungCircle } from './swing';

describe('a swinging fixture', () => {
  it('leaves nothing without clearance, and less after the correction', () => {
    expect(swingEllipse(5, 0, -60, 60).maxDeviationMm).toBeCloseTo(0, 12);
    const { maxDeviationMm, remainingMm, correctedSwingMm } = swingEllipse(5, 10, -60, 60);
    expect(maxDeviationMm).toBeCloseTo(0.0771, 4);
    expect(remainingMm).toBeCloseTo(0.0288, 4);
    expect(correctedSwingMm).toBeCloseTo(4.9524, 4);
  });

  it('grinds very nearly a circle of another radius when the centre may move', () => {
    expect(swungCircle(5, 10, -60, 60).radiusMm).toBeCloseTo(4.957, 2);
    expect(swungCircle(5, 10, -20, 20).radiusMm).toBeCloseTo(4.928, 2);
    expect(swungCircle(5, 10, -60, 60).maxDeviationMm).toBeLessThan(0.005);
  });
});
