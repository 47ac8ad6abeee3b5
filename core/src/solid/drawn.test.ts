import fc from 'fast-check';
import { cross, dot, lengthOf, minus, plus, times, unit, type Vector } from '../quantity/vector';
import { paintOrder, paintTree, type PaintTree } from './paint-order';
import { plainCut } from './plain-cut';
import { facetArea } from './read-face';
import type { Blank, Facet, SolidCut } from './solid-cut';
import { visibleEdges, type ViewFrom } from './visible-edges';

const BLOCK: Blank = { section: 'square', lengthMm: 20, widthMm: 10, heightMm: 8 };
/** A corner step: the top right quarter is taken off the front 12 mm. */
const STEP: SolidCut = { by: 'rake', keep: [{ normal: [0, 0, 1], offset: -3 }], reachMm: 12 };
/** Leans across the end, so that faces cut one another's planes. */
const SLOPE: SolidCut = { by: 'front', keep: [{ normal: unit([1, 0.4, -0.3]), offset: -2 }], reachMm: 20 };

const block = (): readonly Facet[] => plainCut(BLOCK, []).facets;
const stepped = (): readonly Facet[] => plainCut(BLOCK, [STEP]).facets;
const bit = (): readonly Facet[] => plainCut(BLOCK, [STEP, SLOPE]).facets;

const ABOVE: ViewFrom = { towards: [0, 0, 1], right: [1, 0, 0], up: [0, 1, 0] };
const RIGHT: ViewFrom = { towards: [0, -1, 0], right: [1, 0, 0], up: [0, 0, 1] };

/** A view from a direction. */
function viewFrom(direction: Vector): ViewFrom {
  const towards = unit(direction);
  const right = unit(cross([0, 0, 1], towards));
  return { towards, right, up: cross(towards, right) };
}

const anyEye = fc
  .tuple(
    fc.double({ min: 0, max: 2 * Math.PI, noNaN: true }),
    fc.double({ min: -1.4, max: 1.4, noNaN: true }),
  )
  .map(([a, h]): Vector => [Math.cos(h) * Math.cos(a), Math.cos(h) * Math.sin(a), Math.sin(h)]);

const edgeLength = ({ corners, sharp }: Facet): number =>
  corners.reduce(
    (sum, corner, i) => sum + (sharp[i] ? lengthOf(minus(corners[(i + 1) % corners.length]!, corner)) : 0),
    0,
  );
const total = (facets: readonly Facet[], of: (facet: Facet) => number): number =>
  facets.reduce((sum, facet) => sum + of(facet), 0);
const facetsOf = (tree: PaintTree | null): readonly Facet[] =>
  tree ? [...tree.facets, ...facetsOf(tree.inFront), ...facetsOf(tree.behind)] : [];

/** How far towards the eye a line through a point of the paper meets a facet; null beside it. */
function meets({ corners, normal }: Facet, { towards }: ViewFrom, through: Vector): number | null {
  const along = dot(normal, towards);
  if (along < 1e-3) return null;
  const far = dot(normal, minus(corners[0]!, through)) / along;
  const at = plus(through, times(towards, far));
  const inside = corners.every(
    (corner, i) =>
      dot(cross(minus(corners[(i + 1) % corners.length]!, corner), minus(at, corner)), normal) > 1e-6,
  );
  return inside ? far : null;
}

describe('the order of painting', () => {
  it.each([
    ['a block', block],
    ['a step', stepped],
    ['a bit', bit],
  ])('%s loses nothing when its faces are parted: no area, no edge, and gains none', (_, made) => {
    const facets = made();
    const parts = facetsOf(paintTree(facets));
    expect(total(parts, facetArea)).toBeCloseTo(total(facets, facetArea), 6);
    expect(total(parts, edgeLength)).toBeCloseTo(total(facets, edgeLength), 6);
  });

  it('paints last what is nearest, wherever it is looked at from', () =>
    fc.assert(
      fc.property(
        anyEye,
        fc.double({ min: -19, max: 0, noNaN: true }),
        fc.double({ min: -10, max: 0, noNaN: true }),
        fc.double({ min: -8, max: 0, noNaN: true }),
        (eye, x, y, z) => {
          const view = viewFrom(eye);
          const met = paintOrder(paintTree(bit()), view.towards)
            .map((facet) => meets(facet, view, [x, y, z]))
            .filter((far) => far !== null);
          return met.length === 0 || Math.max(...met) - met.at(-1)! < 1e-6;
        },
      ),
      { numRuns: 300 },
    ));

  it('paints last what is nearest all over a grid of points and eyes', () => {
    const tree = paintTree(bit());
    for (const eye of [
      [1, 0.2, 0.3],
      [0.5, -1, 0.4],
      [-0.7, 0.3, 1],
      [0.2, 0.6, -1],
      [-1, -1, -0.2],
      [1, 1, 1],
    ] as const) {
      const view = viewFrom(eye);
      const order = paintOrder(tree, view.towards);
      for (let x = -19.3; x < 0; x += 3.1)
        for (let y = -9.7; y < 0; y += 2.3)
          for (let z = -7.9; z < 0; z += 1.9) {
            const met = order.flatMap((facet) => meets(facet, view, [x, y, z]) ?? []);
            expect(met.length === 0 ? 0 : Math.max(...met) - met.at(-1)!).toBeLessThan(1e-6);
          }
    }
  });

  it('shows the faces turned to the eye alone, and nothing of nothing', () => {
    const top = paintOrder(paintTree(block()), [0, 0, 1]);
    expect(top).toHaveLength(1);
    expect(top[0]!.normal[2]).toBe(1);
    expect(paintOrder(paintTree(block()), [1, 1, 1])).toHaveLength(3);
    expect(paintOrder(paintTree([]), [0, 0, 1])).toEqual([]);
  });
});

describe('the sides of faces that are edges', () => {
  const sharpLength = (facets: readonly Facet[]): number => total(facets, edgeLength);

  it('are each edge of a block from both of its faces, and none of the seam of its pieces', () => {
    // Four of 20, 10 and 8, each in two faces.
    expect(sharpLength(block())).toBeCloseTo(2 * 4 * (20 + 10 + 8), 6);
    // The step's outline of 56 on both sides, and six edges of 10 across; the one where floor and wall meet
    // is brought by the floor alone, since the wall goes on behind it.
    const step = stepped();
    expect(sharpLength(step)).toBeCloseTo(2 * (2 * 56 + 6 * 10) - 10, 6);
    expect(step.every(({ corners, sharp }) => corners.length === sharp.length)).toBe(true);
  });

  it('are none between the flats of a rounding, and those of its two ends', () => {
    const bar = plainCut({ section: 'round', lengthMm: 20, widthMm: 10, heightMm: 10 }, []).facets;
    // A polygon of 96 sides: two ends, each from two faces.
    expect(sharpLength(bar)).toBeCloseTo(2 * 2 * 96 * 10 * Math.sin(Math.PI / 96), 6);
  });
});

describe('the edges that are seen', () => {
  const spans = (facets: readonly Facet[], view: ViewFrom) =>
    visibleEdges(facets, view)
      .map(({ x1, y1, x2, y2 }) =>
        [x1, y1, x2, y2].map((value) => Math.round(value * 100) / 100 + 0).join(' '),
      )
      .sort();

  it('of a block from above are its outline, each edge once', () => {
    const lines = visibleEdges(block(), ABOVE);
    expect(lines).toHaveLength(4);
    expect(lines.reduce((sum, { x1, y1, x2, y2 }) => sum + Math.hypot(x2 - x1, y2 - y1), 0)).toBeCloseTo(
      60,
      9,
    );
  });

  it('of a block from a corner are nine of its twelve', () => {
    expect(visibleEdges(block(), viewFrom([1, -1, 1]))).toHaveLength(9);
    expect(visibleEdges(block(), viewFrom([-1, 1, 0.7]))).toHaveLength(9);
  });

  it('of a step from the right are its outline with the step, without the seam of its pieces', () => {
    const lines = visibleEdges(stepped(), RIGHT);
    // Bottom 20, end 5, step 12, wall 3, top 8, back 8.
    expect(lines.reduce((sum, { x1, y1, x2, y2 }) => sum + Math.hypot(x2 - x1, y2 - y1), 0)).toBeCloseTo(
      56,
      6,
    );
    expect(spans(stepped(), RIGHT)).toContain('-12 -3 -12 0');
  });

  it('leave out what a nearer face hides: the bottom behind a step, from low in front', () => {
    // From the front and above, the wall of the step is seen and the end of the shank is not.
    const front: ViewFrom = { towards: [1, 0, 0], right: [0, 1, 0], up: [0, 0, 1] };
    expect(spans(stepped(), front)).toHaveLength(7);
    // From behind the step is hidden: the outline of the blank alone.
    const behind: ViewFrom = { towards: [-1, 0, 0], right: [0, -1, 0], up: [0, 0, 1] };
    expect(spans(stepped(), behind)).toHaveLength(4);
  });

  it('are shortened where they run behind a face, to a sixteenth', () => {
    // Looked at along (-1, -0.2, 1) the shank, 3 mm higher, hides 3 mm of the step's far edge.
    const view = viewFrom([-1, -0.2, 1]);
    const drawn = visibleEdges(stepped(), view).map(({ x1, y1, x2, y2 }) => Math.hypot(x2 - x1, y2 - y1));
    const of = (mm: number) => mm * Math.sqrt(1 - view.towards[0] ** 2);
    const near = (mm: number, slack: number) =>
      drawn.filter((one) => Math.abs(one - of(mm)) < of(slack)).length;
    expect(near(9, 12 / 16)).toBe(1);
    // The near edge of the step, and the bottom under it.
    expect(near(12, 1e-6)).toBe(2);
  });

  it('of a round bar are its end and no line along it', () => {
    const bar = plainCut({ section: 'round', lengthMm: 20, widthMm: 10, heightMm: 10 }, []).facets;
    const lines = visibleEdges(bar, viewFrom([1, -1, 0.5]));
    expect(lines.every(({ x1, y1, x2, y2 }) => Math.hypot(x2 - x1, y2 - y1) < 1)).toBe(true);
    expect(lines.length).toBeGreaterThan(90);
  });
});
