import { SPACE } from '../../theme/type';

/** A touched area on a sheet, px. */
export interface Area {
  readonly left: number;
  readonly top: number;
  readonly width: number;
  readonly height: number;
}

interface Sheet {
  readonly width: number;
  readonly height: number;
}

/** Gap by which a finger tells two areas apart, px. */
const GAP = SPACE.close;
/** Gap to the lower edge of the sheet: what lies below the sheet may be touched too, px. */
const BELOW = GAP + 3;
const ROUNDS = 40;

const within = (area: Area, sheet: Sheet): Area => ({
  ...area,
  left: Math.max(GAP, Math.min(area.left, sheet.width - area.width - GAP)),
  top: Math.max(GAP / 2, Math.min(area.top, sheet.height - area.height - BELOW)),
});

/** How far two areas have to part, along the axis on which it is less; null when they are apart. */
function lacking(a: Area, b: Area): { readonly x: number; readonly y: number } | null {
  const across = Math.min(a.left + a.width, b.left + b.width) - Math.max(a.left, b.left) + GAP;
  const down = Math.min(a.top + a.height, b.top + b.height) - Math.max(a.top, b.top) + GAP;
  if (across <= 0.01 || down <= 0.01) return null;
  return across < down
    ? { x: a.left <= b.left ? across : -across, y: 0 }
    : { x: 0, y: a.top <= b.top ? down : -down };
}

/**
 * Moves touched areas on a sheet so that all are on it and a finger can tell each two apart. Areas that are
 * apart already stay where they are; others move as little as they must, each half of the way.
 */
export function apart(areas: readonly Area[], sheet: Sheet): Area[] {
  const placed = areas.map((area) => within(area, sheet));
  for (let round = 0; round < ROUNDS; round += 1) {
    let moved = false;
    for (let i = 0; i < placed.length; i += 1)
      for (let j = i + 1; j < placed.length; j += 1) {
        const [a, b] = [placed[i]!, placed[j]!];
        const by = lacking(a, b);
        if (!by) continue;
        moved = true;
        placed[i] = within({ ...a, left: a.left - by.x / 2, top: a.top - by.y / 2 }, sheet);
        placed[j] = within({ ...b, left: b.left + by.x / 2, top: b.top + by.y / 2 }, sheet);
      }
    if (!moved) break;
  }
  return placed;
}
