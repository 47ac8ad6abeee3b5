import {
  boundsOf,
  lineWidthMm,
  moved,
  sampled,
  scaled,
  trueSize,
  type PlanePoint,
  type Profile,
} from '@pike-stone/core/form';
import { placing, profilePath } from '../sketch/profile-path';

/** A sheet with a form drawn at a magnification, its check bars and corner marks; y runs up, mm on paper. */
export interface Template {
  readonly title: string;
  readonly magnification: number;
  readonly widthMm: number;
  readonly heightMm: number;
  /** The form on the sheet, and as points whose chords stay on it. */
  readonly form: Profile;
  readonly points: readonly PlanePoint[];
  /** What stands beside the bars. */
  readonly words: string;
  readonly lineMm: number;
  /** A bar along x and one along y, from their corner. */
  readonly bar: { readonly x: number; readonly y: number; readonly mm: number; readonly lineMm: number };
  /** Where the words begin that stand below the bar. */
  readonly wordsAt: PlanePoint;
  /** Crosses at the corners of a rectangle, by whose diagonals the skew of a print is read. */
  readonly crosses: { readonly at: readonly PlanePoint[]; readonly armMm: number };
  /** Factors by which a printer falls short of true size. */
  readonly factors: { readonly x: number; readonly y: number };
}

const MARGIN_MM = 15;
export const BAR_MM = 100;
const BAR_LINE_MM = 0.25;
/** Room below the form for the bar and its words. */
const FOOT_MM = 22;
const DPI = 300;
/** Crosses stand so far from the edges of the sheet; their arms are so long. */
const CROSS_MM = 6;
const ARM_MM = 3;
/** Chords of the printed form stay this near to its arcs, mm on paper. */
const CHORD_MM = 0.002;

/** Lays a form out on a sheet: at its magnification, a bar of 100 mm along x and along y beside it. */
export function templateOf(
  profile: Profile,
  magnification: number,
  title: string,
  factors = { x: 1, y: 1 },
): Template {
  const { left, right, low, high } = boundsOf(profile);
  const sheet = trueSize(right - left, high - low, magnification, MARGIN_MM, DPI, 0);
  const widthMm = Math.max(sheet.widthMm, BAR_MM + 2 * MARGIN_MM);
  const heightMm = Math.max(sheet.heightMm + FOOT_MM, BAR_MM + 2 * MARGIN_MM);
  const form = moved(
    scaled(profile, magnification),
    widthMm / 2 - ((left + right) / 2) * magnification,
    FOOT_MM + MARGIN_MM - low * magnification,
  );
  return {
    title,
    magnification,
    widthMm,
    heightMm,
    form,
    points: sampled(form, CHORD_MM),
    words: `${title}, ${magnification} : 1. Print at 100 %, not fit to page. Each bar is ${BAR_MM} mm.`,
    lineMm: lineWidthMm(magnification),
    bar: { x: MARGIN_MM, y: MARGIN_MM, mm: BAR_MM, lineMm: BAR_LINE_MM },
    wordsAt: [MARGIN_MM + 4, MARGIN_MM - 6],
    crosses: {
      at: [CROSS_MM, widthMm - CROSS_MM].flatMap((x) =>
        [CROSS_MM, heightMm - CROSS_MM].map((y): PlanePoint => [x, y]),
      ),
      armMm: ARM_MM,
    },
    factors,
  };
}

/** Digits of a millimetre in the file. */
const DIGITS = 6;
const mm = (value: number): string => value.toFixed(DIGITS).replace(/\.?0+$/, '');

/** The template as an SVG file in millimetres at true size. */
export function templateSvg(template: Template, ink: string): string {
  const { widthMm, heightMm, form, lineMm, bar, wordsAt, crosses, factors } = template;
  const [w, h] = [widthMm * factors.x, heightMm * factors.y];
  /** The sheet in millimetres, y running down. */
  const sheet = placing(1, [0, 0], [0, heightMm]);
  const [barX, barY] = sheet.at([bar.x, bar.y]);
  const [wordsX, wordsY] = sheet.at(wordsAt);
  const { armMm } = crosses;
  const marks = crosses.at.map((at) => {
    const [x, y] = sheet.at(at);
    return `M${mm(x - armMm)} ${mm(y)}h${2 * armMm}M${mm(x)} ${mm(y - armMm)}v${2 * armMm}`;
  });
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${mm(w)}mm" height="${mm(h)}mm" viewBox="0 0 ${mm(widthMm)} ${mm(heightMm)}" preserveAspectRatio="none">`,
    `<title>${template.title.replace(/[<&>]/g, '')}</title>`,
    `<path id="form" d="${profilePath(form, sheet, DIGITS)}" fill="none" stroke="${ink}" stroke-width="${lineMm}"/>`,
    `<path id="bar-x" d="M${mm(barX)} ${mm(barY)}h${bar.mm}" fill="none" stroke="${ink}" stroke-width="${bar.lineMm}"/>`,
    `<path id="bar-y" d="M${mm(barX)} ${mm(barY)}v-${bar.mm}" fill="none" stroke="${ink}" stroke-width="${bar.lineMm}"/>`,
    `<path d="${marks.join('')}" fill="none" stroke="${ink}" stroke-width="0.15"/>`,
    `<text x="${mm(wordsX)}" y="${mm(wordsY)}" font-family="sans-serif" font-size="3.5" fill="${ink}">${template.words.replace(/[<&>]/g, '')}</text>`,
    '</svg>',
  ].join('\n');
}
