import type { PlanePoint } from '../quantity/plane';
import { positive } from '../quantity/out-of-range';

/** A slide's dial: travel of one mark. */
export interface SlideDial {
  /** Travel of one turn, mm. */
  readonly turnMm: number;
  readonly marks: number;
}

/** One stop of the wheel in the dials' own terms. */
export interface DialStop {
  /** Place from the zero, on the marks of the dials, mm. */
  readonly xMm: number;
  readonly yMm: number;
  /** Whole turns and marks from the zero, negative the other way. */
  readonly x: DialPlace;
  readonly y: DialPlace;
  /** The slide comes to this stop the other way than to the one before: its play is taken up first. */
  readonly xTurnsBack: boolean;
  readonly yTurnsBack: boolean;
}

export interface DialPlace {
  readonly turns: number;
  readonly mark: number;
}

function placeOn(
  mm: number,
  { turnMm, marks }: SlideDial,
): DialPlace & { readonly mm: number; readonly count: number } {
  const count = Math.round((mm / turnMm) * marks) || 0;
  const turns = Math.floor(count / marks);
  return { turns, mark: count - turns * marks, mm: (count / marks) * turnMm, count };
}

/**
 * Stops of a wheel as dial readings from the first stop, and the most that rounding to the marks moves the
 * wheel: half a mark each way, sqrt 2 of it when both are equal.
 */
export function dialStops(stops: readonly PlanePoint[], xDial: SlideDial, yDial: SlideDial) {
  for (const { turnMm, marks } of [xDial, yDial]) {
    positive('travel of one turn', turnMm);
    positive('marks of the dial', marks);
  }
  const [zeroX, zeroY] = stops[0] ?? [0, 0];
  const places = stops.map(([x, y]) => ({ x: placeOn(x - zeroX, xDial), y: placeOn(y - zeroY, yDial) }));
  const ways = places.map(({ x, y }, i) => {
    const before = places[i - 1];
    return before ? [Math.sign(x.count - before.x.count), Math.sign(y.count - before.y.count)] : [0, 0];
  });
  const turnsBack = (i: number, axis: 0 | 1): boolean => {
    const way = ways[i]![axis]!;
    const last = ways.slice(0, i).findLast((one) => one[axis] !== 0)?.[axis] ?? way;
    return way !== 0 && last !== 0 && way !== last;
  };
  return {
    stops: places.map(({ x, y }, i): DialStop => ({
      xMm: x.mm,
      yMm: y.mm,
      x: { turns: x.turns, mark: x.mark },
      y: { turns: y.turns, mark: y.mark },
      xTurnsBack: turnsBack(i, 0),
      yTurnsBack: turnsBack(i, 1),
    })),
    roundingMm: Math.hypot(xDial.turnMm / xDial.marks / 2, yDial.turnMm / yDial.marks / 2),
  };
}
