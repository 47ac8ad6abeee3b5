import DxfParser, {
  type IArcEntity,
  type ICircleEntity,
  type IEntity,
  type ILineEntity,
  type ILwpolylineEntity,
  type IPolylineEntity,
} from 'dxf-parser';
import svgpath from 'svgpath';

/**
 * Lines and arcs of a drawing file, in the unit of the file, y upward. This module shares no code with the pages: it
 * comes when a file is opened.
 */
export interface DrawnPiece {
  readonly from: readonly [number, number];
  readonly to: readonly [number, number];
  /** tan(sweep / 4), 0 for a line; positive to the left. */
  readonly bulge: number;
}

export interface Drawing {
  readonly pieces: readonly DrawnPiece[];
  /** mm of one unit, or null where the file does not say: then it must be asked. */
  readonly mmPerUnit: number | null;
}

/** More than this is no profile but a whole drawing. */
const MOST_ENTITIES = 4000;
/** Pieces that a curve which is no arc is cut into. */
const CURVE_STEPS = 24;
/** INSUNITS of DXF by code, mm. */
const DXF_UNITS: Readonly<Record<number, number>> = {
  1: 25.4,
  2: 304.8,
  4: 1,
  5: 10,
  6: 1000,
  8: 0.0000254,
  9: 0.0254,
  13: 0.001,
};

type Point = readonly [number, number];

const line = (from: Point, to: Point): DrawnPiece => ({ from, to, bulge: 0 });

/** Two halves of an arc, counter-clockwise from one angle to another, so that each stays under half a turn. */
function arc([cx, cy]: Point, radius: number, fromRad: number, toRad: number): DrawnPiece[] {
  const turn = (((toRad - fromRad) % (2 * Math.PI)) + 2 * Math.PI) % (2 * Math.PI) || 2 * Math.PI;
  const at = (angle: number): Point => [cx + radius * Math.cos(angle), cy + radius * Math.sin(angle)];
  const middle = fromRad + turn / 2;
  const bulge = Math.tan(turn / 8);
  return [
    { from: at(fromRad), to: at(middle), bulge },
    { from: at(middle), to: at(fromRad + turn), bulge },
  ];
}

function polyline(
  vertices: readonly { x: number; y: number; bulge?: number }[],
  isClosed: boolean,
): DrawnPiece[] {
  const corners = isClosed ? [...vertices, vertices[0]!] : vertices;
  return corners.slice(1).map(({ x, y }, i) => {
    const before = corners[i]!;
    return { from: [before.x, before.y], to: [x, y], bulge: before.bulge ?? 0 };
  });
}

function piecesOfEntity(entity: IEntity): DrawnPiece[] {
  switch (entity.type) {
    case 'LINE': {
      const [a, b] = (entity as ILineEntity).vertices;
      return a && b ? [line([a.x, a.y], [b.x, b.y])] : [];
    }
    case 'ARC': {
      const { center, radius, startAngle, endAngle } = entity as IArcEntity;
      return arc([center.x, center.y], radius, startAngle, endAngle);
    }
    case 'CIRCLE': {
      const { center, radius } = entity as ICircleEntity;
      return arc([center.x, center.y], radius, 0, 2 * Math.PI);
    }
    case 'LWPOLYLINE': {
      const { vertices, shape } = entity as ILwpolylineEntity;
      return polyline(vertices, shape);
    }
    case 'POLYLINE': {
      const { vertices, shape } = entity as IPolylineEntity;
      return polyline(vertices, shape);
    }
    default:
      return [];
  }
}

/** Lines and arcs of a DXF file. @throws Error with a sentence when it cannot be read */
export function readDxf(text: string): Drawing {
  const parsed = (() => {
    try {
      return new DxfParser().parseSync(text);
    } catch {
      return null;
    }
  })();
  if (!parsed) throw new Error('This is no DXF file that can be read.');
  const { entities, header } = parsed;
  if (entities.length > MOST_ENTITIES)
    throw new Error(
      `${entities.length} entities are a whole drawing: leave only the profile, ${MOST_ENTITIES} at the most.`,
    );
  const unit = Number(header?.$INSUNITS ?? 0);
  return { pieces: entities.flatMap(piecesOfEntity), mmPerUnit: DXF_UNITS[unit] ?? null };
}

const SVG_UNITS: Readonly<Record<string, number>> = {
  mm: 1,
  cm: 10,
  in: 25.4,
  pt: 25.4 / 72,
  pc: 25.4 / 6,
  q: 0.25,
};

/** mm of one user unit of an SVG: its width in a real unit over the width of its view box. */
function svgUnit(root: Element): number | null {
  const [, size, unit] = /^\s*([\d.]+)\s*([a-z]+)\s*$/i.exec(root.getAttribute('width') ?? '') ?? [];
  const box = (root.getAttribute('viewBox') ?? '')
    .trim()
    .split(/[\s,]+/)
    .map(Number);
  const factor = SVG_UNITS[(unit ?? '').toLowerCase()];
  const width = box.length === 4 ? box[2]! : Number(size);
  return factor !== undefined && size !== undefined && width > 0 ? (Number(size) * factor) / width : null;
}

/** A shape of an SVG as the data of a path. */
function pathData(shape: Element): string | null {
  const of = (name: string): number => Number(shape.getAttribute(name) ?? 0);
  switch (shape.localName) {
    case 'path':
      return shape.getAttribute('d');
    case 'line':
      return `M${of('x1')} ${of('y1')}L${of('x2')} ${of('y2')}`;
    case 'polyline':
    case 'polygon':
      return `M${shape.getAttribute('points') ?? ''}${shape.localName === 'polygon' ? 'Z' : ''}`;
    case 'rect':
      return `M${of('x')} ${of('y')}h${of('width')}v${of('height')}h${-of('width')}z`;
    case 'circle': {
      const [x, y, r] = [of('cx'), of('cy'), of('r')];
      return `M${x - r} ${y}a${r} ${r} 0 1 0 ${2 * r} 0a${r} ${r} 0 1 0 ${-2 * r} 0`;
    }
    default:
      return null;
  }
}

/** Transforms of a shape and of all that it stands in, outermost first. */
function transformsOf(shape: Element): string {
  const own: string[] = [];
  for (let at: Element | null = shape; at; at = at.parentElement)
    own.unshift(at.getAttribute('transform') ?? '');
  return own.filter(Boolean).join(' ');
}

/** Bulge of an SVG arc of equal radii; y runs down there, so its sweep flag turns right when y runs up. */
function svgBulge(
  [x0, y0]: Point,
  [x1, y1]: Point,
  radius: number,
  isLarge: boolean,
  isSweep: boolean,
): number {
  const half = Math.hypot(x1 - x0, y1 - y0) / 2;
  const r = Math.max(radius, half);
  const turn = 2 * Math.asin(Math.min(1, half / r));
  const whole = isLarge ? 2 * Math.PI - turn : turn;
  return (isSweep ? -1 : 1) * Math.tan(whole / 4);
}

function piecesOfPath(data: string, transform: string): DrawnPiece[] {
  const pieces: DrawnPiece[] = [];
  let at: Point = [0, 0];
  let start: Point = at;
  const up = ([x, y]: Point): Point => [x, -y];
  const go = (to: Point, bulge = 0) => {
    pieces.push({ from: up(at), to: up(to), bulge });
    at = to;
  };
  svgpath(data)
    .transform(transform)
    .abs()
    .unshort()
    .iterate((segment) => {
      const [command, ...n] = segment as [string, ...number[]];
      switch (command) {
        case 'M':
          at = [n[0]!, n[1]!];
          start = at;
          break;
        case 'L':
          go([n[0]!, n[1]!]);
          break;
        case 'H':
          go([n[0]!, at[1]]);
          break;
        case 'V':
          go([at[0], n[0]!]);
          break;
        case 'Z':
          if (at[0] !== start[0] || at[1] !== start[1]) go(start);
          break;
        case 'A': {
          const to: Point = [n[5]!, n[6]!];
          if (Math.abs(n[0]! - n[1]!) < 1e-6 * n[0]!) go(to, svgBulge(at, to, n[0]!, n[3] === 1, n[4] === 1));
          else go(to);
          break;
        }
        case 'C':
        case 'Q':
          curve(at, n, command).forEach((to) => go(to));
          break;
      }
    });
  return pieces;
}

/** Points along a cubic or quadratic curve. */
function curve(from: Point, n: readonly number[], kind: 'C' | 'Q'): readonly Point[] {
  const [a, b, end]: readonly Point[] =
    kind === 'C'
      ? [
          [n[0]!, n[1]!],
          [n[2]!, n[3]!],
          [n[4]!, n[5]!],
        ]
      : [
          [from[0] + (2 / 3) * (n[0]! - from[0]), from[1] + (2 / 3) * (n[1]! - from[1])],
          [n[2]! + (2 / 3) * (n[0]! - n[2]!), n[3]! + (2 / 3) * (n[1]! - n[3]!)],
          [n[2]!, n[3]!],
        ];
  return Array.from({ length: CURVE_STEPS }, (_, i) => {
    const t = (i + 1) / CURVE_STEPS;
    const s = 1 - t;
    const mix = (k: 0 | 1): number =>
      s ** 3 * from[k] + 3 * s * s * t * a![k] + 3 * s * t * t * b![k] + t ** 3 * end![k];
    return [mix(0), mix(1)];
  });
}

/** Lines and arcs of an SVG file. @throws Error with a sentence when it cannot be read */
export function readSvg(text: string): Drawing {
  const root = new DOMParser().parseFromString(text, 'image/svg+xml').documentElement;
  if (root.localName !== 'svg') throw new Error('This is no SVG file that can be read.');
  const shapes = [...root.querySelectorAll('path, line, polyline, polygon, rect, circle')];
  if (shapes.length > MOST_ENTITIES)
    throw new Error(
      `${shapes.length} shapes are a whole drawing: leave only the profile, ${MOST_ENTITIES} at the most.`,
    );
  const pieces = shapes.flatMap((shape) => {
    const data = pathData(shape);
    return data === null ? [] : piecesOfPath(data, transformsOf(shape));
  });
  return { pieces, mmPerUnit: svgUnit(root) };
}
