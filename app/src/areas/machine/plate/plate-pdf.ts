import { jsPDF } from 'jspdf';
import type { Plate } from './plate-layout';

const MM_TO_POINTS = 72 / 25.4;
const MARGIN_MM = 20;
const CROP_MM = 5;
const FONTS = [
  ['next-400.ttf', 'normal'],
  ['next-600.ttf', 'bold'],
] as const;

async function fontText(name: string): Promise<string> {
  const response = await fetch(`/fonts/${name}`);
  if (!response.ok)
    throw new Error(
      'The letters of the plate could not be read from the shop’s computer. Try again when it answers.',
    );
  let text = '';
  for (const byte of new Uint8Array(await response.arrayBuffer())) text += String.fromCharCode(byte);
  return text;
}

/** The plate on a sheet of paper at true size, with marks to cut along. */
export async function platePdf(
  { widthMm, heightMm, marks }: Plate,
  paper: 'a4' | 'letter',
  title: string,
): Promise<Blob> {
  const pdf = new jsPDF({ unit: 'mm', format: paper, putOnlyUsedFonts: true });
  pdf.setProperties({ title });
  // Tells the viewer not to scale the plate to the paper.
  pdf.viewerPreferences({ PrintScaling: 'None' });
  for (const [file, style] of FONTS) {
    pdf.addFileToVFS(file, await fontText(file));
    pdf.addFont(file, 'Shop', style);
  }
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
