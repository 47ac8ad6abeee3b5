import type { ChipClass } from '@pike-stone/core/forecast';
import type { ChipMap } from '@pike-stone/core/learn';

/** How a chip region is shaded, as the share of ink over the sheet: the worse it breaks, the darker. */
export const SHADE: Readonly<Record<ChipClass, number>> = {
  ribbon: 0.3,
  tangle: 0.3,
  'flat-spiral': 0.2,
  'long-helix': 0.2,
  'short-helix': 0.1,
  'arc-pieces': 0,
  'loose-bits': 0.05,
  dust: 0.12,
};
/** What a region is called on the map. */
export const REGION: Readonly<Record<ChipClass, string>> = {
  ribbon: 'ribbon',
  tangle: 'tangle',
  'flat-spiral': 'spiral',
  'long-helix': 'long helix',
  'short-helix': 'short helix',
  'arc-pieces': 'arcs',
  'loose-bits': 'bits',
  dust: 'dust',
};

/** A place on the paper, and a part of it, px. */
export type Place = readonly [x: number, y: number];
export interface Bounds {
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly bottom: number;
}

/** Cells of a chip class as one path, whole pixels wide, so that they lie side by side without seams. */
export function regionPath(
  { chips }: ChipMap,
  chip: ChipClass,
  x: (cell: number) => number,
  y: (cell: number) => number,
): string {
  return chips
    .flatMap((row, at) => {
      const runs: string[] = [];
      for (let from = 0; from < row.length; from += 1) {
        if (row[from] !== chip) continue;
        let to = from;
        while (row[to] === chip) to += 1;
        runs.push(`M${x(from)} ${y(at)}H${x(to)}V${y(at + 1)}H${x(from)}Z`);
        from = to;
      }
      return runs;
    })
    .join('');
}

/** Room for the name of a region, px: half its width, and its height. */
export const NAME = { half: 40, height: 12 } as const;

/** A region of less than this share of the map has no name. */
const LEAST_SHARE = 0.06;
/** Where the name of a region stands: its cell farthest from every mark; null where it is too small for a name. */
export function namePlace(
  { chips }: ChipMap,
  chip: ChipClass,
  at: (column: number, row: number) => Place,
  marks: readonly Place[],
  bounds: Bounds,
): Place | null {
  const cells = chips.flatMap((row, y) =>
    row.flatMap((one, x) => (one === chip ? [at(x + 0.5, y + 0.5)] : [])),
  );
  if (cells.length < LEAST_SHARE * chips.flat().length) return null;
  const room = ([x, y]: Place): number =>
    x - NAME.half < bounds.left
    || x + NAME.half > bounds.right
    || y - NAME.height < bounds.top
    || y + NAME.height > bounds.bottom
      ? -1
      : Math.min(100, ...marks.map(([mx, my]) => Math.hypot((x - mx) / 2, y - my)));
  const middle = cells.reduce<Place>(
    ([sx, sy], [x, y]) => [sx + x / cells.length, sy + y / cells.length],
    [0, 0],
  );
  const worth = (cell: Place): number =>
    room(cell) - 0.15 * Math.hypot(cell[0] - middle[0], cell[1] - middle[1]);
  return cells.reduce((best, cell) => (worth(cell) > worth(best) ? cell : best));
}
