import { stoneHeight } from './stone-height';

describe('a tapered stone', () => {
  it('is set along its axis, a fine feed of the radius', () => {
    const { aboveSmallEndMm, radiusChangePerMm } = stoneHeight(1.5, 5, 1.9);
    expect(aboveSmallEndMm).toBeCloseTo(4.572, 3);
    expect(1.5 + aboveSmallEndMm * radiusChangePerMm).toBeCloseTo(1.9, 12);
  });

  it('refuses a radius below its small end', () =>
    expect(() => stoneHeight(1.5, 5, 1)).toThrow('radius on the stone'));
});
