import { DxfWriter, point3d, Units } from '@tarikjabiri/dxf';
import type { BitSheet } from '../areas/grind/export/bit-sheet';

/** The views of a bit as a DXF drawing in millimetres, y upward. */
export function bitDxf({ heightMm, lines }: BitSheet): Blob {
  const dxf = new DxfWriter();
  dxf.setUnits(Units.Millimeters);
  for (const { x1, y1, x2, y2 } of lines) dxf.addLine(point3d(x1, heightMm - y1), point3d(x2, heightMm - y2));
  return new Blob([dxf.stringify()], { type: 'image/vnd.dxf' });
}
