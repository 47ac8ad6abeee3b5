import { lastWhere } from '../quantity/bisection';
import { turnedBy } from '../quantity/plane';
import { OutOfRange } from '../quantity/out-of-range';
import { arcsWithin, type CurvePoint } from '../profile/arc-fit';
import { joined, mirrored, type Corner, type Profile } from '../profile/profile';
import { angleAtRadius, gearCircles, undercutOf, type Gear } from './gear';
import { involute } from './involute';
import { involuteCurve } from './involute-curve';

/** Points of a fillet before arcs are fitted. */
const FILLET_POINTS = 400;
/** Arcs of a profile stay within this of the exact curve, mm, where nothing else is asked. */
const USUAL_ARC_TOLERANCE_MM = 0.0005;
/** Nothing is fitted where a stretch is shorter than this, mm. */
const NOTHING_MM = 1e-9;

type Circles = ReturnType<typeof gearCircles>;

/** Half angle of the space at a radius from the base circle outwards: eta = e / (2 r) + inv ay - inv alpha, radians. */
export const halfSpaceAngle = ({ space, r, rb, invAlpha }: Circles, radiusMm: number): number =>
  space / (2 * r) + involute(angleAtRadius(rb, radiusMm)) - invAlpha;

/**
 * A point of the root fillet: the trochoid of the rolling rack's tip round, t from 0 at the root circle to
 * 90 degrees - alpha where the straight flank ends.
 */
function filletPoint({ r, tipSideMm: lc, tipDepthMm: hc, tipRadiusMm: rho }: Circles, t: number): CurvePoint {
  const phi = (hc * Math.tan(t) - lc) / r;
  return {
    at: turnedBy(phi, [hc * Math.tan(t) + rho * Math.sin(t), r - hc - rho * Math.cos(t)]),
    // The contact's normal passes the pitch point: the tangent is square to (sin t, -cos t), turned by phi.
    direction: turnedBy(phi, [Math.cos(t), Math.sin(t)]),
  };
}

/** Where fillet and involute meet: the parameter on the fillet, and the radius. */
function junction(gear: Gear, circles: Circles): { readonly t: number; readonly formMm: number } {
  const { r, rb, alpha, straightEnd } = circles;
  const end = Math.PI / 2 - alpha;
  if (!undercutOf(gear).undercut) {
    const h = gear.moduleMm * (straightEnd - gear.shift);
    return { t: end, formMm: Math.hypot(rb, r * Math.sin(alpha) - h / Math.sin(alpha)) };
  }
  const radiusAt = (t: number): number => Math.hypot(...filletPoint(circles, t).at);
  const from = lastWhere((t) => radiusAt(t) < rb, 0, end);
  const t = lastWhere(
    (one) => {
      const { at } = filletPoint(circles, one);
      const radius = Math.max(rb, Math.hypot(...at));
      return Math.atan2(at[0], at[1]) < halfSpaceAngle(circles, radius);
    },
    end,
    from,
  );
  return { t, formMm: radiusAt(t) };
}

/** Radius at which the involute begins, mm. */
export const formRadius = (gear: Gear): number => junction(gear, gearCircles(gear)).formMm;

const spread = (from: number, to: number): readonly number[] =>
  Array.from({ length: FILLET_POINTS + 1 }, (_, i) => from + ((to - from) * i) / FILLET_POINTS);

/** Right half of a space, from the root on the centre line to the tip, as arcs within a tolerance. */
function rightHalf(gear: Gear, toleranceMm: number): Profile {
  const circles = gearCircles(gear);
  const { rb, ra, rf, r, tipSideMm } = circles;
  const { t: end, formMm } = junction(gear, circles);
  if (!(ra > formMm)) throw new OutOfRange('tip circle', ra, formMm);
  const rootHalf = tipSideMm / r;
  // The root is an arc about the gear centre, which travel to the right leaves on its right: it turns right.
  const root: readonly Corner[] = rootHalf * rf > NOTHING_MM ? [[0, rf, -Math.tan(rootHalf / 4)]] : [];
  const fillet =
    circles.tipRadiusMm > NOTHING_MM || end > 0
      ? arcsWithin(
          spread(0, end).map((t) => filletPoint(circles, t)),
          toleranceMm,
        )
      : [];
  const baseHalf = halfSpaceAngle(circles, rb);
  const flank = arcsWithin(involuteCurve(rb, Math.max(formMm, rb), ra, baseHalf), toleranceMm);
  return [...root, ...fillet.slice(0, -1), ...flank];
}

/**
 * The space between two teeth, which is the profile of a form cutter that is fed straight into the blank: left
 * tip, flank, fillet, root, fillet, flank, right tip. Origin in the gear centre, the space on +y. Where the
 * rack undercuts, fillet and flank meet at a corner.
 *
 * @param toleranceMm  by which the arcs may leave the exact curve
 */
export function toothSpace(gear: Gear, toleranceMm = USUAL_ARC_TOLERANCE_MM) {
  const circles = gearCircles(gear);
  const right = rightHalf(gear, toleranceMm);
  const [tipX, tipY] = right[right.length - 1]!;
  return {
    profile: joined(mirrored(right), right),
    formRadiusMm: formRadius(gear),
    rootRadiusMm: circles.rf,
    tipHalfWidthMm: tipX,
    tipHeightMm: tipY,
  };
}
