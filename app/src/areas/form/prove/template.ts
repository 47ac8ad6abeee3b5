import {
  boundsOf,
  lineWidthMm,
  piecesOf,
  sampled,
  scaled,
  trueSize,
  type PlanePoint,
  type Profile,
} from '@pike-stone/core/form';

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
  readonly bar: { readonly x: number; readonly y: number; readonly mm: number };
  /** Crosses at the corners of a rectangle, by whose diagonals the skew of a print is read. */
  readonly crosses: readonly PlanePoint[];
  /** Factors by which a printer falls short of true size. */
  readonly factors: { readonly x: number; readonly y: number };
}

const MARGIN_MM = 15;
const BAR_MM = 100;
/** Room below the form for the bar and its words. */
const FOOT_MM = 22;
const DPI = 300;
/** Crosses stand so far from the edges of the sheet, and reach half of that. */
const CROSS_MM = 6;
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
  const large = scaled(profile, magnification);
  const [dx, dy] = [
    widthMm / 2 - ((left + right) / 2) * magnification,
    FOOT_MM + MARGIN_MM - low * magnification,
  ];
  const form: Profile = large.map(([x, y, bulge]) => [x + dx, y + dy, bulge] as const);
  return {
    title,
    magnification,
    widthMm,
    heightMm,
    form,
    points: sampled(form, CHORD_MM),
    words: `${title}, ${magnification} : 1. Print at 100 %, not fit to page. Each bar is ${BAR_MM} mm.`,
    lineMm: lineWidthMm(magnification),
    bar: { x: MARGIN_MM, y: MARGIN_MM, mm: BAR_MM },
    crosses: [CROSS_MM, widthMm - CROSS_MM].flatMap((x) =>
      [CROSS_MM, heightMm - CROSS_MM].map((y): PlanePoint => [x, y]),
    ),
    factors,
  };
}

const mm = (value: number): string => value.toFixed(6).replace(/\.?0+$/, '');

/** The template as an SVG file in millimetres at true size. */
export function templateSvg(template: Template, ink: string): string {
  const { widthMm, heightMm, form, lineMm, bar, factors } = template;
  const [w, h] = [widthMm * factors.x, heightMm * factors.y];
  const down = (y: number): number => heightMm - y;
  const pieces = piecesOf(form);
  const [x0, y0] = pieces[0]!.from;
  const path = pieces.reduce(
    (text, piece) => {
      const [x, y] = piece.to;
      if (piece.kind === 'line') return `${text}L${mm(x)} ${mm(down(y))}`;
      const large = Math.abs(piece.sweepRad) > Math.PI ? 1 : 0;
      return `${text}A${mm(piece.radiusMm)} ${mm(piece.radiusMm)} 0 ${large} ${piece.sweepRad > 0 ? 0 : 1} ${mm(x)} ${mm(down(y))}`;
    },
    `M${mm(x0)} ${mm(down(y0))}`,
  );
  const barY = down(bar.y);
  const marks = template.crosses.map(
    ([x, y]) => `M${mm(x - 3)} ${mm(down(y))}h6M${mm(x)} ${mm(down(y) - 3)}v6`,
  );
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${mm(w)}mm" height="${mm(h)}mm" viewBox="0 0 ${mm(widthMm)} ${mm(heightMm)}" preserveAspectRatio="none">`,
    `<title>${template.title.replace(/[<&>]/g, '')}</title>`,
    `<path id="form" d="${path}" fill="none" stroke="${ink}" stroke-width="${lineMm}"/>`,
    `<path id="bar-x" d="M${mm(bar.x)} ${mm(barY)}h${bar.mm}" fill="none" stroke="${ink}" stroke-width="0.25"/>`,
    `<path id="bar-y" d="M${mm(bar.x)} ${mm(barY)}v-${bar.mm}" fill="none" stroke="${ink}" stroke-width="0.25"/>`,
    `<path d="${marks.join('')}" fill="none" stroke="${ink}" stroke-width="0.15"/>`,
    `<text x="${mm(bar.x + 4)}" y="${mm(barY + 6)}" font-family="sans-serif" font-size="3.5" fill="${ink}">${template.words.replace(/[<&>]/g, '')}</text>`,
    '</svg>',
  ].join('\n');
}
