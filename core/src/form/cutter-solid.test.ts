import { startSolid } from '../../test/start-solid';
import type { SolidLibrary } from '../solid/exact-cut';
import { cutBlankAtOnce } from './cutter-solid';
import { shapeOf } from './form-shape';
import { correctedForm } from './form-tool';
import { CIRCULAR, CLOCK_WHEEL, EDGE, FLAT, FLY, GROOVE, MULTI, SPACE } from './form.fixture';

describe('the cutter as a solid', () => {
  let library: SolidLibrary;
  beforeAll(async () => {
    library = await startSolid();
  });

  it.each([
    ['a fly cutter without rake', SPACE, FLY],
    ['a fly cutter with rake', SPACE, { ...FLY, rakeDeg: 6 }],
    ['a relieved cutter with rake', SPACE, MULTI],
    ['a clock wheel cutter', CLOCK_WHEEL, FLY],
    ['a flat form tool', EDGE, FLAT],
    ['a circular form tool', GROOVE, CIRCULAR],
  ])('%s leaves the wanted space within 2 micrometres', (_, source, tool) => {
    const cut = cutBlankAtOnce(library, shapeOf(source), tool);
    expect(cut.places.length).toBeGreaterThan(5);
    expect(cut.worstMm).toBeLessThan(0.002);
    expect(cut.tooth.length).toBeGreaterThan(50);
  });

  it('left uncorrected it leaves the error that is said', () => {
    const shape = shapeOf({ kind: 'chamfer', widthMm: 3, angleDeg: 45 });
    const said = Math.abs(correctedForm(shape, FLAT).worst.errorMm);
    const cut = cutBlankAtOnce(library, shape, FLAT, false);
    // The error is along the depth; the distance from a flank of 45 degrees is 0.707 of it.
    expect(cut.worstMm).toBeGreaterThan(0.6 * said);
    expect(cut.worstMm).toBeLessThan(1.05 * said);
  });
});
