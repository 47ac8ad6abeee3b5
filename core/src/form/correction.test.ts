import fc from 'fast-check';
import { circularCorrection } from './circular-correction';
import { flatCorrection, turnedRadius } from './flat-correction';
import { heightError } from './height-error';
import { depthCut, rakedCutter } from './radial-rake';

const DEG = Math.PI / 180;
const radii = [10, 12, 15];

describe('a flat form tool', () => {
  it('is worked out for 10 degrees of rake and 8 of clearance', () => {
    const { faceDepthsMm, normalDepthsMm, uncorrectedRadiiMm } = flatCorrection(radii, 10, 8);
    expect(faceDepthsMm[1]).toBeCloseTo(2.0256, 4);
    expect(normalDepthsMm[2]).toBeCloseTo(4.8039, 4);
    expect(uncorrectedRadiiMm[2]).toBeCloseTo(15.2049, 4);
  });

  it('turns the wanted radii once corrected', () =>
    fc.assert(
      fc.property(
        fc.double({ min: -10, max: 20, noNaN: true }),
        fc.double({ min: 2, max: 15, noNaN: true }),
        (rake, clearance) => {
          const { faceDepthsMm } = flatCorrection(radii, rake, clearance);
          faceDepthsMm.forEach((depth, i) =>
            expect(turnedRadius(10, depth, rake * DEG)).toBeCloseTo(radii[i]!, 9),
          );
        },
      ),
    ));

  it('needs nothing along its face without rake', () =>
    flatCorrection(radii, 0, 8).faceDepthsMm.forEach((depth, i) =>
      expect(depth).toBeCloseTo(radii[i]! - 10, 12),
    ));

  it('refuses radii that are none, and a wedge that has no body', () => {
    expect(() => flatCorrection([10, 8], 5, 8)).toThrow('radius 2');
    expect(() => flatCorrection([0, 8], 5, 8)).toThrow('radius');
    expect(() => flatCorrection(radii, 40, 25)).toThrow('rake and clearance');
  });
});

describe('a circular form tool', () => {
  it('nears the flat one as it grows', () => {
    const large = circularCorrection(1e5, radii, 10, 8).toolRadiiMm;
    const flat = flatCorrection(radii, 10, 8).normalDepthsMm;
    large.forEach((radius, i) => expect(1e5 - radius).toBeCloseTo(flat[i]!, 3));
  });

  it('is raised and its face lowered by the sines', () => {
    const tool = circularCorrection(40, radii, 10, 8);
    expect(tool.centreRaisedMm).toBeCloseTo(5.567, 3);
    expect(tool.faceBelowMm).toBeCloseTo(12.361, 3);
  });

  it('refuses a form deeper than the tool', () =>
    expect(() => circularCorrection(5, [10, 20], 5, 8)).toThrow('depth'));
});

describe('a milling cutter with radial rake', () => {
  it('cuts the wanted depths once its face is corrected', () =>
    fc.assert(
      fc.property(
        fc.double({ min: -5, max: 20, noNaN: true }),
        fc.double({ min: 0.1, max: 6, noNaN: true }),
        (rake, depth) => {
          const { faceOffsetMm, faceDepthsMm } = rakedCutter(35, rake, [depth], 0);
          expect(depthCut(35, faceOffsetMm, faceDepthsMm[0]!)).toBeCloseTo(depth, 9);
        },
      ),
    ));

  it('cuts too shallow when it is left uncorrected, and true without rake', () => {
    expect(rakedCutter(35, 10, [4.5], 0).uncorrectedDepthsMm[0]).toBeLessThan(4.5);
    expect(rakedCutter(35, 0, [4.5], 4).bodyDepthsMm[0]).toBeCloseTo(4.5, 12);
  });

  it('refuses a form that reaches its face plane', () =>
    expect(() => rakedCutter(10, 30, [6], 0)).toThrow('depth of the form'));
});

describe('a tool off centre', () => {
  it('turns small, and the more the higher its rake', () => {
    const [plain, raked] = [heightError(radii, 0, 0.5), heightError(radii, 10, 0.5)];
    expect(plain.errorsMm[2]! * 1000).toBeCloseTo(-4.2, 1);
    expect(raked.errorsMm[2]! * 1000).toBeCloseTo(-33.4, 1);
    expect(plain.errorsMm[0]).toBeCloseTo(0, 12);
  });

  it('refuses a height beyond the work', () =>
    expect(() => heightError(radii, 0, 12)).toThrow('height error'));
});
