import { DEG } from '../quantity/angle';
import { angleBetween, minus, type PlanePoint } from '../quantity/plane';
import { circleOfBestFit } from '../profile/arc-fit';
import {
  pieceLength,
  piecesOf,
  profileLength,
  profileOf,
  type ArcPiece,
  type Profile,
} from '../profile/profile';
import { steppedPoints } from '../profile/sampled';

/** A hollow or a round of a tool's form that one stone or one swing makes. */
export interface ArcJob {
  readonly kind: 'hollow' | 'round';
  readonly radiusMm: number;
  readonly centre: PlanePoint;
  /** How far the form leaves one arc, mm; 0 where it is one. */
  readonly deviationMm: number;
  /**
   * Part of the circle that is used, degrees from the depth axis, to the right positive: from straight down for a
   * round, from straight up for a hollow, whose centre stands below it.
   */
  readonly fromDeg: number;
  readonly toDeg: number;
  /** How many arcs of the form it stands for, and how many times it is made: twice where the form is symmetric. */
  readonly arcs: number;
  readonly times: number;
}

/** About so many points of the arcs are the circle laid through. */
const POINTS = 96;
/** Arcs shorter than this are no job of their own, mm. */
const LEAST_MM = 0.02;
/** What turns less than this in all is a straight flank that a correction has bent by next to nothing, radians. */
const LEAST_TURN = 1 * DEG;
/** Neighbouring arcs of which one is so many times rounder than the other are not ground as one. */
const MOST_RATIO = 20;
/** Two jobs are the two sides of a symmetric form when they agree to this, mm: each side is fitted by itself. */
const TWIN_MM = 0.005;
/** What begins here or right of here belongs to the right side, mm. */
const MIDDLE_MM = 1e-6;

/** Neighbouring arcs that bend the same way, in the order of travel. */
function groupsOf(profile: Profile): readonly (readonly ArcPiece[])[] {
  const groups: ArcPiece[][] = [];
  let last: ArcPiece | null = null;
  for (const piece of piecesOf(profile)) {
    if (piece.kind === 'line') {
      last = null;
      continue;
    }
    const goesOn = last !== null && isRound(last) === isRound(piece) && ratioOf(last, piece) < MOST_RATIO;
    // The two sides of a form meet on its middle: they are jobs of their own.
    const crosses = piece.from[0] >= -MIDDLE_MM && last !== null && last.from[0] < -MIDDLE_MM;
    if (goesOn && !crosses) groups[groups.length - 1]!.push(piece);
    else groups.push([piece]);
    last = piece;
  }
  return groups;
}

const ratioOf = (a: ArcPiece, b: ArcPiece): number =>
  Math.max(a.radiusMm, b.radiusMm) / Math.min(a.radiusMm, b.radiusMm);

/** Whether arcs are long and bent enough to be ground by themselves. */
const isJob = (arcs: readonly ArcPiece[]): boolean =>
  arcs.reduce((sum, arc) => sum + pieceLength(arc), 0) > LEAST_MM
  && Math.abs(arcs.reduce((sum, arc) => sum + arc.sweepRad, 0)) >= LEAST_TURN;

/** Whether an arc stands out of the tool; otherwise it is hollow. */
const isRound = ({ sweepRad }: ArcPiece): boolean => sweepRad >= 0;

function jobOf(arcs: readonly ArcPiece[]): ArcJob {
  const along = profileOf(arcs);
  // Evenly along all of them: short arcs must not count for more than long ones.
  const points = steppedPoints(along, profileLength(along) / POINTS);
  const first = arcs[0]!;
  const kind = isRound(first) ? 'round' : 'hollow';
  const circle =
    arcs.length === 1
      ? { centre: first.centre, radiusMm: first.radiusMm, maxDeviationMm: 0 }
      : circleOfBestFit(points);
  const axis: PlanePoint = [0, kind === 'round' ? -1 : 1];
  const toTheRight = kind === 'round' ? 1 : -1;
  const angles = points.map((at) => (toTheRight * angleBetween(axis, minus(at, circle.centre))) / DEG);
  return {
    kind,
    radiusMm: circle.radiusMm,
    centre: circle.centre,
    deviationMm: circle.maxDeviationMm,
    fromDeg: Math.min(...angles),
    toDeg: Math.max(...angles),
    arcs: arcs.length,
    times: 1,
  };
}

/** Groups of arcs, the two that meet on the middle taken together where one circle serves both as well. */
function acrossTheMiddle(groups: readonly (readonly ArcPiece[])[]): readonly (readonly ArcPiece[])[] {
  const right = groups.findIndex(([first]) => Math.abs(first!.from[0]) <= MIDDLE_MM);
  const [a, b] = [groups[right - 1], groups[right]];
  const last = a?.[a.length - 1];
  if (!a || !b || !last || Math.abs(last.to[0]) > MIDDLE_MM || isRound(last) !== isRound(b[0]!))
    return groups;
  const both = [...a, ...b];
  const alone = Math.max(jobOf(a).deviationMm, jobOf(b).deviationMm);
  if (jobOf(both).deviationMm > alone + TWIN_MM) return groups;
  return [...groups.slice(0, right - 1), both, ...groups.slice(right + 1)];
}

/**
 * The hollows and rounds of a tool's form as single arcs, each with what one arc leaves. Arcs that follow one
 * another and bend the same way are taken together: a flank of many arcs becomes the nearest single one.
 */
export function arcJobs(profile: Profile): readonly ArcJob[] {
  const jobs = acrossTheMiddle(groupsOf(profile).filter(isJob)).map(jobOf);
  const isTwin = (a: ArcJob, b: ArcJob): boolean =>
    a.kind === b.kind
    && Math.abs(a.radiusMm - b.radiusMm) < TWIN_MM
    && Math.abs(a.centre[0] + b.centre[0]) < TWIN_MM
    && Math.abs(a.centre[1] - b.centre[1]) < TWIN_MM
    && a !== b;
  return jobs
    .filter((job) => job.centre[0] >= 0 || !jobs.some((other) => isTwin(job, other) && other.centre[0] > 0))
    .map((job) => ({ ...job, times: jobs.some((other) => isTwin(job, other)) ? 2 : 1 }));
}
