import { DEG } from '../quantity/angle';
import { OutOfRange, positive, within } from '../quantity/out-of-range';
import { leanAt } from './rest-tilt';

/** What is wrong at the heel of a concave land: it rises towards the work again, or stands above the edge and drags. */
export type LandWarning = 'heel-rising' | 'heel-drags';

/** Depth of the wheel's round at a height above the edge, from the edge, mm: positive lies in the cutter. */
export const wheelDepth = (radiusMm: number, raiseMm: number, heightMm: number): number =>
  Math.sqrt(radiusMm ** 2 - (heightMm - raiseMm) ** 2) - Math.sqrt(radiusMm ** 2 - raiseMm ** 2);

function raised(raiseMm: number, radiusMm: number): number {
  const radius = positive('wheel radius', radiusMm);
  if (!(raiseMm >= 0 && raiseMm < radius)) throw new OutOfRange('contact height', raiseMm, 0, radius);
  return raiseMm;
}

/**
 * The concave land that the front of a wheel leaves on an end tooth which lies level.
 *
 * ```
 *   side view, z along the cutter      y ^
 *                                        | flank   .-''-.
 *    relief at the edge = asin(h/R)      |  E     /   O  \    O = wheel's centre, h above E
 *    heel  asin((h - w) / R)             E........\      /    z -> away from the cutter
 *    chord atan(drop / w)              cutter      '-..-'
 * ```
 *
 * It holds when the axle is parallel to the edge, the front of the wheel grinds, and the flank lies on
 * the side of the wheel's centre. Past w = h the land rises again; from 2h on its heel drags.
 *
 * @param landMm  w, square to the edge in the end view
 * @example endToothRelief(30, 3.1359, 1) // 6.00 at the edge, 4.08 at the heel
 */
export function endToothRelief(radiusMm: number, raiseMm: number, landMm: number) {
  const h = raised(raiseMm, radiusMm);
  const w = positive('land', landMm);
  if (!(Math.abs(h - w) < radiusMm)) throw new OutOfRange('ground width', w, 0, radiusMm + h);
  const dropMm = wheelDepth(radiusMm, h, w);
  const warning: LandWarning | null = w >= 2 * h ? 'heel-drags' : w > h ? 'heel-rising' : null;
  return {
    edgeDeg: leanAt(h, radiusMm),
    heelDeg: leanAt(h - w, radiusMm),
    chordDeg: Math.atan(dropMm / w) / DEG,
    dropMm,
    warning,
  };
}

/**
 * Height of the wheel's axle above the edge for a relief: h = R sin(wanted).
 * @example raiseFor(6, 30) // 3.136
 */
export const raiseFor = (reliefDeg: number, radiusMm: number): number =>
  positive('wheel radius', radiusMm) * Math.sin(within('relief', reliefDeg, 0, 89) * DEG);

/**
 * The height again once the wheel has worn: at the old height the relief grows.
 * @example raiseAfterWear(6, 30, 26) // 6.93 uncorrected; set 2.718
 */
export function raiseAfterWear(reliefDeg: number, radiusMm: number, wornMm: number) {
  const raiseMm = raiseFor(reliefDeg, radiusMm);
  return {
    raiseMm,
    uncorrectedDeg: leanAt(raised(raiseMm, wornMm), wornMm),
    newRaiseMm: raiseFor(reliefDeg, wornMm),
  };
}

/**
 * A second relief that begins behind the first land: h2 = w1 + R sin(beta), and so much deeper than
 * the first's last setting that it begins there.
 *
 * @param landMm    w1, width of the first land that stays
 * @param reliefDeg beta, of the second relief where it begins
 * @throws OutOfRange when it would be less than the first
 * @example secondRelief(30, 3.1359, 0.8, 14) // raise 8.06, 0.800 deeper
 */
export function secondRelief(radiusMm: number, raiseMm: number, landMm: number, reliefDeg: number) {
  const h = raised(raiseMm, radiusMm);
  const second = positive('land', landMm) + raiseFor(reliefDeg, radiusMm);
  if (!(second > h)) throw new OutOfRange('secondary raise', second, h);
  if (!(Math.abs(h - landMm) < radiusMm)) throw new OutOfRange('ground width', landMm, 0, radiusMm + h);
  return {
    raiseMm: second,
    deeperMm:
      Math.sqrt(radiusMm ** 2 - (h - landMm) ** 2) - Math.sqrt(radiusMm ** 2 - (second - landMm) ** 2),
  };
}

/**
 * The end edge falls towards the centre, so that only the corner cuts: the slide is set off square.
 *
 * @param gapMm     diameter at the centre that is not ground
 * @param travelMm  of the slide, over which an indicator reads the angle
 * @example dish(12, 2, 0, 50) // 0.21 deep, reads 1.745
 */
export function dish(diameterMm: number, dishDeg: number, gapMm: number, travelMm: number) {
  const angle = within('dish angle', dishDeg, 0, 45) * DEG;
  const across = positive('cutter diameter', diameterMm) - within('gap at the centre', gapMm, 0, diameterMm);
  return { depthMm: (across / 2) * Math.tan(angle), readingMm: travelMm * Math.sin(angle) };
}
