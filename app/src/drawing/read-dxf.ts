import DxfParser, {
  type IArcEntity,
  type ICircleEntity,
  type IEntity,
  type ILineEntity,
  type ILwpolylineEntity,
  type IPolylineEntity,
} from 'dxf-parser';
import { MM_PER_INCH } from '@pike-stone/core';
import type { DrawnPiece, PlanePoint } from '@pike-stone/core/form';
import { refuseWhole, type Drawing } from './drawing';

/** INSUNITS of DXF by code, mm. */
const DXF_UNITS: Readonly<Record<number, number>> = {
  1: MM_PER_INCH,
  2: 12 * MM_PER_INCH,
  4: 1,
  5: 10,
  6: 1000,
  8: MM_PER_INCH / 1e6,
  9: MM_PER_INCH / 1000,
  13: 0.001,
};

const line = (from: PlanePoint, to: PlanePoint): DrawnPiece => ({ from, to, bulge: 0 });

/** Two halves of an arc, counter-clockwise from one angle to another, so that each stays under half a turn. */
function arc([cx, cy]: PlanePoint, radius: number, fromRad: number, toRad: number): DrawnPiece[] {
  const turn = (((toRad - fromRad) % (2 * Math.PI)) + 2 * Math.PI) % (2 * Math.PI) || 2 * Math.PI;
  const at = (angle: number): PlanePoint => [cx + radius * Math.cos(angle), cy + radius * Math.sin(angle)];
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
  refuseWhole(entities.length, 'entities');
  const unit = Number(header?.$INSUNITS ?? 0);
  return { pieces: entities.flatMap(piecesOfEntity), mmPerUnit: DXF_UNITS[unit] ?? null };
}
