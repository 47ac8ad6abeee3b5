import fc from 'fast-check';
import { FLAT, FLY, MULTI, SPACE } from './form.fixture';
import { shapeOf } from './form-shape';
import { FORM_SOURCES, FORM_TOOLS } from './form-names';
import { toolFindings, stopsForm } from './form-findings';
import { isForTurning } from './form-tool';
import { toolFor, usualFormTool } from './usual-form-tool';

describe('the tool that is usually made', () => {
  it('turns for a gear and stands still for a thread', () => {
    expect(isForTurning(toolFor('gear'))).toBe(false);
    expect(isForTurning(toolFor('thread'))).toBe(true);
    FORM_SOURCES.forEach((source) => expect(toolFor(source).rakeDeg).toBe(0));
  });

  it.each(FORM_TOOLS)('of kind %s is made without a fault for a small gear', (kind) => {
    const shape = shapeOf(SPACE);
    const tool = usualFormTool(kind, FLY, shape.depthMm);
    expect(tool.kind).toBe(kind);
    expect(toolFindings(shape, tool).filter(stopsForm)).toEqual([]);
  });

  it('has gashes in which chips do not jam, however deep the form', () =>
    fc.assert(
      fc.property(fc.double({ min: 0.2, max: 20, noNaN: true }), (depthMm) => {
        const shape = shapeOf({ kind: 'radius', shape: 'groove', radiusMm: depthMm, depthMm });
        const codes = toolFindings(shape, usualFormTool('multi', FLY, depthMm)).map(({ code }) => code);
        expect(codes).not.toContain('chips-jam');
      }),
    ));

  it('keeps rake, clearance and the size of the work', () => {
    expect(usualFormTool('circular', { ...FLAT, smallestMm: 17 }, 3)).toMatchObject({
      smallestMm: 17,
      rakeDeg: FLAT.rakeDeg,
      clearanceDeg: FLAT.clearanceDeg,
      toolRadiusMm: 20,
    });
    expect(usualFormTool('flat', MULTI, 3)).toMatchObject({
      rakeDeg: MULTI.rakeDeg,
      clearanceDeg: MULTI.reliefDeg,
    });
    expect(usualFormTool('multi', FLY, 5)).toMatchObject({ diameterMm: 40, gashDepthMm: 9 });
  });
});
