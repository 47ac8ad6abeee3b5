import { cutPasses, widthsOf } from './cut-passes';
import { areaTo } from './fly-cutter';
import { shapeOf } from './form-shape';
import { SMALL_GEAR, SPACE } from './form.fixture';

describe('the passes of a form', () => {
  it('take about equal areas, end at the whole depth, and are more in steel', () => {
    const shape = shapeOf({ ...SPACE, gear: { ...SMALL_GEAR, size: 1.5 }, formTeeth: 20 });
    const [brass, steel] = [cutPasses(shape, 'brass'), cutPasses(shape, 'steel')];
    expect(steel.length).toBeGreaterThan(brass.length);
    expect(steel.at(-1)).toBeCloseTo(shape.depthMm, 9);
    const widths = widthsOf(shape);
    const areas = steel
      .slice(0, -1)
      .map((depth, i) => areaTo(widths, depth) - areaTo(widths, steel[i - 1] ?? 0));
    areas.forEach((area) => expect(area).toBeLessThanOrEqual(0.5 + 1e-6));
    expect(Math.max(...areas) - Math.min(...areas)).toBeLessThan(1e-6);
  });

  it('is one in brass up to module 0.6', () =>
    expect(
      cutPasses(shapeOf({ ...SPACE, gear: { ...SMALL_GEAR, size: 0.6 }, formTeeth: 20 }), 'brass'),
    ).toHaveLength(1));
});
