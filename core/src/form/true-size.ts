import { DEG } from '../quantity/angle';
import { OutOfRange, positive, within } from '../quantity/out-of-range';
import { MM_PER_INCH } from '../quantity/units';

const POINTS_PER_MM = 72 / MM_PER_INCH;
const METRES_PER_INCH = 0.0254;
const STL_HEADER_BYTES = 84;
const STL_TRIANGLE_BYTES = 50;
/** Magnifications that a template is drawn at. */
export const MAGNIFICATIONS = [1, 2, 5, 10, 20, 50] as const;
/** A printer farther from true size than this has the wrong print setting. */
const FACTOR_RANGE = [0.9, 1.1] as const;
/** Beyond this a printer is warned about. */
export const PRINTER_DOUBT = 0.01;
/** A bank card, by which a photo or a screen is measured, mm (ISO/IEC 7810 ID-1). */
export const BANK_CARD_MM = { width: 85.6, height: 53.98 } as const;
/** Width of the drawn line on paper, mm: at 1:1, and larger. */
export const lineWidthMm = (magnification: number): number => (magnification === 1 ? 0.1 : 0.25);

/** What one line width hides on the part, mm. */
export const hiddenByLine = (magnification: number): number => lineWidthMm(magnification) / magnification;

/**
 * Size of a sheet that shows a form at a magnification, in the units of each file.
 * @param marginMm  each side, on paper
 */
export function trueSize(
  widthMm: number,
  heightMm: number,
  magnification: number,
  marginMm: number,
  dpi: number,
  triangles: number,
) {
  const m = within('magnification', magnification, 0.1, 200);
  within('margin', marginMm, 0, 500);
  const [w, h] = [
    positive('width', widthMm) * m + 2 * marginMm,
    positive('height', heightMm) * m + 2 * marginMm,
  ];
  positive('dots per inch', dpi);
  return {
    widthMm: w,
    heightMm: h,
    pdfWidthPt: w * POINTS_PER_MM,
    pdfHeightPt: h * POINTS_PER_MM,
    pngWidthPx: Math.ceil((w / MM_PER_INCH) * dpi),
    pngPixelsPerMetre: Math.round(dpi / METRES_PER_INCH),
    stlBytes: STL_HEADER_BYTES + STL_TRIANGLE_BYTES * triangles,
  };
}

export interface PrintedBars {
  readonly nominalMm: number;
  readonly xMm: number;
  readonly yMm: number;
}

/** Factors by which a printer falls short of true size: nominal over measured, each way. */
export function printFactors({ nominalMm, xMm, yMm }: PrintedBars) {
  const factor = (measured: number): number => {
    const one = positive('length of the bar', nominalMm) / positive('measured bar', measured);
    if (!(one >= FACTOR_RANGE[0] && one <= FACTOR_RANGE[1]))
      throw new OutOfRange('print factor', one, ...FACTOR_RANGE);
    return one;
  };
  return { x: factor(xMm), y: factor(yMm) };
}

/**
 * A distance read on a print: true = reading x factor / magnification, each way. Skew from the diagonals of the
 * bars' rectangle, asin((d1^2 - d2^2) / (4 a b)).
 */
export function readOnPrint(
  bars: PrintedBars,
  magnification: number,
  paper: {
    readonly dxMm: number;
    readonly dyMm: number;
    readonly risingMm: number;
    readonly fallingMm: number;
  },
) {
  const { x, y } = printFactors(bars);
  positive('magnification', magnification);
  const [dxMm, dyMm] = [(paper.dxMm * x) / magnification, (paper.dyMm * y) / magnification];
  const sine = (paper.risingMm ** 2 - paper.fallingMm ** 2) / (4 * bars.xMm * bars.yMm);
  return {
    factors: { x, y },
    dxMm,
    dyMm,
    lengthMm: Math.hypot(dxMm, dyMm),
    skewDeg: Math.asin(within('difference of the diagonals', sine, -0.5, 0.5)) / DEG,
  };
}
