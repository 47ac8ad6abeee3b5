import fc from 'fast-check';
import { depthByMillingPower, millingForce, millingPower } from './milling-force';
import { MILL, SHARP, STEEL } from './force.fixture';

describe('milling', () => {
  it('power rises with depth, width, feed and speed', () => {
    const base = millingPower(STEEL, SHARP, { ...MILL, aeMm: 3 }).powerKw;
    for (const more of [{ apMm: 6, aeMm: 3 }, { aeMm: 5 }, { fzMm: 0.06, aeMm: 3 }, { rpm: 900, aeMm: 3 }])
      expect(millingPower(STEEL, SHARP, { ...MILL, ...more }).powerKw).toBeGreaterThan(base);
  });

  it('a full slot has half of the teeth in it, a narrow cut less than one: it hammers', () => {
    expect(millingPower(STEEL, SHARP, MILL).teethInCut).toBeCloseTo(2, 9);
    expect(millingPower(STEEL, SHARP, { ...MILL, aeMm: 0.6 }).teethInCut).toBeLessThan(1);
  });

  it('more teeth at one feed per tooth smooth the peak toward the mean', () => {
    const share = (teeth: number) => {
      const r = millingForce(STEEL, SHARP, { ...MILL, teeth });
      return r.peakPowerKw / r.powerKw;
    };
    expect(share(8)).toBeLessThan(share(2));
    expect(share(8)).toBeGreaterThanOrEqual(1 - 1e-3);
  });

  it('a cutter refuses a width above its diameter, and its peak is never under its mean', () => {
    const mill = { ...MILL, aeMm: 3 };
    expect(() => millingForce(STEEL, SHARP, { ...mill, aeMm: 13 })).toThrow(
      'width of cut must be from 0 to 12',
    );
    fc.assert(
      fc.property(
        fc.double({ min: 0.1, max: 12, noNaN: true }),
        fc.integer({ min: 1, max: 8 }),
        (aeMm, teeth) => {
          const r = millingForce(STEEL, SHARP, { ...mill, aeMm, teeth });
          expect(r.peakPowerKw).toBeGreaterThanOrEqual(r.powerKw * 0.999);
        },
      ),
    );
  });

  it('the depth that takes all the power takes it when it is cut', () => {
    const full = millingForce(STEEL, SHARP, MILL);
    const apMm = depthByMillingPower({ powerKw: 0.4 }, full, MILL.aeMm);
    expect(millingPower(STEEL, SHARP, { ...MILL, apMm }).powerKw).toBeCloseTo(0.4, 9);
  });

  it.each<[() => unknown, string]>([
    [() => millingPower(STEEL, SHARP, { ...MILL, aeMm: 0 }), 'width of cut must be more than 0, got 0'],
    [
      () => millingPower(STEEL, SHARP, { ...MILL, diameterMm: 0 }),
      'cutter diameter must be more than 0, got 0',
    ],
  ])('refuses a cut or a cutter of nothing: %#', (work, sentence) => {
    expect(work).toThrow(sentence);
  });
});
