import { jsPDF } from 'jspdf';
import type { DrawnLabel, LabelSize } from '../areas/drawer/labels/label-sheet';
import { PAPER } from '../theme/colours';
import { addFonts } from './fonts';
import type { PaperSize } from '../kit/PaperChoice';

const NAME_PT = 10;
const ABOUT_PT = 8;
const LINE_MM = 4.2;
const MOST_LINES = 3;

/** Labels with a QR code each, on as many sheets as they take, at true size. */
export async function labelsPdf(
  labels: readonly DrawnLabel[],
  size: LabelSize,
  paper: PaperSize,
): Promise<Blob> {
  const pdf = new jsPDF({ unit: 'mm', format: paper, putOnlyUsedFonts: true });
  pdf.setProperties({ title: 'Labels' });
  pdf.viewerPreferences({ PrintScaling: 'None' });
  await addFonts(pdf);
  let page = 0;
  for (const label of labels) {
    for (; page < label.page; page += 1) pdf.addPage();
    drawLabel(pdf, label, size);
  }
  return pdf.output('blob');
}

function drawLabel(pdf: jsPDF, { name, about, runs, xMm: x, yMm: y }: DrawnLabel, size: LabelSize): void {
  const { width, height, quiet, code } = size;
  pdf.setLineWidth(0.1).setDrawColor(PAPER.cut).rect(x, y, width, height);
  const square = code / runs.length;
  pdf.setFillColor(PAPER.ink);
  runs.forEach((row, j) => {
    for (const [from, length] of row)
      pdf.rect(x + quiet + from * square, y + (height - code) / 2 + j * square, length * square, square, 'F');
  });
  const textX = x + code + 2 * quiet;
  const room = width - code - 3 * quiet;
  pdf.setFont('Shop', 'bold').setFontSize(NAME_PT);
  const names = (pdf.splitTextToSize(name, room) as string[]).slice(0, MOST_LINES);
  pdf.text(names, textX, y + 7);
  pdf.setFont('Shop', 'normal').setFontSize(ABOUT_PT);
  const abouts = (pdf.splitTextToSize(about, room) as string[]).slice(0, MOST_LINES);
  pdf.text(abouts, textX, y + 7 + names.length * LINE_MM + 1);
}
