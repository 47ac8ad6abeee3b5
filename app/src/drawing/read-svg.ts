import { MM_PER_INCH } from '@pike-stone/core';
import type { DrawnPiece, PlanePoint } from '@pike-stone/core/form';
import svgpath from 'svgpath';
import { refuseWhole, type Drawing } from './drawing';

/** Lines that a curve which is no arc is cut into. */
const CURVE_STEPS = 24;
/** mm of the units that an SVG file may say its size in. */
const SVG_UNITS: Readonly<Record<string, number>> = {
  mm: 1,
  cm: 10,
  in: MM_PER_INCH,
  pt: MM_PER_INCH / 72,
  pc: MM_PER_INCH / 6,
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
  [x0, y0]: PlanePoint,
  [x1, y1]: PlanePoint,
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
  let at: PlanePoint = [0, 0];
  let start: PlanePoint = at;
  const up = ([x, y]: PlanePoint): PlanePoint => [x, -y];
  const go = (to: PlanePoint, bulge = 0) => {
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
          const to: PlanePoint = [n[5]!, n[6]!];
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

/** PlanePoints along a cubic or quadratic curve. */
function curve(from: PlanePoint, n: readonly number[], kind: 'C' | 'Q'): readonly PlanePoint[] {
  const [a, b, end]: readonly PlanePoint[] =
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
  refuseWhole(shapes.length, 'shapes');
  const pieces = shapes.flatMap((shape) => {
    const data = pathData(shape);
    return data === null ? [] : piecesOfPath(data, transformsOf(shape));
  });
  return { pieces, mmPerUnit: svgUnit(root) };
}
