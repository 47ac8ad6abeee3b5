import fc from 'fast-check';
import { slenderHold, slenderLimits, type SlenderWork } from './slender-work';

const STEEL: SlenderWork = {
  diameterMm: 10,
  boreMm: 0,
  eGPa: 205,
  densityKgM3: 7850,
  rpm: 800,
  safeShare: 1 / 3,
  forceN: 7.5,
  springFactor: 1.5,
  diameterErrorMm: 0.02,
};

describe('slender work', () => {
  it('of 10 mm stands 64.5 mm out of a chuck, and 209 mm with a centre', () => {
    // E I = 205 000 × 490.87; y = 0.01; F = 11.25: L³ = 3 × 1.00629e8 × 0.01 ÷ 11.25.
    const limits = slenderLimits(STEEL);
    expect(limits.chuckMm).toBeCloseTo(64.5, 1);
    expect(limits.centreMm).toBeCloseTo(208.9, 1);
    expect(slenderHold(60, limits)).toEqual({ support: 'chuck', steadies: 0 });
    expect(slenderHold(120, limits)).toEqual({ support: 'centre', steadies: 0 });
    expect(slenderHold(400, limits)).toEqual({ support: 'steadies', steadies: 2 });
  });

  it('may be longer when it is thicker, and shorter when it turns faster or is cut harder', () =>
    fc.assert(
      fc.property(
        fc.double({ min: 3, max: 60, noNaN: true }),
        fc.double({ min: 1.05, max: 3, noNaN: true }),
        (d, k) => {
          const at = (more: Partial<SlenderWork>) => slenderLimits({ ...STEEL, diameterMm: d, ...more });
          const as = at({});
          expect(at({ diameterMm: d * k }).chuckMm).toBeGreaterThan(as.chuckMm);
          expect(at({ rpm: 800 * k }).chuckWhipMm).toBeLessThan(as.chuckWhipMm);
          expect(at({ forceN: 7.5 * k }).chuckBendMm).toBeLessThan(as.chuckBendMm);
          expect(as.centreMm).toBeGreaterThan(as.chuckMm);
        },
      ),
    ));

  it('refuses a bore larger than the work', () =>
    expect(() => slenderLimits({ ...STEEL, boreMm: 11 })).toThrow('bore'));
});
