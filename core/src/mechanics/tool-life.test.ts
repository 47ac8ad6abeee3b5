import { material } from '../material/library';
import { toolLife } from './tool-life';
import { toolMaterial } from '../tool/library';

it('ten percent faster costs high speed steel about half of its life', () => {
  const [metal, edge] = [material('low-carbon-cold-drawn'), toolMaterial('hss')];
  const life = (v: number) => toolLife(metal, edge, v, 0.2, 2, 0)!.minutes;
  expect(life(33) / life(30)).toBeCloseTo(1.1 ** -8, 3);
  expect(life(32)).toBeCloseTo((53 / 32) ** 8, 3);
});
