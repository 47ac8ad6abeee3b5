import { shapeOf } from './form-shape';
import type { FormTool } from './form-tool';
import { FLY, MULTI, SPACE } from './form.fixture';
import { formKept, sharpeningError, sharpeningsLeft } from './resharpening';

describe('a form tool that is sharpened', () => {
  it('keeps its form when sharpened, but for a raked relief and for a tapered stone', () => {
    const shape = shapeOf(SPACE);
    expect(formKept(FLY, 'slides')).toBe('reset-swing');
    expect(sharpeningError(shape, FLY, 'slides', 0.2)).toBe(0);
    expect(sharpeningError(shape, FLY, 'stones', 0.2)).toBeCloseTo(-0.0425, 3);
    expect(sharpeningError(shape, { ...MULTI, rakeDeg: 0 } as FormTool, 'swing', 1)).toBe(0);
    expect(Math.abs(sharpeningError(shape, MULTI, 'slides', 1))).toBeLessThan(0.01);
  });

  it('loses 15 micrometres in 4.5 mm after 2 mm of radius on 35 with 10 degrees of rake and a drop of 4', () => {
    const reliefDeg = (Math.atan(4 / 35) * 180) / Math.PI;
    const cutter: FormTool = { ...MULTI, diameterMm: 70, reliefDeg, teeth: 8, gashDepthMm: 12 };
    const deep = shapeOf({
      kind: 'corners',
      corners: [
        [-3, 4.5, 0],
        [-1, 0, 0],
        [1, 0, 0],
        [3, 4.5, 0],
      ],
    });
    const faceMm = 2 / Math.tan((reliefDeg * Math.PI) / 180);
    expect(Math.abs(sharpeningError(deep, cutter, 'slides', faceMm)) * 1000).toBeCloseTo(15, 0);
  });

  it('has fewer sharpenings left the more was ground off its face', () => {
    expect(sharpeningsLeft(FLY, 0.25)).toBe(sharpeningsLeft(FLY) - 3);
    expect(sharpeningsLeft(FLY, 50)).toBe(0);
  });

  it('has fewer sharpenings in it with more teeth', () =>
    expect(sharpeningsLeft(MULTI)).toBeGreaterThan(sharpeningsLeft({ ...MULTI, teeth: 10 })));
});
