import type { GrindBody, SharpeningBody, SupplyOf, WheelEntryBody } from '@pike-stone/contract';
import { unlessRefused } from '@pike-stone/core';
import {
  dressDue,
  FAMILY_OF_MARK,
  leastDiameter,
  ownCapacity,
  readMarking,
  surfaceMPerS,
  wearCorrection,
  wheelSpeed,
  type Abrasive,
  type GroundOn,
  type WheelMarking,
} from '@pike-stone/core/wheel';

/** Rim speed below which a wheel no longer cuts well, m/s. */
const LEAST_MPS = 15;
/** How far a wheel must stand out of its flanges, each side, mm: on a bench, and on a small spindle. */
const CLEARANCE_MM = { bench: 10, 'tool-post': 5, hand: 5 } as const;
/** Speed that a wheel on no grinder is reckoned with: its rim speed then never uses it up, rpm. */
const FASTEST_RPM = 60_000;
/** Width of a wheel where it was not said. */
const USUAL_WIDTH_MM = 20;
type Entry = { readonly id: string; readonly body: WheelEntryBody };
export type Dressed = Extract<WheelEntryBody, { act: 'dressed' }>;
type RestSet = Extract<WheelEntryBody, { act: 'rest-set' }>;

/** A wheel with all that follows from its description and its book. */
export interface WheelInUse {
  readonly grinder: SupplyOf<'grinder'> | null;
  readonly marking: WheelMarking | null;
  readonly abrasive: Abrasive | null;
  readonly grit: number | null;
  readonly markedMm: number;
  readonly widthMm: number;
  readonly ratedMPerS: number | null;
  /** Rim speed now; null when it is on no grinder. */
  readonly rimMPerS: number | null;
  /** Highest speed for its rating; null when it is not rated. */
  readonly maxRpm: number | null;
  readonly overSpeed: boolean;
  readonly least: ReturnType<typeof leastDiameter>;
  readonly usedUp: boolean;
  /** Newest first. */
  readonly book: readonly Entry[];
  readonly due: ReturnType<typeof dressDue> | null;
  readonly rest: {
    readonly set: RestSet;
    readonly now: { readonly reliefDeg: number; readonly asItStandsDeg: number; readonly tiltDeg: number };
  } | null;
}

interface ShopBooks {
  readonly entries: readonly Entry[];
  readonly sharpenings: readonly SharpeningBody[];
  readonly grinds: readonly GrindBody[];
}

/** Everything that was ground on a wheel, from the sessions at bits and the sharpenings. */
const groundOn = (wheelId: string, { sharpenings, grinds }: ShopBooks): readonly GroundOn[] => [
  ...sharpenings.flatMap((one) =>
    one.wheelId === wheelId && one.finishedAt ? [{ at: one.finishedAt, volumeMm3: one.volumeMm3 }] : [],
  ),
  ...grinds.flatMap((one) =>
    one.wheelId === wheelId && one.finishedAt ? [{ at: one.finishedAt, volumeMm3: one.volumeMm3 ?? 0 }] : [],
  ),
];

function restNow(book: readonly Entry[], diameterMm: number): WheelInUse['rest'] {
  const set = book.map(({ body }) => body).find((body): body is RestSet => body.act === 'rest-set');
  if (!set) return null;
  return unlessRefused(() => {
    const { beforeDeg, uncorrectedDeg, tiltDeg } = wearCorrection(
      set.tiltDeg,
      set.heightMm,
      set.diameterMm / 2,
      diameterMm / 2,
    );
    return { set, now: { reliefDeg: beforeDeg, asItStandsDeg: uncorrectedDeg, tiltDeg } };
  }, null);
}

/** A wheel as it is: its marking read, its speed against its rating, what is left of it, when it is due. */
export function wheelInUse(
  id: string,
  body: SupplyOf<'wheel'>,
  grinder: SupplyOf<'grinder'> | null,
  books: ShopBooks,
): WheelInUse {
  const read = body.marking ? readMarking(body.marking) : null;
  const marking = read && typeof read !== 'string' ? read : null;
  const abrasive = body.abrasive ?? (marking ? FAMILY_OF_MARK[marking.abrasive] : null);
  const grit = marking?.grit ?? body.grit ?? null;
  const markedMm = body.markedMm ?? body.diameterMm;
  const widthMm = body.widthMm ?? USUAL_WIDTH_MM;
  const ratedMPerS = body.ratedMPerS ?? marking?.maxSpeedMPerS ?? null;
  const ratedRpm = body.ratedRpm ?? null;
  const rpm = grinder?.rpm ?? null;
  const rated = ratedMPerS !== null || ratedRpm !== null;
  const speed =
    rated && rpm !== null ? wheelSpeed(markedMm, rpm, { mPerS: ratedMPerS, rpm: ratedRpm }) : null;
  const least = leastDiameter({
    spindleRpm: rpm ?? FASTEST_RPM,
    leastMPerS: LEAST_MPS,
    flangeMm: grinder?.flangeMm ?? markedMm / 3,
    clearanceMm: CLEARANCE_MM[grinder?.stands ?? 'bench'],
    makerMm: body.makerLeastMm ?? null,
  });
  const book = books.entries
    .filter(({ body: entry }) => entry.wheelId === id)
    .sort((a, b) => b.body.at.localeCompare(a.body.at));
  const dresses = book
    .map(({ body: entry }) => entry)
    .filter((entry): entry is Dressed => entry.act === 'dressed');
  const ground = groundOn(id, books);
  const since = ground.filter(({ at }) => at > (dresses[0]?.at ?? ''));
  // A wheel that is dressed by the calendar says nothing of when it is dull.
  const past = dresses.map(({ at, why }) => ({ at, dull: why !== 'routine' && why !== 'new' }));
  return {
    grinder,
    marking,
    abrasive,
    grit,
    markedMm,
    widthMm,
    ratedMPerS,
    rimMPerS: rpm === null ? null : surfaceMPerS(body.diameterMm, rpm),
    maxRpm: speed?.maxRpm ?? null,
    overSpeed: speed !== null && !speed.ok,
    least,
    usedUp: body.diameterMm < least.diameterMm,
    book,
    due:
      abrasive
      && dressDue({
        abrasive,
        grit,
        widthMm,
        diameterMm: body.diameterMm,
        leastMm: least.diameterMm,
        groundMm3: since.reduce((sum, { volumeMm3 }) => sum + volumeMm3, 0),
        pieces: since.length,
        ownCapacity: ownCapacity(past, ground, widthMm),
      }),
    rest: restNow(book, body.diameterMm),
  };
}
