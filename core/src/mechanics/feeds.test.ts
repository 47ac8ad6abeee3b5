import fc from 'fast-check';
import { MATERIALS, material } from '../material/library';
import { TOOL_MATERIALS, toolMaterial } from '../tool/library';
import { drillFeed, drillFeedByTable, drillPoint } from './drill-feed';
import { effectiveDiameter } from './effective-diameter';
import { cutTime, feedPerTurn, feedRate } from './feed-rate';
import { feedPerTooth, type CutterUse } from './feed-per-tooth';
import { roundInsertChip, straightEdgeChip } from './turning-feed';

const steel = material('low-carbon-cold-drawn');
const hss = toolMaterial('hss');

describe('feed per tooth', () => {
  it('grows with a shank cutter up to its cap', () => {
    expect(feedPerTooth(steel, hss, 'end-mill-side', 12)).toBeCloseTo(0.072, 9);
    expect(feedPerTooth(steel, hss, 'end-mill-side', 60)).toBe(0.15);
    expect(feedPerTooth(steel, hss, 'end-mill-side', 0.5)).toBe(0.008);
  });

  it('is gentler in a slot than at the side, and in carbide than in HSS', () => {
    expect(feedPerTooth(steel, hss, 'end-mill-slot', 10)).toBeLessThan(
      feedPerTooth(steel, hss, 'end-mill-side', 10),
    );
    expect(feedPerTooth(steel, toolMaterial('solid-carbide'), 'end-mill-side', 10)).toBeLessThan(
      feedPerTooth(steel, hss, 'end-mill-side', 10),
    );
  });

  it('stays between a floor and a cap for every metal, tool material and cutter', () => {
    const uses: readonly CutterUse[] = [
      'end-mill-side',
      'end-mill-slot',
      'roughing-end-mill',
      'plunge',
      'form-or-gear',
      't-slot-or-dovetail',
      'face-mill',
      'fly-cutter',
      'side-and-face',
      'slitting-saw',
    ];
    fc.assert(
      fc.property(
        fc.constantFrom(...MATERIALS),
        fc.constantFrom(...TOOL_MATERIALS),
        fc.constantFrom(...uses),
        fc.double({ min: 0.2, max: 500, noNaN: true }),
        (metal, edge, use, d) => {
          const fz = feedPerTooth(metal, edge, use, d, 2);
          return fz >= 0.005 && fz <= 0.26;
        },
      ),
    );
  });

  it('asks for the width of a saw', () => {
    expect(() => feedPerTooth(steel, hss, 'slitting-saw', 80)).toThrow('saw width must be more than 0');
  });
});

describe('drill feed', () => {
  it('follows the diameter and the metal, usable from half to one and a half times', () => {
    expect(drillFeed(material('medium-carbon'), 10)).toMatchObject({
      feedMmRev: expect.closeTo(0.1704, 4),
      lowMmRev: expect.closeTo(0.0852, 4),
      highMmRev: expect.closeTo(0.2555, 4),
    });
  });

  it('the table is linear between its rows, proportional below and level above them', () => {
    expect(drillFeedByTable(9, 'mild-steel')).toBeCloseTo(0.175, 9);
    expect(drillFeedByTable(0.5, 'mild-steel')).toBeCloseTo(0.01, 9);
    expect(drillFeedByTable(80, 'mild-steel')).toBe(0.5);
    expect(drillFeedByTable(10, 'mild-steel', true)).toBeCloseTo(0.133, 9);
  });

  it('has a row for every metal of the library, within reach of the formula', () => {
    for (const metal of MATERIALS) {
      const share = drillFeedByTable(10, metal.drillGroup) / drillFeed(metal, 10).feedMmRev;
      expect([metal.key, share > 0.4 && share < 2.5]).toEqual([metal.key, true]);
    }
  });

  it('knows the length of a point', () => {
    expect(drillPoint(10, 118)).toBeCloseTo(3.004, 3);
    expect(drillPoint(10, 90, 2)).toBeCloseTo(4, 9);
  });
});

describe('rates and times', () => {
  it('multiply as they should', () => {
    expect(feedRate(0.1, 440)).toBeCloseTo(44, 9);
    expect(feedPerTurn(0.05, 4)).toBeCloseTo(0.2, 12);
    expect(
      cutTime({ lengthMm: 100, feedRateMmMin: 50, approachMm: 5, overrunMm: 5, passes: 3, betweenS: 20 }),
    ).toEqual({ perPassS: 132, totalS: 436 });
  });

  it('refuse a standstill', () =>
    expect(() => feedRate(0.1, 0)).toThrow('spindle speed must be more than 0'));
});

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
});

describe('the chip of a turning edge', () => {
  it('keeps its section whatever the angle or the shape of the edge', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.02, max: 1, noNaN: true }),
        fc.double({ min: 0.1, max: 4, noNaN: true }),
        fc.double({ min: 20, max: 120, noNaN: true }),
        (f, ap, kappa) => {
          const straight = straightEdgeChip(f, ap, kappa);
          const round = roundInsertChip(f, ap, 12);
          return (
            Math.abs(straight.widthMm * straight.meanMm - f * ap) < 1e-9
            && Math.abs(round.widthMm * round.meanMm - f * ap) < 1e-9
            && round.meanMm <= round.maxMm + 1e-12
          );
        },
      ),
    );
  });

  it('refuses a depth of more than half a round insert', () =>
    expect(() => roundInsertChip(0.2, 7, 12)).toThrow('depth must be from 0 to 6, got 7'));
});
