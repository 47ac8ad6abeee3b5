import fc from 'fast-check';
import { formAngle } from './form-angle';
import { noseRounding } from './nose-radius';
import { weakSection } from './weak-section';

describe('a rounded nose', () => {
  it('stays behind the sharp corner', () => {
    expect(noseRounding(0.8, 90, 10)).toMatchObject({
      pointDeg: 80,
      alongBisectorMm: expect.closeTo(0.44458, 5),
      backMm: expect.closeTo(0.1534, 4),
      tangentMm: expect.closeTo(0.9534, 4),
    });
    expect(() => noseRounding(0, 90, 10)).toThrow('nose radius');
    expect(() => noseRounding(0.8, 110, 80)).toThrow('point angle');
  });
});

describe('a symmetric point', () => {
  it('with back rake cuts another angle than it has in plan', () => {
    expect(formAngle('outside', 45, 10, 20, 2).cutDeg).toBeCloseTo(44.926, 3);
    expect(formAngle('bore', 45, 10, 20, 2).cutDeg).toBeCloseTo(45.112, 3);
  });

  it('without it cuts what it has', () =>
    fc.assert(
      fc.property(fc.double({ min: 10, max: 60, noNaN: true }), (half) => {
        const at = formAngle('outside', half, 0, 12, 1.2);
        return Math.abs(at.cutDeg - half) < 1e-6 && Math.abs(at.inFaceDeg - half) < 1e-6;
      }),
    ));

  it('is refused deeper than its bore', () => {
    expect(() => formAngle('bore', 45, 0, 20, 11)).toThrow('depth');
    expect(() => formAngle('outside', 45, 0, 0, 1)).toThrow('diameter');
    expect(() => formAngle('outside', 90, 0, 20, 1)).toThrow('half angle');
  });
});

describe('the weakest section', () => {
  it('is as strong as its height squared', () => {
    expect(weakSection(800, 20, 10, 10, 215)).toEqual({ stressMPa: 96, springMm: expect.closeTo(0.0119, 4) });
    expect(weakSection(800, 20, 10, 5, 215).stressMPa).toBe(4 * 96);
    expect(() => weakSection(800, 20, 10, 0, 215)).toThrow('height');
  });
});
