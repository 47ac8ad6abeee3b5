import fc from 'fast-check';
import { TOOL_MATERIALS, toolMaterial } from '../tool/library';
import { toolLife, type AgainstChart } from './tool-life';

const MIDDLE: AgainstChart = { middleMPerMin: 30, spared: 1, speedMPerMin: 30, feedShare: 1, depthShare: 1 };

it.each(TOOL_MATERIALS.map((edge) => [edge.key, edge] as const))(
  'in the middle of the chart %s lasts its usual time',
  (_, edge) => {
    const { minutes, lowMinutes, highMinutes } = toolLife(edge, MIDDLE);
    expect([minutes, lowMinutes, highMinutes]).toEqual([
      edge.life.minutes,
      edge.life.minutes / 2,
      edge.life.minutes * 2,
    ]);
  },
);

it('a coated insert in medium-carbon steel at 157 m/min, 1.5 mm deep, lasts 47 minutes', () =>
  expect(
    toolLife(toolMaterial('carbide-coated'), {
      middleMPerMin: 170,
      spared: 1,
      speedMPerMin: 157,
      feedShare: 1,
      depthShare: 0.75,
    }).minutes,
  ).toBeCloseTo(30 * ((170 / 157) * 0.75 ** -0.15) ** (1 / 0.27), 6));

it('ten percent faster costs high speed steel about half of its life', () =>
  expect(toolLife(toolMaterial('hss'), { ...MIDDLE, speedMPerMin: 33 }).minutes / 60).toBeCloseTo(
    1.1 ** -8,
    9,
  ));

it('goes down with speed, feed and depth, and up with what spares the edge', () =>
  fc.assert(
    fc.property(
      fc.constantFrom(...TOOL_MATERIALS),
      fc.constantFrom('speedMPerMin' as const, 'feedShare' as const, 'depthShare' as const),
      fc.double({ min: 1.01, max: 3, noNaN: true }),
      (edge, what, times) =>
        toolLife(edge, { ...MIDDLE, [what]: MIDDLE[what] * times }).minutes < toolLife(edge, MIDDLE).minutes
        && toolLife(edge, { ...MIDDLE, spared: 1 / times }).minutes < toolLife(edge, MIDDLE).minutes,
    ),
  ));

it.each<[Partial<AgainstChart>, string]>([
  [{ middleMPerMin: 0 }, 'speed of the chart must be more than 0, got 0'],
  [{ speedMPerMin: 0 }, 'cutting speed must be more than 0, got 0'],
  [{ feedShare: 0 }, 'feed must be more than 0, got 0'],
  [{ depthShare: 0 }, 'depth must be more than 0, got 0'],
])('an edge that does not cut is told no life: %#', (wrong, sentence) => {
  expect(() => toolLife(toolMaterial('hss'), { ...MIDDLE, ...wrong })).toThrow(sentence);
});
