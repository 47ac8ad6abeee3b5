import fc from 'fast-check';
import { specificForce, thrustRatio } from './specific-force';
import { SHARP, STEEL } from './force.fixture';

const times = fc.double({ min: 1.05, max: 4, noNaN: true });

describe('force per chip section', () => {
  it('falls with a thicker chip and with rake, rises with wear, within its bounds', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.02, max: 0.8, noNaN: true }),
        times,
        (h, k) =>
          specificForce(STEEL, SHARP, h * k, 60, 'turn-outside').kc
          < specificForce(STEEL, SHARP, h, 60, 'turn-outside').kc,
      ),
    );
    expect(specificForce(STEEL, { rakeDeg: 45, wearLandMm: 0 }, 0.2, 60, 'mill').kRake).toBe(0.7);
    expect(specificForce(STEEL, { rakeDeg: -45, wearLandMm: 0 }, 0.2, 60, 'mill').kRake).toBe(1.4);
    expect(specificForce(STEEL, { rakeDeg: 6, wearLandMm: 2 }, 0.2, 60, 'mill').kWear).toBe(1.6);
    expect([1, 1000].map((v) => specificForce(STEEL, SHARP, 0.2, v, 'mill').kSpeed)).toEqual([1.3, 0.85]);
  });

  it('is flagged where the fit was not made for so thin a chip', () => {
    expect(specificForce(STEEL, SHARP, 0.02, 60, 'mill').extrapolated).toBe(true);
    expect(specificForce(STEEL, SHARP, 0.2, 60, 'mill').extrapolated).toBe(false);
    expect(() => specificForce(STEEL, SHARP, 0, 60, 'mill')).toThrow('chip thickness');
  });

  it('pushes less with rake and more with wear', () => {
    expect(thrustRatio(STEEL, { rakeDeg: 20, wearLandMm: 0 })).toBeLessThan(thrustRatio(STEEL, SHARP));
    expect(thrustRatio(STEEL, { rakeDeg: 6, wearLandMm: 0.4 })).toBeGreaterThan(thrustRatio(STEEL, SHARP));
  });

  it('is refused for a cut that stands still', () => {
    expect(() => specificForce(STEEL, SHARP, 0.2, 0, 'mill')).toThrow(
      'cutting speed must be more than 0, got 0',
    );
  });
});
