import { flankRelief } from '../setting/cutter-blank';
import { areaTo, formPasses, heelClearance } from './fly-cutter';

describe('a fly cutter', () => {
  const widths = [
    [0, 1],
    [1.25, 1.75],
    [2.5, 3.2],
  ] as const;

  it('clears its heel from half the angle of its body, and relieves a steep flank hardly', () => {
    expect(heelClearance(25, 6)).toBeCloseTo(6.943, 3);
    expect(flankRelief(12, 20)).toBeCloseTo(4.158, 3);
    expect(flankRelief(14, 1.40625)).toBeCloseTo(0.3506, 3);
  });

  it('shares the area of its rough passes equally', () => {
    const depths = formPasses(widths, 2.25, 3, 0.1);
    expect(depths.map((depth) => Number(depth.toFixed(3)))).toEqual([0.971, 1.649, 2.15, 2.25]);
    const areas = depths
      .slice(0, 3)
      .map((depth, i) => areaTo(widths, depth) - areaTo(widths, depths[i - 1] ?? 0));
    areas.forEach((area) => expect(area).toBeCloseTo(areas[0]!, 6));
  });

  it('refuses widths out of order and a form deeper than they reach', () => {
    expect(() =>
      formPasses(
        [
          [0, 1],
          [0, 2],
        ],
        1,
        2,
        0,
      ),
    ).toThrow('depth of a width');
    expect(() => formPasses(widths, 3, 2, 0)).toThrow('depth');
  });
});
