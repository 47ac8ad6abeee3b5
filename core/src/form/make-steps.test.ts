import type { MakingWay } from './form-names';
import { makeSteps } from './make-steps';
import { shapeOf, type FormSource } from './form-shape';
import { correctedForm, type FormTool } from './form-tool';
import { CLOCK_WHEEL, FLY, MULTI, SPACE } from './form.fixture';

describe('the steps of making', () => {
  const keys = (source: FormSource, tool: FormTool, way: MakingWay): readonly string[] => {
    const shape = shapeOf(source);
    return makeSteps(shape, correctedForm(shape, tool), tool, way, 'silver-steel').map(({ key }) => key);
  };

  it('begin with the blank, shape it by the chosen way, and end on centre', () => {
    expect(keys(SPACE, FLY, 'slides')).toEqual([
      'blank',
      'slides',
      'inspect',
      'harden',
      'temper',
      'test',
      'hone',
      'centre',
    ]);
    expect(keys(CLOCK_WHEEL, FLY, 'stones')).toContain('stone');
    expect(keys(CLOCK_WHEEL, FLY, 'swing')).toContain('flank');
    expect(keys(SPACE, MULTI, 'slides')).toEqual(expect.arrayContaining(['gash', 'relief']));
  });

  it('set a tapered stone so that its radius at the face is the hollow', () => {
    const shape = shapeOf(CLOCK_WHEEL);
    const steps = makeSteps(shape, correctedForm(shape, FLY), FLY, 'stones', 'silver-steel');
    const stones = steps.filter((step) => step.key === 'stone');
    stones.forEach(({ smallEndMm, aboveMm, perMm, job }) =>
      expect(smallEndMm + aboveMm * perMm).toBeCloseTo(job.radiusMm, 9),
    );
    // Both hollows by one stone, though the corrected sides are fitted each by itself.
    expect(stones.map(({ job }) => job.times)).toContain(2);
  });
});
