import { minus, polar, type PlanePoint } from '../quantity/plane';
import { positive, unlessRefused } from '../quantity/out-of-range';
import { FEWEST_TEETH, gearCircles, plainGear, type Gear } from './gear';
import { involute } from './involute';
import { formRadius, halfSpaceAngle } from './tooth-space';

/** Places along the flank at which the deviation is taken. */
const PLACES = 200;
/** Usual allowance within which a gear of another count may serve as the pattern, mm. */
export const PATTERN_ALLOWANCE_MM = 0.01;
/** Pattern counts that are looked at. */
const FEWEST_PATTERN = 8;
const MOST_PATTERN = 400;

/** Metal left on (positive) or cut away too much (negative) at a height above the reference circle. */
export interface FlankDeviation {
  readonly heightMm: number;
  readonly deviationMm: number;
}

/**
 * What a flank of `work` teeth gets when the space of `pattern` teeth is cut, the flanks laid together at the
 * reference circle. For a point q of the wanted flank, seen from the pattern's centre:
 * deviation = rb0 (atan2(qx, qy) - eta_b0 - inv acos(rb0 / |q|)), the distance along the normal of an involute.
 * Sources: plane geometry of the involute (ISO 21771).
 *
 * @param workTeeth  null for a rack
 * @returns heights from the lowest working point to the tip; bottom and tip are its ends
 */
export function formError(
  moduleMm: number,
  patternTeeth: number,
  workTeeth: number | null,
  pressureAngleDeg: number,
) {
  positive('module', moduleMm);
  const pattern = plainGear(moduleMm, patternTeeth, pressureAngleDeg);
  const c0 = gearCircles(pattern);
  const work = workTeeth === null ? null : plainGear(moduleMm, workTeeth, pressureAngleDeg);
  const c1 = work === null ? null : gearCircles(work);
  const lowest0 = formRadius(pattern) - c0.r;
  const lowest1 = work === null ? -c0.straightEnd * moduleMm : formRadius(work) - c1!.r;
  const from = Math.max(lowest0, lowest1);
  const to = moduleMm * pattern.rack.addendum;
  const pitch0 = polar(c0.r, halfSpaceAngle(c0, c0.r));
  /** A point of the wanted flank against its point on the reference circle. */
  const wanted = (height: number): PlanePoint => {
    if (c1 === null) return [height * Math.tan(c0.alpha), height];
    const at = (radius: number): PlanePoint => polar(radius, halfSpaceAngle(c1, radius));
    return minus(at(Math.max(c1.rb, c1.r + height)), at(c1.r));
  };
  const baseHalf = halfSpaceAngle(c0, c0.rb);
  const deviationAt = (heightMm: number): FlankDeviation => {
    const [dx, dy] = wanted(heightMm);
    const [qx, qy] = [pitch0[0] + dx, pitch0[1] + dy];
    const angle = Math.acos(Math.min(1, c0.rb / Math.hypot(qx, qy)));
    return { heightMm, deviationMm: c0.rb * (Math.atan2(qx, qy) - baseHalf - involute(angle)) };
  };
  const flank = Array.from({ length: PLACES + 1 }, (_, i) => deviationAt(from + ((to - from) * i) / PLACES));
  return {
    activeFromMm: from,
    bottomMm: flank[0]!.deviationMm,
    tipMm: flank[PLACES]!.deviationMm,
    maxMm: Math.max(...flank.map(({ deviationMm }) => Math.abs(deviationMm))),
    flank,
  };
}

/** What the space of another count does to the flanks of the gear that is wanted. */
export const patternError = (wanted: Gear, drawnTeeth: number) =>
  formError(wanted.moduleMm, drawnTeeth, wanted.teeth, wanted.rack.pressureAngleDeg);

/** Pattern counts that are compared with the wanted one: by so many teeth fewer and more. */
const AROUND = [-6, -4, -3, -2, -1, 0, 1, 2, 3, 4, 6];

/** The largest error with each pattern near the wanted count, mm; counts that cannot be patterns are left out. */
export const patternsAround = (wanted: Gear): readonly { readonly teeth: number; readonly maxMm: number }[] =>
  AROUND.map((more) => wanted.teeth + more)
    .filter((teeth) => teeth >= FEWEST_PATTERN)
    .flatMap((teeth) => unlessRefused(() => [{ teeth, maxMm: patternError(wanted, teeth).maxMm }], []));

/**
 * Tooth counts whose space may serve as the pattern for a count: outwards from it one tooth at a time while the
 * largest deviation stays within an allowance.
 *
 * @param allowanceMm  more than 0
 * @example patternRange(1, 30, 20, 0.01) // { fromTeeth: 29, toTeeth: 32 }
 */
export function patternRange(
  moduleMm: number,
  teeth: number,
  pressureAngleDeg: number,
  allowanceMm = PATTERN_ALLOWANCE_MM,
) {
  positive('allowance', allowanceMm);
  gearCircles(plainGear(moduleMm, teeth, pressureAngleDeg));
  const serves = (pattern: number): boolean =>
    pattern >= Math.max(FEWEST_TEETH, FEWEST_PATTERN)
    && pattern <= MOST_PATTERN
    && unlessRefused(() => formError(moduleMm, pattern, teeth, pressureAngleDeg).maxMm <= allowanceMm, false);
  let [fromTeeth, toTeeth] = [teeth, teeth];
  while (serves(fromTeeth - 1)) fromTeeth -= 1;
  while (serves(toTeeth + 1)) toTeeth += 1;
  return { fromTeeth, toTeeth };
}
