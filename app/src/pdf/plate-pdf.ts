import { jsPDF } from 'jspdf';
import type { Plate } from '../areas/machine/plate/plate-layout';
import { addFonts } from './fonts';
import type { PaperSize } from '../kit/PaperChoice';

const MM_TO_POINTS = 72 / 25.4;
const MARGIN_MM = 20;
const CROP_MM = 5;
/** The plate on a sheet of paper at true size, with marks to cut along. */
export async function platePdf(
  { widthMm, heightMm, marks }: Plate,
  paper: PaperSize,
  title: string,
): Promise<Blob> {
  const pdf = new jsPDF({ unit: 'mm', format: paper, putOnlyUsedFonts: true });
  pdf.setProperties({ title });
  // Tells the viewer not to scale the plate to the paper.
  pdf.viewerPreferences({ PrintScaling: 'None' });
  await addFonts(pdf);
  const at = (value: number): number => value + MARGIN_MM;
  for (const mark of marks) {
    if (mark.is === 'text') {
      pdf.setFont('Shop', mark.bold ? 'bold' : 'normal').setFontSize(mark.size * MM_TO_POINTS);
      pdf.text(mark.text, at(mark.x), at(mark.y), {
        align: mark.anchor === 'start' ? 'left' : mark.anchor === 'end' ? 'right' : 'center',
      });
      continue;
    }
    pdf.setLineWidth(mark.line);
    if (mark.is === 'rect') pdf.rect(at(mark.x), at(mark.y), mark.width, mark.height);
    else pdf.line(at(mark.x1), at(mark.y1), at(mark.x2), at(mark.y2));
  }
  pdf.setLineWidth(0.1);
  for (const x of [0, widthMm]) {
    for (const y of [0, heightMm]) {
      const [dx, dy] = [x === 0 ? -1 : 1, y === 0 ? -1 : 1];
      pdf
        .line(at(x) + dx, at(y), at(x) + dx * CROP_MM, at(y))
        .line(at(x), at(y) + dy, at(x), at(y) + dy * CROP_MM);
    }
  }
  return pdf.output('blob');
}
