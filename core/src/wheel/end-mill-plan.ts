import { DEG } from '../quantity/angle';
import { positive, unlessRefused } from '../quantity/out-of-range';
import { dish, endToothRelief, raiseFor, secondRelief } from './end-tooth';
import type { EndMillJob } from './end-mill-job';
import { grindRounds } from './grind-rounds';
import { indexAngles, indexRunout } from './index-teeth';
import { SET_UP_MIN } from './sharpening-round';
import { toothReach } from './tooth-reach';

/** Room for what cannot be seen under wear, mm. */
const MARGIN_MM = 0.03;
/** Diameter at the centre that has no edge, as a share of a cutter that does not cut there. */
const GAP_SHARE = 0.2;
/** Minutes of a pass over one tooth with its indexing. */
const PASS_MIN = 0.35;
/** An error of indexing that is let pass, degrees. */
const ALLOWED_DEG = 0.5;

/** Way in which the grinder is moved from the height of the cutter's axis. */
export type RaiseWay = 'raise' | 'lower';

/**
 * Raise or lower. With the headstock on the operator's left a right-hand cutter that is ground on the
 * operator's side has its flank above the edge; on the far side, or left-hand, it lies below.
 */
export const raiseWay = (hand: 'right' | 'left', side: EndMillJob['side']): RaiseWay =>
  (hand === 'right') === (side === 'operator') ? 'raise' : 'lower';

/** Diameter at the centre of a cutter that has no edge. */
export const centreGap = ({ diameterMm, centreCutting }: EndMillJob['cutter']): number =>
  centreCutting ? 0 : GAP_SHARE * diameterMm;

/**
 * The set-up that sharpens the end teeth of a cutter with a small grinder in the lathe's tool post:
 * height of the wheel, dish, index, rounds, time.
 *
 * @throws OutOfRange when no wheel can make such a land; what is unwise is told by `endMillFindings`
 */
export function endMillPlan(job: EndMillJob) {
  const { cutter, wheel, wish } = job;
  const radiusMm = positive('wheel diameter', wheel.diameterMm) / 2;
  const raiseMm = raiseFor(wish.reliefDeg, radiusMm);
  const land = endToothRelief(radiusMm, raiseMm, wish.landMm);
  const { secondDeg } = wish;
  const second =
    secondDeg === null
      ? null
      : unlessRefused(() => secondRelief(radiusMm, raiseMm, wish.landMm, secondDeg), null);
  const gapMm = centreGap(cutter);
  const deepestMm = second ? 2 * second.raiseMm - wish.landMm : 2 * raiseMm;
  const rounds = grindRounds({ ...job, teeth: cutter.teeth, reliefDeg: wish.reliefDeg, marginMm: MARGIN_MM });
  const secondRounds = second
    ? grindRounds({
        ...job,
        teeth: cutter.teeth,
        reliefDeg: 0,
        wearMm: 0,
        chipMm: second.deeperMm,
        marginMm: 0,
        sparkOut: 0,
        // The second relief only has to clear: it is ground in coarser steps.
        infeedMm: 3 * job.infeedMm,
      })
    : null;
  const passes = rounds.passes + (secondRounds?.passes ?? 0);
  return {
    radiusMm,
    raiseMm,
    way: raiseWay(cutter.hand, job.side),
    /** Top of the wheel above the height of the cutter's axis: what a height gauge is set to. */
    topMm: radiusMm + (raiseWay(cutter.hand, job.side) === 'raise' ? raiseMm : -raiseMm),
    land,
    second,
    dish: dish(cutter.diameterMm, wish.dishDeg, gapMm, job.travelMm),
    index: indexAngles(cutter.teeth, 0, job.holes),
    halfDegree: indexRunout(radiusMm, raiseMm, cutter.diameterMm, ALLOWED_DEG),
    rounds,
    secondRounds,
    reachMm: toothReach(cutter, deepestMm, gapMm),
    gapMm,
    grindMin: passes * PASS_MIN,
    minutes: SET_UP_MIN['end-teeth'] + passes * PASS_MIN,
    /** Taken off the teeth in all. */
    volumeMm3:
      (rounds.stockMm + wish.landMm * Math.tan(wish.reliefDeg * DEG)) * cutter.teeth * toothArea(job),
  };
}
export type EndMillPlan = ReturnType<typeof endMillPlan>;

/** Area of the end of one tooth, mm2: its land and as much again behind it, over its length. */
const toothArea = ({ cutter, wish }: EndMillJob): number => 2 * wish.landMm * (cutter.diameterMm / 2);

/** A wheel of another diameter at the same relief and land: what its land would be. */
export function withOtherWheel(job: EndMillJob, diameterMm: number) {
  const radiusMm = diameterMm / 2;
  const raiseMm = raiseFor(job.wish.reliefDeg, radiusMm);
  return unlessRefused(
    () => ({ diameterMm, raiseMm, ...endToothRelief(radiusMm, raiseMm, job.wish.landMm) }),
    null,
  );
}
