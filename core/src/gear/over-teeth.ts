import { OutOfRange, positive } from '../quantity/out-of-range';
import { wholeWithin } from '../quantity/whole-within';
import { gearCircles, type Gear } from './gear';
import { inverseInvolute } from './involute';
import { formRadius } from './tooth-space';

/** Teeth that a span is best taken over: the anvils then touch near the middle of the flanks. */
function usualSpanTeeth(gear: Gear): number {
  const { teeth: z, shift: x } = gear;
  const { alpha, invAlpha } = gearCircles(gear);
  const at = Math.acos(Math.min(1, (z * Math.cos(alpha)) / (z + 2 * x)));
  const k = (z / Math.PI) * (Math.tan(at) - invAlpha) - (2 * x * Math.tan(alpha)) / Math.PI + 0.5;
  return Math.max(2, Math.floor(k + 0.5));
}

/** Span over k teeth without a check of where the anvils touch. */
export function plainSpan(gear: Gear, teeth: number): number {
  const { moduleMm: m, teeth: z, shift: x } = gear;
  const { alpha, invAlpha } = gearCircles(gear);
  return m * Math.cos(alpha) * (Math.PI * (teeth - 0.5) + z * invAlpha) + 2 * x * m * Math.sin(alpha);
}

/**
 * Span (base tangent length) over k teeth: W = m cos alpha (pi (k - 0.5) + z inv alpha) + 2 x m sin alpha.
 *
 * @param teeth  k; chosen when left out
 * @throws OutOfRange when the anvils would touch below the involute or above the tip
 * @example span of m 1, z 20, 20 degrees over 3 teeth // 7.6604
 */
export function span(gear: Gear, teeth = usualSpanTeeth(gear)) {
  wholeWithin('teeth of the span', teeth, 1, gear.teeth - 1);
  const { rb, ra } = gearCircles(gear);
  const spanMm = plainSpan(gear, teeth);
  const contactMm = 2 * Math.hypot(rb, spanMm / 2);
  const [least, most] = [2 * formRadius(gear), 2 * ra];
  if (!(contactMm >= least && contactMm <= most))
    throw new OutOfRange('contact of the anvils', contactMm, least, most);
  return { teeth, spanMm, contactMm };
}

/**
 * How much deeper to sink the cutter when a span reads too large: u of depth thins each flank by u sin alpha, so
 * the span falls by twice that.
 *
 * @param overMm  reading less the wanted span
 * @example sinkForSpan(gear, 0.05) // 0.0731 at 20 degrees
 */
export const sinkForSpan = (gear: Gear, overMm: number): number =>
  overMm / (2 * Math.sin(gearCircles(gear).alpha));

/** Usual pins, in modules: 1.728 m is the customary size. */
export const USUAL_PIN = 1.728;

/**
 * Size over two pins in opposite spaces: inv aM = inv alpha + dp / (d cos alpha) + 2 x tan alpha / z - pi / (2 z).
 *
 * @throws OutOfRange for a pin that touches below the involute, or does not stand proud of the tip
 */
export function overPins(gear: Gear, pinMm: number) {
  positive('pin diameter', pinMm);
  const { teeth: z, shift: x } = gear;
  const { alpha, r, rb, ra, invAlpha } = gearCircles(gear);
  const value =
    invAlpha + pinMm / (2 * r * Math.cos(alpha)) + (2 * x * Math.tan(alpha)) / z - Math.PI / (2 * z);
  if (!(value > 0)) throw new OutOfRange('pin diameter', pinMm, pinMm - value * 2 * r * Math.cos(alpha));
  const angle = inverseInvolute(value);
  const centreMm = rb / Math.cos(angle);
  const contactMm = 2 * Math.hypot(rb, rb * Math.tan(angle) - pinMm / 2);
  const reach = rb * Math.tan(angle) - pinMm / 2;
  if (!(reach > 0)) throw new OutOfRange('contact of the pin', 2 * rb + reach, 2 * rb);
  if (!(centreMm + pinMm / 2 > ra)) throw new OutOfRange('height of the pin', centreMm + pinMm / 2, ra);
  return {
    overMm: 2 * centreMm * (z % 2 === 0 ? 1 : Math.cos(Math.PI / (2 * z))) + pinMm,
    centreDiameterMm: 2 * centreMm,
    contactMm,
  };
}
