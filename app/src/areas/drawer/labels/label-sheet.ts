import type { PaperSize } from '../../../kit/PaperChoice';
import { create } from 'qrcode';

/** A label: a name, a line under it, and the address that its code opens. */
export interface Label {
  readonly name: string;
  readonly about: string;
  readonly address: string;
}

/** Size of a label and of the gaps of a sheet, mm: three columns of eight fit A4 and letter. */
export const LABEL_MM = { width: 60, height: 30, gap: 3, quiet: 3, code: 24 } as const;
export type LabelSize = typeof LABEL_MM;

export interface Placed {
  readonly label: Label;
  readonly page: number;
  readonly xMm: number;
  readonly yMm: number;
}

const PAPER_MM = { a4: [210, 297], letter: [215.9, 279.4] } as const;

/** Labels in rows over as many pages as they take, in the middle of the paper. */
export function placeLabels(labels: readonly Label[], paper: PaperSize): readonly Placed[] {
  const [wide, high] = PAPER_MM[paper];
  const { width, height, gap } = LABEL_MM;
  const columns = Math.floor((wide - 10 + gap) / (width + gap));
  const rows = Math.floor((high - 16 + gap) / (height + gap));
  const left = (wide - columns * width - (columns - 1) * gap) / 2;
  const top = (high - rows * height - (rows - 1) * gap) / 2;
  return labels.map((label, i) => {
    const at = i % (columns * rows);
    return {
      label,
      page: Math.floor(i / (columns * rows)),
      xMm: left + (at % columns) * (width + gap),
      yMm: top + Math.floor(at / columns) * (height + gap),
    };
  });
}

/** The dark squares of the QR code of an address, as rows of true and false. */
export function codeOf(address: string): readonly (readonly boolean[])[] {
  const { modules } = create(address, { errorCorrectionLevel: 'M' });
  return Array.from({ length: modules.size }, (_, y) =>
    Array.from({ length: modules.size }, (__, x) => Boolean(modules.get(y, x))),
  );
}

/** Runs of dark squares in a row, so that a code is drawn with few rectangles. */
export const runsOf = (row: readonly boolean[]): readonly (readonly [from: number, length: number])[] => {
  const runs: [number, number][] = [];
  row.forEach((dark, x) => {
    const last = runs.at(-1);
    if (!dark) return;
    if (last && last[0] + last[1] === x) last[1] += 1;
    else runs.push([x, 1]);
  });
  return runs;
};

/** A label with all that its drawing needs: its place on the sheet and the runs of its code. */
export interface DrawnLabel extends Omit<Placed, 'label'> {
  readonly name: string;
  readonly about: string;
  /** Dark runs of each row of the code, and the number of squares across. */
  readonly runs: readonly (readonly (readonly [from: number, length: number])[])[];
}

/** Labels placed on their sheets, ready to be drawn. */
export const drawnLabels = (labels: readonly Label[], paper: PaperSize): readonly DrawnLabel[] =>
  placeLabels(labels, paper).map(({ label, ...at }) => ({
    ...at,
    name: label.name,
    about: label.about,
    runs: codeOf(label.address).map(runsOf),
  }));
