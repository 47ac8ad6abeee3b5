import fc from 'fast-check';
import { boundsOf } from '../profile/profile';
import { shapeOf } from './form-shape';
import { correctedForm, heightErrors, depthsOnTool, worstOf } from './form-tool';
import { CIRCULAR, FLAT, FLY, MULTI, SPACE } from './form.fixture';

describe('the correction of a tool', () => {
  it.each([FLY, MULTI, FLAT, CIRCULAR])('of %j cuts the wanted depth where its edge is on centre', (tool) => {
    const errors = heightErrors(shapeOf({ kind: 'chamfer', widthMm: 3, angleDeg: 45 }), tool, 0);
    expect(Math.abs(worstOf(errors).errorMm)).toBeLessThan(1e-9);
  });

  it('keeps the widths and changes the depths', () => {
    const shape = shapeOf(SPACE);
    const { toShape, worst } = correctedForm(shape, FLY);
    expect(boundsOf(toShape).right).toBeCloseTo(boundsOf(shape.profile).right, 9);
    expect(boundsOf(toShape).high).toBeCloseTo(
      boundsOf(shape.profile).high * Math.cos((12 * Math.PI) / 180),
      6,
    );
    expect(worst.errorMm).toBeGreaterThan(0.03);
  });

  it('matters more with more rake', () =>
    fc.assert(
      fc.property(fc.double({ min: 1, max: 8, noNaN: true }), (rakeDeg) => {
        const shape = shapeOf({ kind: 'chamfer', widthMm: 3, angleDeg: 45 });
        const at = (rake: number): number =>
          Math.abs(correctedForm(shape, { ...FLAT, rakeDeg: rake }).worst.errorMm);
        expect(at(rakeDeg + 2)).toBeGreaterThan(at(rakeDeg));
      }),
      { numRuns: 10 },
    ));

  it('is undone by what the tool cuts uncorrected from it', () => {
    for (const tool of [CIRCULAR, FLAT]) {
      const { toShape, uncorrected } = depthsOnTool(tool);
      expect(uncorrected(toShape(3))).toBeCloseTo(3, 9);
    }
  });
});
