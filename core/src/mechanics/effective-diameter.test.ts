import { effectiveDiameter } from './effective-diameter';

describe('the largest diameter that really cuts', () => {
  it('of a ball end is small in a shallow cut and grows to the whole', () => {
    const at = (depthMm: number, tiltDeg = 0) =>
      effectiveDiameter({ cutter: 'ball', diameterMm: 10, depthMm, tiltDeg });
    expect(at(0.5)).toBeCloseTo(4.359, 3);
    expect(at(5)).toBeCloseTo(10, 9);
    expect(at(0.5, 15)).toBeGreaterThan(at(0.5));
    expect(at(0.5, 90)).toBeCloseTo(10, 9);
    expect(() => at(6)).toThrow('depth of a ball end must be from 0 to 5, got 6');
  });

  it('of a rounded corner, a countersink and a form tool', () => {
    expect(
      effectiveDiameter({ cutter: 'corner-radius', diameterMm: 20, cornerRadiusMm: 2, depthMm: 3 }),
    ).toBe(20);
    expect(
      effectiveDiameter({ cutter: 'corner-radius', diameterMm: 20, cornerRadiusMm: 2, depthMm: 2 }),
    ).toBeCloseTo(20, 9);
    expect(
      effectiveDiameter({ cutter: 'chamfer', tipDiameterMm: 1, includedAngleDeg: 90, depthMm: 3 }),
    ).toBeCloseTo(7, 9);
    expect(
      effectiveDiameter({
        cutter: 'chamfer',
        tipDiameterMm: 1,
        includedAngleDeg: 90,
        depthMm: 30,
        diameterMm: 12,
      }),
    ).toBe(12);
    expect(effectiveDiameter({ cutter: 'form', contactDiametersMm: [10, 30, 20] })).toBe(30);
    expect(() => effectiveDiameter({ cutter: 'form', contactDiametersMm: [] })).toThrow(
      'number of contact diameters must be 1 or more, got 0',
    );
  });

  it('of a ball end that is tilted, of half a corner and of a steep countersink', () => {
    expect(effectiveDiameter({ cutter: 'ball', diameterMm: 10, depthMm: 0.5, tiltDeg: 15 })).toBeCloseTo(
      6.5397,
      3,
    );
    expect(
      effectiveDiameter({ cutter: 'corner-radius', diameterMm: 20, cornerRadiusMm: 2, depthMm: 1 }),
    ).toBeCloseTo(16 + 2 * Math.sqrt(3), 9);
    expect(
      effectiveDiameter({ cutter: 'chamfer', tipDiameterMm: 1, includedAngleDeg: 60, depthMm: 3 }),
    ).toBeCloseTo(1 + 6 / Math.sqrt(3), 9);
  });

  it.each<[() => unknown, string]>([
    [
      () => effectiveDiameter({ cutter: 'ball', diameterMm: 0, depthMm: 1 }),
      'diameter must be more than 0, got 0',
    ],
    [
      () => effectiveDiameter({ cutter: 'ball', diameterMm: 10, depthMm: 0 }),
      'depth must be more than 0, got 0',
    ],
    [
      () => effectiveDiameter({ cutter: 'corner-radius', diameterMm: 0, cornerRadiusMm: 2, depthMm: 1 }),
      'diameter must be more than 0, got 0',
    ],
    [
      () => effectiveDiameter({ cutter: 'corner-radius', diameterMm: 20, cornerRadiusMm: 2, depthMm: 0 }),
      'depth must be more than 0, got 0',
    ],
    [
      () => effectiveDiameter({ cutter: 'chamfer', tipDiameterMm: 1, includedAngleDeg: 90, depthMm: 0 }),
      'depth must be more than 0, got 0',
    ],
    [
      () => effectiveDiameter({ cutter: 'form', contactDiametersMm: [10, 0] }),
      'contact diameter must be more than 0, got 0',
    ],
  ])('is refused of nothing, by name: %#', (work, sentence) => {
    expect(work).toThrow(sentence);
  });
});
