import type { CrossSection, Manifold, ManifoldToplevel, Mesh } from 'manifold-3d';
import { cross, dot, minus, plus, times, unit, type Vector } from '../quantity/vector';
import { blankSection } from './blank';
import { box, clipped, type ConvexSolid, type HalfSpace } from './convex';
import { SMOOTH } from './sharp-edges';
import { BLANK, type Blank, type Cylinder, type Facet, type GroundSolid, type SolidCut } from './solid-cut';

/** The solid library once it has started. */
export type SolidLibrary = Pick<ManifoldToplevel, 'Manifold' | 'CrossSection'>;

/** Larger than any bit, so that a cut reaches right through it, mm. */
const BEYOND_MM = 400;
/** A round is a polygon whose flats stand off it by at most this, mm. */
const ROUND_ERROR_MM = 0.0005;

/** No face of a bit lies farther than this from where a wheel touches it, mm. */
const FACE_MM = 45;

/** Half the angle of the part of a wheel that can reach a bit; the whole of a small one. */
const reachAngle = (radiusMm: number): number =>
  radiusMm > 1.5 * FACE_MM ? Math.asin(FACE_MM / radiusMm) : Math.PI;

/**
 * Section of a round, its side towards the bit on the x axis: corners on the round, sides inside it
 * by what they may stand off. Of a large wheel only the sector that reaches the bit.
 */
function roundSection({
  radiusMm,
  standOffMm = ROUND_ERROR_MM,
}: Cylinder): readonly (readonly [number, number])[] {
  const half = reachAngle(radiusMm);
  const step = 2 * Math.acos(1 - Math.min(standOffMm / radiusMm, 0.1));
  const steps = Math.max(8, Math.ceil((2 * half) / step));
  const whole = half === Math.PI;
  const arc = Array.from({ length: whole ? steps : steps + 1 }, (_, i): readonly [number, number] => {
    const at = -half + (2 * half * i) / steps;
    return [radiusMm * Math.cos(at), radiusMm * Math.sin(at)];
  });
  return whole ? arc : [[0, 0], ...arc];
}

/** A matrix (by columns) that takes the z axis to a round's axis and its x axis towards the bit. */
function placed({ through, axis, towards }: Cylinder): Parameters<Manifold['transform']>[0] {
  const z = unit(axis);
  const x = unit(minus(towards, times(z, dot(towards, z))));
  const y = cross(z, x);
  return [...x, 0, ...y, 0, ...z, 0, ...through, 1];
}

/** Frees what the library keeps outside of JavaScript's memory. */
type Keep = <T extends Manifold | CrossSection>(made: T) => T;

function roundRemoval(library: SolidLibrary, keep: Keep, round: Cylinder): Manifold {
  const section = keep(
    new library.CrossSection([roundSection(round).map(([x, y]): [number, number] => [x, y])]),
  );
  const [from, to] = round.along ?? [-BEYOND_MM, BEYOND_MM];
  const through = plus(round.through, times(unit(round.axis), from));
  return keep(keep(section.extrude(to - from)).transform(placed({ ...round, through })));
}

const cutTo = (convex: ConvexSolid, half: HalfSpace): ConvexSolid => clipped(convex, half, BLANK);

/** What a cut takes away ahead of its reach: its rounds, or what lies outside of its flat faces. */
function removals(library: SolidLibrary, keep: Keep, cut: SolidCut): readonly Manifold[] {
  const ahead = box([-cut.reachMm, -BEYOND_MM, -BEYOND_MM], [1, BEYOND_MM, BEYOND_MM], BLANK);
  const solid = (convex: ConvexSolid): Manifold =>
    keep(
      library.Manifold.hull(
        convex.flatMap(({ corners }) => corners.map(([x, y, z]): [number, number, number] => [x, y, z])),
      ),
    );
  const whole = solid(ahead);
  if (cut.rounds) return cut.rounds.map((round) => keep(roundRemoval(library, keep, round).intersect(whole)));
  if (cut.wedges) return cut.wedges.map((wedge) => solid(wedge.reduce<ConvexSolid>(cutTo, ahead)));
  // Flat faces keep a convex part: clipped in plain code, which is quicker than plane by plane there.
  const kept = cut.keep.reduce<ConvexSolid>(cutTo, ahead);
  return [kept.length === 0 ? whole : keep(whole.subtract(solid(kept)))];
}

/** Facets of a mesh, each with the cut that left it and its edges. */
export function facetsOf(mesh: Mesh, names: ReadonlyMap<number, string>): readonly Facet[] {
  const { triVerts, vertProperties, numProp, runIndex, runOriginalID } = mesh;
  const point = (i: number): Vector => [
    vertProperties[i * numProp]!,
    vertProperties[i * numProp + 1]!,
    vertProperties[i * numProp + 2]!,
  ];
  const same = merged(mesh);
  const triangles = Array.from(runOriginalID).flatMap((id, run) => {
    const by = names.get(id) ?? BLANK;
    const [from, to] = [runIndex[run]! / 3, runIndex[run + 1]! / 3];
    return Array.from({ length: to - from }, (_, k) => {
      const indices = [0, 1, 2].map((c) => triVerts[(from + k) * 3 + c]!);
      const corners = indices.map(point);
      const normal = unit(cross(minus(corners[1]!, corners[0]!), minus(corners[2]!, corners[0]!)));
      return { corners, normal, by, indices: indices.map(same) };
    });
  });
  const across = new Map<string, (typeof triangles)[number]>();
  const side = (a: number, b: number): string => `${a} ${b}`;
  for (const triangle of triangles)
    triangle.indices.forEach((a, c) => across.set(side(a, triangle.indices[(c + 1) % 3]!), triangle));
  return triangles.map(({ corners, normal, by, indices }) => ({
    corners,
    normal,
    by,
    sharp: indices.map((a, c) => {
      const other = across.get(side(indices[(c + 1) % 3]!, a));
      return !other || dot(other.normal, normal) < SMOOTH;
    }),
  }));
}

/** The first of the vertices that stand at one point, which a mesh keeps apart. */
function merged({ mergeFromVert, mergeToVert }: Mesh): (vertex: number) => number {
  const to = new Map(Array.from(mergeFromVert, (from, i) => [from, mergeToVert[i]!]));
  return (vertex) => to.get(vertex) ?? vertex;
}

/**
 * A blank after its cuts, by the solid library: exact for flat faces, rounds to half a micrometre.
 * It pauses after each cut, so that whoever waits can be told, or give it up.
 *
 * @param library  started by whoever calls: a worker of the page, Node in a test
 */
export function* exactCuts(
  library: SolidLibrary,
  blank: Blank,
  cuts: readonly SolidCut[],
): Generator<number, GroundSolid, void> {
  const made: (Manifold | CrossSection)[] = [];
  const keep: Keep = (one) => {
    made.push(one);
    return one;
  };
  try {
    const names = new Map<number, string>();
    const named = (solid: Manifold, by: string): Manifold => {
      const own = keep(solid.asOriginal());
      names.set(own.originalID(), by);
      return own;
    };
    let solid = named(bar(library, keep, blank), BLANK);
    const removedMm3: number[] = [];
    for (const cut of cuts) {
      const before = solid.volume();
      for (const removal of removals(library, keep, cut))
        solid = keep(solid.subtract(named(removal, cut.by)));
      removedMm3.push(Math.max(0, before - solid.volume()));
      yield removedMm3.length;
    }
    return {
      facets: facetsOf(solid.getMesh(), names),
      volumeMm3: solid.volume(),
      removedMm3,
      flatOnly: false,
    };
  } finally {
    made.forEach((one) => one.delete());
  }
}

/** The blank along x, from its section. */
function bar(library: SolidLibrary, keep: Keep, blank: Blank): Manifold {
  const section = keep(
    new library.CrossSection([blankSection(blank).map(([y, z]): [number, number] => [y, z])]),
  );
  return keep(
    keep(section.extrude(blank.lengthMm)).transform([
      0,
      1,
      0,
      0,
      0,
      0,
      1,
      0,
      1,
      0,
      0,
      0,
      -blank.lengthMm,
      0,
      0,
      1,
    ]),
  );
}

/** All cuts of a blank at once. */
export function exactCut(library: SolidLibrary, blank: Blank, cuts: readonly SolidCut[]): GroundSolid {
  const made = exactCuts(library, blank, cuts);
  for (;;) {
    const { done, value } = made.next();
    if (done) return value;
  }
}
