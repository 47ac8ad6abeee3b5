import { DxfWriter, LWPolylineFlags, point2d, point3d, Units } from '@tarikjabiri/dxf';
import { jsPDF } from 'jspdf';
import type { Template } from '../areas/form/prove/template';
import { PAPER } from '../theme/colours';
import { addFonts } from './fonts';

/** A template on a sheet of its own size, to be printed at true size. */
export async function templatePdf(template: Template): Promise<Blob> {
  const { widthMm, heightMm, points, lineMm, bar, factors, title, words, wordsAt, crosses } = template;
  const [w, h] = [widthMm * factors.x, heightMm * factors.y];
  const pdf = new jsPDF({
    unit: 'mm',
    format: [w, h],
    orientation: w > h ? 'landscape' : 'portrait',
    putOnlyUsedFonts: true,
  });
  pdf.setProperties({ title });
  // Tells the viewer not to scale the drawing to the paper.
  pdf.viewerPreferences({ PrintScaling: 'None' });
  await addFonts(pdf);
  const x = (mm: number): number => mm * factors.x;
  const y = (mm: number): number => (heightMm - mm) * factors.y;
  pdf.setDrawColor(PAPER.ink).setLineWidth(lineMm);
  const [first, ...rest] = points;
  let at = [x(first![0]), y(first![1])] as const;
  const start = at;
  const steps = rest.map(([px, py]) => {
    const next = [x(px), y(py)] as const;
    const step: [number, number] = [next[0] - at[0], next[1] - at[1]];
    at = next;
    return step;
  });
  pdf.lines(steps, start[0], start[1]);
  pdf.setLineWidth(bar.lineMm);
  pdf.line(x(bar.x), y(bar.y), x(bar.x + bar.mm), y(bar.y));
  pdf.line(x(bar.x), y(bar.y), x(bar.x), y(bar.y + bar.mm));
  const { armMm } = crosses;
  for (const [cx, cy] of crosses.at) {
    pdf.line(x(cx - armMm), y(cy), x(cx + armMm), y(cy));
    pdf.line(x(cx), y(cy - armMm), x(cx), y(cy + armMm));
  }
  pdf
    .setFont('Shop', 'normal')
    .setFontSize(8)
    .text(words, x(wordsAt[0]), y(wordsAt[1]), { maxWidth: w - x(wordsAt[0]) - 6 });
  return pdf.output('blob');
}

/** A template as a DXF drawing in millimetres, y upward: the form as one polyline with its arcs, and the bars. */
export function templateDxf({ form, bar }: Template): Blob {
  const dxf = new DxfWriter();
  dxf.setUnits(Units.Millimeters);
  dxf.addLWPolyline(
    form.map(([px, py, bulge], i) => ({ point: point2d(px, py), bulge: i === form.length - 1 ? 0 : bulge })),
    { flags: LWPolylineFlags.None },
  );
  dxf.addLine(point3d(bar.x, bar.y), point3d(bar.x + bar.mm, bar.y));
  dxf.addLine(point3d(bar.x, bar.y), point3d(bar.x, bar.y + bar.mm));
  return new Blob([dxf.stringify()], { type: 'image/vnd.dxf' });
}
