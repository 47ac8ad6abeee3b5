import { jsPDF } from 'jspdf';
import type { BitSheet } from '../areas/grind/export/bit-sheet';
import { PAPER } from '../theme/colours';
import { addFonts } from './fonts';
import type { PaperSize } from '../kit/PaperChoice';

/** What a setting card says of one step. */
export interface CardStep {
  readonly name: string;
  readonly hold: string;
  readonly tilt: string;
  readonly reads: string;
}

/** A paper gauge to hold a bit against: what it is of, and its angle from the upright, degrees. */
export interface PaperAngle {
  readonly name: string;
  readonly deg: number;
}

export interface BitCard {
  readonly title: string;
  readonly about: string;
  readonly steps: readonly CardStep[];
  readonly sheet: BitSheet;
  readonly gauges: readonly PaperAngle[];
  readonly caution: string;
}

const MARGIN_MM = 15;
const LINE_MM = 6;
const CHECK_MM = 50;
const GAUGE = { width: 40, height: 24 } as const;
/** What the narrower of the papers leaves between its margins. */
const WIDTH_MM = 180;
/** Lines of one cell stand closer than rows. */
const NEXT_LINE_MM = 3.7;
const COLUMNS_MM = [0, 45, 108, 150] as const;
const COLUMN_WIDTHS_MM = COLUMNS_MM.map((left, i) => (COLUMNS_MM[i + 1] ?? WIDTH_MM) - left - 2);

/** A text in lines of a width, in the font that is set. */
const fitted = (pdf: jsPDF, text: string, widthMm: number): string[] =>
  pdf.splitTextToSize(text, widthMm) as string[];

/** A setting card: the steps, the views at true size, angle gauges to cut out, and a bar to check the print. */
export async function bitPdf(card: BitCard, paper: PaperSize): Promise<Blob> {
  const pdf = new jsPDF({ unit: 'mm', format: paper, putOnlyUsedFonts: true });
  pdf.setProperties({ title: card.title });
  // Tells the viewer not to scale the drawing to the paper.
  pdf.viewerPreferences({ PrintScaling: 'None' });
  await addFonts(pdf);
  pdf
    .setFont('Shop', 'bold')
    .setFontSize(16)
    .text(fitted(pdf, card.title, WIDTH_MM)[0]!, MARGIN_MM, MARGIN_MM + 4);
  pdf
    .setFont('Shop', 'normal')
    .setFontSize(10)
    .text(card.about, MARGIN_MM, MARGIN_MM + 11);
  let y = steps(pdf, card.steps, MARGIN_MM + 20);
  y = views(pdf, card.sheet, y + 6);
  y = checkBar(pdf, y + 8);
  y = gauges(pdf, card.gauges, roomFor(pdf, y + 10, gaugesHeight(card.gauges) + CAUTION_MM));
  pdf.setFontSize(8).text(fitted(pdf, card.caution, WIDTH_MM), MARGIN_MM, y + 8);
  return pdf.output('blob');
}

/** The table of the steps; a long way to hold the bit takes as many lines as it needs. */
function steps(pdf: jsPDF, rows: readonly CardStep[], from: number): number {
  let y = from;
  pdf.setFont('Shop', 'bold').setFontSize(9);
  ['Face', 'On the rest', 'Rest tilt', 'Protractor'].forEach((text, i) =>
    pdf.text(text, MARGIN_MM + COLUMNS_MM[i]!, y),
  );
  pdf.setFont('Shop', 'normal').setDrawColor(PAPER.cut).setLineWidth(0.1);
  for (const { name, hold, tilt, reads } of rows) {
    y += LINE_MM;
    const cells = [name, hold, tilt, reads].map((text, i) => fitted(pdf, text, COLUMN_WIDTHS_MM[i]!));
    cells.forEach((lines, i) => pdf.text(lines, MARGIN_MM + COLUMNS_MM[i]!, y));
    y += (Math.max(...cells.map((lines) => lines.length)) - 1) * NEXT_LINE_MM;
    pdf.line(MARGIN_MM, y + 1.8, MARGIN_MM + WIDTH_MM, y + 1.8);
  }
  return y;
}

function views(pdf: jsPDF, { lines, heightMm }: BitSheet, from: number): number {
  pdf.setDrawColor(PAPER.ink).setLineWidth(0.18);
  for (const { x1, y1, x2, y2 } of lines) pdf.line(MARGIN_MM + x1, from + y1, MARGIN_MM + x2, from + y2);
  return from + heightMm;
}

function checkBar(pdf: jsPDF, y: number): number {
  pdf.line(MARGIN_MM, y, MARGIN_MM + CHECK_MM, y);
  for (const x of [0, CHECK_MM]) pdf.line(MARGIN_MM + x, y - 1.5, MARGIN_MM + x, y + 1.5);
  pdf.setFontSize(8).text(`${CHECK_MM} mm when printed at true size`, MARGIN_MM + CHECK_MM + 4, y + 1);
  return y;
}

/** Height of the caution at the end of the card. */
const CAUTION_MM = 16;

/** Where something of a height goes: here, or on the top of a new sheet. */
function roomFor(pdf: jsPDF, y: number, heightMm: number): number {
  if (y + heightMm <= pdf.internal.pageSize.getHeight() - MARGIN_MM) return y;
  pdf.addPage();
  return MARGIN_MM;
}

const GAUGES_ACROSS = 4;
const gaugesHeight = (list: readonly PaperAngle[]): number =>
  Math.ceil(list.length / GAUGES_ACROSS) * (GAUGE.height + 10);

/** Gauges to cut out: the bit stands on the base, its face lies along the leaning edge. */
function gauges(pdf: jsPDF, list: readonly PaperAngle[], from: number): number {
  list.forEach(({ name, deg }, i) => {
    const x = MARGIN_MM + (i % GAUGES_ACROSS) * (GAUGE.width + 6);
    const y = from + Math.floor(i / GAUGES_ACROSS) * (GAUGE.height + 10);
    const lean = GAUGE.height * Math.tan((deg * Math.PI) / 180);
    const foot = x + 14;
    // The base runs under the bit, and the edge leans over it by the angle.
    pdf
      .line(x, y, foot + lean, y)
      .line(foot + lean, y, foot, y + GAUGE.height)
      .line(foot, y + GAUGE.height, x + GAUGE.width, y + GAUGE.height)
      .line(x + GAUGE.width, y + GAUGE.height, x + GAUGE.width, y + GAUGE.height + 4)
      .line(x + GAUGE.width, y + GAUGE.height + 4, x, y + GAUGE.height + 4)
      .line(x, y + GAUGE.height + 4, x, y);
    pdf.setFontSize(7).text(`${name} ${deg.toFixed(1)}°`, x + 1, y + GAUGE.height + 3);
  });
  return from + gaugesHeight(list);
}
