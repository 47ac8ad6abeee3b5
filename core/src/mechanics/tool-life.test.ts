import { material } from '../material/library';
import { toolMaterial } from '../tool/library';
import { toolLife } from './tool-life';

it('ten percent faster costs high speed steel about half of its life', () => {
  const [metal, edge] = [material('low-carbon-cold-drawn'), toolMaterial('hss')];
  const life = (v: number) => toolLife(metal, edge, v, 0.2, 2, 0)!.minutes;
  expect(life(33) / life(30)).toBeCloseTo(1.1 ** -8, 3);
  expect(life(32)).toBeCloseTo((53 / 32) ** 8, 3);
});

it('carbide is told a life from its useful speed on, not below', () => {
  const at = (v: number) =>
    toolLife(material('low-carbon-cold-drawn'), toolMaterial('carbide-uncoated'), v, 0.2, 2, 60);
  expect(at(59.9)).toBeNull();
  expect(at(60)!.minutes).toBeGreaterThan(0);
});

it.each<[() => unknown, string]>([
  [
    () => toolLife(material('low-carbon-cold-drawn'), toolMaterial('hss'), 0, 0.2, 2, 0),
    'cutting speed must be more than 0, got 0',
  ],
  [
    () => toolLife(material('low-carbon-cold-drawn'), toolMaterial('hss'), 30, 0, 2, 0),
    'feed must be more than 0, got 0',
  ],
  [
    () => toolLife(material('low-carbon-cold-drawn'), toolMaterial('hss'), 30, 0.2, 0, 0),
    'depth must be more than 0, got 0',
  ],
])('an edge that does not cut is told no life: %#', (work, sentence) => {
  expect(work).toThrow(sentence);
});
