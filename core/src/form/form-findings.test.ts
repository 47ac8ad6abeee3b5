import { toolFindings } from './form-findings';
import { CLOCK_WHEEL, FLY, MULTI, SPACE } from './form.fixture';
import { shapeOf } from './form-shape';

const codes = (found: readonly { code: string }[]): readonly string[] => found.map(({ code }) => code);

describe('a tool for a form', () => {
  it('of which the heel would drag, or which has no lands, is said to be so', () => {
    const shape = shapeOf(SPACE);
    expect(codes(toolFindings(shape, { ...FLY, clearanceDeg: 7 }))).toContain('heel-drags');
    expect(codes(toolFindings(shape, { ...MULTI, teeth: 20 }))).toContain('no-land');
    expect(toolFindings(shape, MULTI)).toEqual([]);
  });

  it('of a clock wheel has flanks that rub without a taper of their own', () => {
    const wheel = shapeOf(CLOCK_WHEEL);
    expect(toolFindings(wheel, FLY)).toContainEqual(
      expect.objectContaining({ code: 'flank-rubs', reliefDeg: expect.closeTo(0.3, 1) }),
    );
  });
});
