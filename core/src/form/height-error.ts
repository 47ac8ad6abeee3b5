import { DEG } from '../quantity/angle';
import { OutOfRange, within } from '../quantity/out-of-range';
import { checkedRadii, faceDepth } from './flat-correction';

/**
 * What a form tool turns when it stands h above centre (below: negative) and is set so that the smallest radius
 * comes right: r' = hypot(sqrt(r1^2 - h^2) + C cos gamma, h - C sin gamma). Outside turning: above centre adds
 * asin(h / r1) of rake and takes it from the clearance.
 *
 * @example heightError([10, 12, 15], 10, 0.5).errorsMm // [0, -0.0167, -0.0334]
 */
export function heightError(radiiMm: readonly number[], topRakeDeg: number, heightMm: number) {
  const smallest = checkedRadii(radiiMm)[0]!;
  const gamma = within('top rake', topRakeDeg, -30, 45) * DEG;
  if (!(Math.abs(heightMm) < smallest)) throw new OutOfRange('height error', heightMm, -smallest, smallest);
  const reach = Math.sqrt(smallest ** 2 - heightMm ** 2);
  const cutRadiiMm = radiiMm.map((radius) => {
    const depth = faceDepth(smallest, radius, gamma);
    return Math.hypot(reach + depth * Math.cos(gamma), heightMm - depth * Math.sin(gamma));
  });
  return {
    cutRadiiMm,
    errorsMm: cutRadiiMm.map((cut, i) => cut - radiiMm[i]!),
    rakeChangeDeg: Math.asin(heightMm / smallest) / DEG,
  };
}
