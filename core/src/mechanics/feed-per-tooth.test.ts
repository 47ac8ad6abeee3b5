import fc from 'fast-check';
import { MATERIALS, material } from '../material/library';
import { TOOL_MATERIALS, toolMaterial } from '../tool/library';
import { type CutterUse, feedPerTooth } from './feed-per-tooth';

const steel = material('low-carbon-cold-drawn');
const hss = toolMaterial('hss');

describe('feed per tooth', () => {
  it('grows with a shank cutter up to its cap', () => {
    expect(feedPerTooth(steel, hss, 'end-mill-side', 12)).toBeCloseTo(0.072, 9);
    expect(feedPerTooth(steel, hss, 'end-mill-side', 60)).toBe(0.15);
    expect(feedPerTooth(steel, hss, 'end-mill-side', 0.8)).toBe(0.008);
    expect(feedPerTooth(steel, hss, 'end-mill-side', 0.5)).toBe(0.005);
  });

  it('is never over an eightieth of the diameter of a shank cutter, however small', () =>
    fc.assert(
      fc.property(
        fc.constantFrom(...MATERIALS),
        fc.constantFrom(...TOOL_MATERIALS),
        fc.double({ min: 0.2, max: 30, noNaN: true }),
        (metal, edge, d) => feedPerTooth(metal, edge, 'end-mill-side', d) <= d / 80,
      ),
    ));

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
          return fz >= Math.min(0.005, 0.01 * d) && fz <= 0.26;
        },
      ),
    );
  });

  it('asks for the width of a saw', () => {
    expect(() => feedPerTooth(steel, hss, 'slitting-saw', 80)).toThrow('saw width must be more than 0');
  });

  it('of a disc cutter follows the metal alone, of carbide to a coarser cap', () => {
    expect(feedPerTooth(steel, hss, 'side-and-face', 80)).toBeCloseTo(0.048, 9);
    expect(feedPerTooth(steel, toolMaterial('solid-carbide'), 'end-mill-side', 60)).toBeCloseTo(0.195, 9);
    expect(() => feedPerTooth(steel, hss, 'end-mill-side', 0)).toThrow(
      'cutter diameter must be more than 0, got 0',
    );
  });
});
