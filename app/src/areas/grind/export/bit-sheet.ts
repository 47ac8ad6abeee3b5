import { visibleEdges, type Facet, type ViewLine } from '@pike-stone/core/grind';
import { VIEWS } from '../solid/project';

/** The three views of a bit at true size, mm: x to the right and y down, from the corner of the sheet. */
export interface BitSheet {
  readonly widthMm: number;
  readonly heightMm: number;
  readonly lines: readonly ViewLine[];
}

const GAP_MM = 12;

type ViewName = keyof typeof VIEWS;

/** Extent of some lines. */
function extent(lines: readonly ViewLine[]) {
  const [xs, ys] = [lines.flatMap(({ x1, x2 }) => [x1, x2]), lines.flatMap(({ y1, y2 }) => [y1, y2])];
  return { left: Math.min(...xs), right: Math.max(...xs), low: Math.min(...ys), high: Math.max(...ys) };
}

/** Lays the views out as a drawing does: the plan above the side, the end beside it. */
export function bitSheet(facets: readonly Facet[]): BitSheet {
  const of = (view: ViewName) => visibleEdges(facets, VIEWS[view]);
  const views = { plan: of('plan'), side: of('side'), end: of('end') };
  const [plan, side, end] = [extent(views.plan), extent(views.side), extent(views.end)];
  const widthMm = side.right - side.left + GAP_MM + (end.right - end.left);
  const heightMm = plan.high - plan.low + GAP_MM + (side.high - side.low);
  const put = (lines: readonly ViewLine[], x: number, y: number): ViewLine[] =>
    lines.map(({ x1, y1, x2, y2 }) => ({ x1: x1 + x, y1: y - y1, x2: x2 + x, y2: y - y2 }));
  const sideTop = plan.high - plan.low + GAP_MM;
  return {
    widthMm,
    heightMm,
    lines: [
      ...put(views.plan, -plan.left, plan.high),
      ...put(views.side, -side.left, sideTop + side.high),
      ...put(views.end, side.right - side.left + GAP_MM - end.left, sideTop + end.high),
    ],
  };
}

const CHECK_MM = 50;
const MARGIN_MM = 5;
const round = (mm: number): string => mm.toFixed(3);

/** The views as an SVG file at true size, with a bar to check the print by. */
export function bitSvg({ widthMm, heightMm, lines }: BitSheet, title: string, ink: string): string {
  const [width, height] = [Math.max(widthMm, CHECK_MM) + 2 * MARGIN_MM, heightMm + 4 * MARGIN_MM];
  const path = lines
    .map(({ x1, y1, x2, y2 }) => `M${round(x1)} ${round(y1)}L${round(x2)} ${round(y2)}`)
    .join('');
  const barY = round(heightMm + 2 * MARGIN_MM);
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${round(width)}mm" height="${round(height)}mm" viewBox="${-MARGIN_MM} ${-MARGIN_MM} ${round(width)} ${round(height)}">`,
    `<title>${title.replace(/[<&>]/g, '')}</title>`,
    `<path d="${path}" fill="none" stroke="${ink}" stroke-width="0.18"/>`,
    `<path d="M0 ${barY}H${CHECK_MM}M0 ${barY}m0 -1.5v3M${CHECK_MM} ${barY}m0 -1.5v3" fill="none" stroke="${ink}" stroke-width="0.18"/>`,
    `<text x="0" y="${round(heightMm + 3 * MARGIN_MM)}" font-size="3" fill="${ink}">${CHECK_MM} mm when printed at true size</text>`,
    '</svg>',
  ].join('\n');
}
