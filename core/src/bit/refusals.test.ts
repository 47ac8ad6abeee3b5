import { boreClearance, boreOutline, secondClearance, smallestBore } from './bore-clearance';
import { grooveDepth, groundBack, untilRecut } from './chip-groove';
import { clearanceAtEdge } from './clearance';
import { threadClearance } from './feed-clearance';
import { formAngle } from './form-angle';
import { weakSection } from './weak-section';

const SECTION = { primaryDeg: 10, heelMm: 6, heightErrorMm: 0 };
const GROOVE = { landMm: 0.2, widthMm: 2, radiusMm: 3 };

it.each<[string, () => unknown]>([
  ['bore', () => boreOutline(SECTION, 0)],
  ['bore', () => boreClearance(SECTION, 0)],
  ['front clearance', () => boreClearance({ ...SECTION, primaryDeg: 0 }, 30)],
  ['front clearance', () => smallestBore({ ...SECTION, primaryDeg: 81 }, 0)],
  ['depth of the heel', () => smallestBore({ ...SECTION, heelMm: 0 }, 0)],
  ['bore', () => secondClearance(SECTION, 1, 0, 0.2)],
  ['front clearance', () => secondClearance({ ...SECTION, primaryDeg: 0 }, 1, 30, 0.2)],
  ['land', () => grooveDepth({ ...GROOVE, landMm: -1 })],
  ['groove width', () => grooveDepth({ ...GROOVE, widthMm: 0 })],
  ['groove radius', () => grooveDepth({ ...GROOVE, radiusMm: 0 })],
  ['wedge', () => groundBack(50, GROOVE, 40, 0.1)],
  ['stock', () => groundBack(10, GROOVE, 8, -0.1)],
  ['stock of a regrind', () => untilRecut(10, GROOVE, 8, 5, 0)],
  ['cutting edge angle', () => clearanceAtEdge(8, 0, 5)],
  ['pitch', () => threadClearance(0, 1, 10, 60, 6)],
  ['starts', () => threadClearance(1, 0, 10, 60, 6)],
  ['half angle', () => formAngle('outside', 0, 5, 20, 1)],
  ['depth', () => formAngle('outside', 30, 5, 20, 0)],
  ['width', () => weakSection(100, 10, 0, 5, 210)],
  ['height', () => weakSection(100, 10, 5, 0, 210)],
  ['overhang', () => weakSection(100, 0, 5, 5, 210)],
  ['modulus', () => weakSection(100, 10, 5, 5, 0)],
])('%s that no bit has is refused by its name', (name, compute) =>
  expect(compute).toThrow(new RegExp(`^${name} must be`)),
);
