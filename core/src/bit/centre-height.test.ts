import fc from 'fast-check';
import { centreHeight, centreRule, heightDiameterError } from './centre-height';

describe('the height of the nose', () => {
  it('turns the angles the more the thinner the work, outside and in a bore against each other', () => {
    expect(centreHeight('outside', 0.2, 6, 0, 8)).toMatchObject({
      deltaDeg: expect.closeTo(3.82, 2),
      frontClearanceDeg: expect.closeTo(4.18, 2),
    });
    expect(centreHeight('bore', 0.2, 6, 0, 8).frontClearanceDeg).toBeCloseTo(11.82, 2);
    fc.assert(
      fc.property(
        fc.double({ min: 2, max: 200, noNaN: true }),
        (d) =>
          centreHeight('outside', 0.2, d, 0, 8).deltaDeg
          >= centreHeight('outside', 0.2, d * 1.5, 0, 8).deltaDeg,
      ),
    );
    expect(() => centreHeight('outside', 2, 3, 0, 8)).toThrow('height error');
  });

  it('makes the work too large, never too small, and leaves a pip of twice itself', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.5, max: 50, noNaN: true }),
        fc.double({ min: -0.4, max: 0.4, noNaN: true }),
        (x, e) => heightDiameterError('outside', x, e, 2 * x, 0.1).errorMm >= 0,
      ),
    );
    expect(heightDiameterError('outside', 5, -0.5, 20, 5).pipMm).toBe(1);
  });

  it('is seen on a pinched rule', () =>
    expect(centreRule(0.2, 20, 0.5, 75, 1)).toMatchObject({
      leanDeg: expect.closeTo(1.0914, 4),
      smallestSeenMm: expect.closeTo(0.1833, 4),
    }));

  it('is refused at the radius and beyond, with what is allowed', () => {
    expect(centreHeight('outside', 1.49, 3, 0, 8).deltaDeg).toBeGreaterThan(80);
    expect(() => centreHeight('outside', 1.5, 3, 0, 8)).toThrow(
      'height error must be from -1.5 to 1.5, got 1.5',
    );
    expect(() => centreHeight('outside', 0, 0, 0, 8)).toThrow('diameter must be more than 0, got 0');
    expect(() => centreRule(0, 0, 0.5, 75, 1)).toThrow('diameter must be more than 0, got 0');
  });
});
