import {
  BLANK,
  cross,
  dot,
  paintOrder,
  type Facet,
  type PaintTree,
  type Vector,
} from '@pike-stone/core/grind';

/** Where a solid is looked at from, far away. */
export interface Eye {
  /** Direction from the solid to the eye. */
  readonly towards: Vector;
  readonly right: Vector;
  readonly up: Vector;
}

const RAD = Math.PI / 180;

/** The eye at an azimuth from x towards y and a height above the level, degrees. */
export function eyeAt(azimuthDeg: number, heightDeg: number): Eye {
  const [a, h] = [azimuthDeg * RAD, heightDeg * RAD];
  const towards: Vector = [Math.cos(h) * Math.cos(a), Math.cos(h) * Math.sin(a), Math.sin(h)];
  const right: Vector = [-Math.sin(a), Math.cos(a), 0];
  return { towards, right, up: cross(towards, right) };
}

/** The three views of a drawing: from above, from the right, and onto the nose. */
export const VIEWS = {
  plan: { towards: [0, 0, 1], right: [1, 0, 0], up: [0, 1, 0] },
  side: { towards: [0, -1, 0], right: [1, 0, 0], up: [0, 0, 1] },
  end: { towards: [1, 0, 0], right: [0, 1, 0], up: [0, 0, 1] },
} as const satisfies Readonly<Record<string, Eye>>;

/** What is drawn of facets that follow one another in one colour: their area, and their edges. */
export interface Stroke {
  readonly by: string;
  /** How much light falls on it, 0 to 1 in a few steps. */
  readonly light: number;
  readonly area: string;
  readonly edges: string;
}

/** Where the corners of a solid come to stand on the paper, px. */
export interface Placing {
  readonly eye: Eye;
  readonly scale: number;
  /** Of the origin of the shank frame. */
  readonly x: number;
  readonly y: number;
}

export const onPaper = ({ eye, scale, x, y }: Placing, point: Vector): readonly [number, number] => [
  x + dot(eye.right, point) * scale,
  y - dot(eye.up, point) * scale,
];

type PaperPoint = readonly [number, number];

/** The two points that lie farthest from each other; null of fewer than two. */
export function farthestApart(points: readonly PaperPoint[]): readonly [PaperPoint, PaperPoint] | null {
  let found: readonly [PaperPoint, PaperPoint] | null = null;
  let most = 0;
  points.forEach((one, i) => {
    for (const other of points.slice(i + 1)) {
      const distance = Math.hypot(other[0] - one[0], other[1] - one[1]);
      if (distance > most) {
        most = distance;
        found = [one, other];
      }
    }
  });
  return found;
}

const LIGHT_FROM: Vector = [0.35, -0.45, 0.82];
const LIGHT_STEPS = 6;
const lightOn = (normal: Vector): number =>
  Math.round(((dot(normal, LIGHT_FROM) + 1) / 2) * LIGHT_STEPS) / LIGHT_STEPS;

const place = (value: number): string => value.toFixed(1);

/** The strokes of a solid from the farthest to the nearest. */
export function strokesOf(tree: PaintTree | null, placing: Placing): readonly Stroke[] {
  const strokes: { by: string; light: number; area: string; edges: string }[] = [];
  for (const facet of paintOrder(tree, placing.eye.towards)) {
    const light = lightOn(facet.normal);
    const last = strokes.at(-1);
    const stroke =
      last && last.by === facet.by && last.light === light
        ? last
        : strokes[strokes.push({ by: facet.by, light, area: '', edges: '' }) - 1]!;
    draw(stroke, facet, placing);
  }
  return strokes;
}

function draw(stroke: { area: string; edges: string }, facet: Facet, placing: Placing): void {
  const points = facet.corners.map((corner) => onPaper(placing, corner));
  stroke.area += `M${points.map(([x, y]) => `${place(x)} ${place(y)}`).join('L')}Z`;
  points.forEach(([x, y], i) => {
    if (!facet.sharp[i]) return;
    const [nextX, nextY] = points[(i + 1) % points.length]!;
    stroke.edges += `M${place(x)} ${place(y)}L${place(nextX)} ${place(nextY)}`;
  });
}

export const isBlank = ({ by }: { readonly by: string }): boolean => by === BLANK;
