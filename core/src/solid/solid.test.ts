import fc from 'fast-check';
import { anyAngles, GENERAL } from '../bit/bit.fixture';
import { BIT_ANGLE_KEYS } from '../bit/bit-angles';
import { anglesFromFaces, faceNormals } from '../bit/faces';
import { cross, dot, minus, plus, times, type Vector } from '../quantity/vector';
import { roundFlat } from '../grind/round-flat';
import { box, clipped, volumeOf } from './convex';
import { exactCut, type SolidLibrary } from './exact-cut';
import { paintOrder, paintTree } from './paint-order';
import { plainCut } from './plain-cut';
import { facetArea, readFace, sectionAt } from './read-face';
import { BLANK, type Blank, type Facet, type GroundSolid } from './solid-cut';
import { startSolid } from '../../test/start-solid';
import { stlOf } from './stl';

const SQUARE: Blank = { section: 'square', lengthMm: 63, widthMm: 10, heightMm: 10 };
const NOSE: Vector = [-0.2, -1.5, -0.1];
const REACH = { major: 9, minor: 15, rake: 12 } as const;

const threeCuts = (angles: typeof GENERAL) => {
  const normals = faceNormals(angles, 'right');
  return (['major', 'minor', 'rake'] as const).map((face) => ({
    by: face,
    keep: [{ normal: normals[face], offset: dot(normals[face], NOSE) }],
    reachMm: REACH[face],
  }));
};

const readAngles = (solid: GroundSolid) => {
  const normal = (face: keyof typeof REACH) => readFace(solid.facets, face, REACH[face], NOSE)!.normal;
  return anglesFromFaces({ rake: normal('rake'), major: normal('major'), minor: normal('minor') }, 'right');
};

/** How far along a ray a facet is met; NaN where it is not. */
function metAt({ corners, normal }: Facet, from: Vector, along: Vector): number {
  const t = dot(normal, minus(corners[0]!, from)) / dot(normal, along);
  const at = plus(from, times(along, t));
  const inside = corners.every((corner, i) => {
    const side = minus(corners[(i + 1) % corners.length]!, corner);
    return dot(cross(side, minus(at, corner)), normal) > 1e-9;
  });
  return inside ? t : NaN;
}

let library: SolidLibrary;
beforeAll(async () => {
  library = await startSolid();
});

describe('a solid cut by planes', () => {
  it('loses what lies outside of them', () => {
    const cube = box([0, 0, 0], [2, 2, 2], BLANK);
    expect(volumeOf(cube)).toBeCloseTo(8, 12);
    const half = clipped(cube, { normal: [Math.SQRT1_2, Math.SQRT1_2, 0], offset: Math.SQRT2 }, 'cut');
    expect(volumeOf(half)).toBeCloseTo(4, 9);
    expect(half.filter(({ by }) => by === 'cut')).toHaveLength(1);
    expect(clipped(cube, { normal: [1, 0, 0], offset: 3 }, 'cut')).toBe(cube);
    expect(clipped(cube, { normal: [1, 0, 0], offset: -1 }, 'cut')).toEqual([]);
  });

  it('takes as much in plain code as by the solid library', () => {
    const cuts = threeCuts(GENERAL);
    const [plain, exact] = [plainCut(SQUARE, cuts), exactCut(library, SQUARE, cuts)];
    expect(plain.volumeMm3).toBeCloseTo(exact.volumeMm3, 6);
    plain.removedMm3.forEach((one, i) => expect(one).toBeCloseTo(exact.removedMm3[i]!, 6));
    expect(plain.flatOnly).toBe(false);
  });

  it('shows the angles it was cut to, in either way, to a fiftieth of a degree', () => {
    fc.assert(
      fc.property(anyAngles, (angles) => {
        const cuts = threeCuts(angles);
        return [plainCut(SQUARE, cuts), exactCut(library, SQUARE, cuts)].every((solid) => {
          const read = readAngles(solid);
          return BIT_ANGLE_KEYS.every((key) => Math.abs(read[key] - angles[key]) < 0.02);
        });
      }),
      { numRuns: 25 },
    );
  });

  it('of a round blank leaves the flat of the formula', () => {
    const round: Blank = { section: 'round', lengthMm: 40, widthMm: 8, heightMm: 8 };
    const cut = { by: 'flat', keep: [{ normal: [0, 0, 1], offset: -1 } as const], reachMm: 10 };
    const { removedMm3 } = exactCut(library, round, [cut]);
    expect(removedMm3[0]! / 10).toBeCloseTo(roundFlat(8, 1).removedMm2, 1);
    expect(plainCut(round, [cut]).removedMm3[0]).toBeCloseTo(removedMm3[0]!, 3);
  });
});

describe('a solid cut by a wheel', () => {
  const hollowed = (radiusMm: number) =>
    exactCut(library, SQUARE, [
      {
        by: 'side',
        keep: [{ normal: [0, 1, 0], offset: 0 }],
        reachMm: 20,
        rounds: [
          { through: [0, Math.sqrt(radiusMm ** 2 - 25), -5], axis: [1, 0, 0], towards: [0, -1, 0], radiusMm },
        ],
      },
    ]);

  it('shows the wheel and the chord in the face', () => {
    const face = readFace(hollowed(75).facets, 'side', 20, [0, 0, 0])!;
    expect(face.hollow!.radiusMm).toBeCloseTo(75, 0);
    expect(face.hollow!.sagittaMm).toBeCloseTo(0.1668, 2);
    expect(face.widthMm).toBeCloseTo(10, 1);
    expect(face.normal[1]).toBeCloseTo(1, 6);
  });

  it('loses the segments under the chord', () => {
    const { removedMm3 } = hollowed(75);
    // 1.1135 mm² of segment for each mm of the 20 mm reach.
    expect(removedMm3[0]!).toBeCloseTo(20 * 1.1135, 0);
  });

  it('by a small stone too, all round', () => {
    const { removedMm3 } = exactCut(library, SQUARE, [
      {
        by: 'groove',
        keep: [],
        reachMm: 20,
        rounds: [{ through: [0, -5, 0], axis: [1, 0, 0], towards: [0, 0, -1], radiusMm: 2 }],
      },
    ]);
    expect(removedMm3[0]!).toBeCloseTo(20 * Math.PI * 2, 0);
  });

  it('is left flat in plain code, and says so', () => {
    const solid = plainCut(SQUARE, [
      {
        by: 'groove',
        keep: [],
        reachMm: 20,
        rounds: [{ through: [0, -5, 0], axis: [1, 0, 0], towards: [0, 0, -1], radiusMm: 2 }],
      },
    ]);
    expect(solid).toMatchObject({ flatOnly: true, removedMm3: [0] });
  });
});

describe('reading a solid', () => {
  it('finds nothing of a face that a later grind took', () => {
    const plane = (by: string, offset: number) => ({
      by,
      keep: [{ normal: [1, 0, 0] as const, offset }],
      reachMm: 30,
    });
    const solid = exactCut(library, SQUARE, [plane('first', -1), plane('second', -2)]);
    expect(readFace(solid.facets, 'first', 30, NOSE)).toBeNull();
    expect(readFace(solid.facets, 'second', 30, NOSE)!.areaMm2).toBeCloseTo(100, 3);
  });

  it('cuts a section square to the shank', () => {
    const { facets } = exactCut(library, SQUARE, threeCuts(GENERAL));
    expect(sectionAt(facets, -40.01)).toMatchObject({
      areaMm2: expect.closeTo(100, 3),
      widthMm: expect.closeTo(10, 4),
    });
    expect(sectionAt(facets, -3.01).areaMm2).toBeLessThan(80);
    expect(sectionAt(facets, 5)).toMatchObject({ areaMm2: 0, widthMm: 0 });
  });

  it('paints every face turned to the eye, the near after the far', () => {
    const { facets } = exactCut(library, SQUARE, threeCuts(GENERAL));
    const eye: Vector = [0.6, 0.6, 0.5];
    const order = paintOrder(paintTree(facets), eye);
    const seen = facets.filter((facet) => dot(facet.normal, eye) > 1e-6);
    const area = (list: typeof facets) => list.reduce((sum, facet) => sum + facetArea(facet), 0);
    expect(area(order)).toBeCloseTo(area(seen), 2);
    // From the middle of each facet towards the eye nothing is met that was painted before it.
    for (const [i, { corners }] of order.entries()) {
      const middle = times(corners.reduce(plus), 1 / corners.length);
      const hidden = order.slice(0, i).some((early) => metAt(early, middle, eye) > 1e-4);
      expect(hidden).toBe(false);
    }
    expect(paintOrder(null, eye)).toEqual([]);
  });

  it('writes a file of triangles that closes', () => {
    const { facets, volumeMm3 } = exactCut(library, SQUARE, threeCuts(GENERAL));
    const bytes = stlOf(facets, 'bit');
    const view = new DataView(bytes.buffer);
    const triangles = view.getUint32(80, true);
    expect(bytes).toHaveLength(84 + 50 * triangles);
    const at = (t: number, corner: number): Vector => {
      const from = 84 + 50 * t + 12 + 12 * corner;
      return [view.getFloat32(from, true), view.getFloat32(from + 4, true), view.getFloat32(from + 8, true)];
    };
    const volume = Array.from({ length: triangles }, (_, t) => {
      const [a, b, c] = [at(t, 0), at(t, 1), at(t, 2)];
      return (
        (a[0] * (b[1] * c[2] - b[2] * c[1])
          + a[1] * (b[2] * c[0] - b[0] * c[2])
          + a[2] * (b[0] * c[1] - b[1] * c[0]))
        / 6
      );
    }).reduce((sum, one) => sum + one, 0);
    expect(volume).toBeCloseTo(volumeMm3, 1);
  });

  it('refuses a blank without a size', () =>
    expect(() => plainCut({ ...SQUARE, widthMm: 0 }, [])).toThrow('width of the blank'));
});
