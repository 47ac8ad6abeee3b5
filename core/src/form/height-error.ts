import { DEG } from '../quantity/angle';
import { OutOfRange, within } from '../quantity/out-of-range';
import { checkedRadii, faceDepth } from './flat-correction';

/**
 * Radius that a point at a depth along the face turns when the edge stands h above centre and is set so that the
 * smallest radius comes right: hypot(sqrt(r1^2 - h^2) + C cos gamma, h - C sin gamma).
 */
export function radiusAtHeight(smallestMm: number, faceMm: number, gamma: number, heightMm: number): number {
  if (!(Math.abs(heightMm) < smallestMm))
    throw new OutOfRange('height error', heightMm, -smallestMm, smallestMm);
  const reach = Math.sqrt(smallestMm ** 2 - heightMm ** 2);
  return Math.hypot(reach + faceMm * Math.cos(gamma), heightMm - faceMm * Math.sin(gamma));
}

/**
 * What a form tool turns when it stands h above centre (below: negative) and is set so that the smallest radius
 * comes right. In outside turning a tool above centre gains asin(h / r1) of rake and loses as much clearance.
 *
 * @example heightError([10, 12, 15], 10, 0.5).errorsMm // [0, -0.0167, -0.0334]
 */
export function heightError(radiiMm: readonly number[], topRakeDeg: number, heightMm: number) {
  const smallest = checkedRadii(radiiMm)[0]!;
  const gamma = within('top rake', topRakeDeg, -30, 45) * DEG;
  const cutRadiiMm = radiiMm.map((radius) =>
    radiusAtHeight(smallest, faceDepth(smallest, radius, gamma), gamma, heightMm),
  );
  return {
    cutRadiiMm,
    errorsMm: cutRadiiMm.map((cut, i) => cut - radiiMm[i]!),
    rakeChangeDeg: Math.asin(heightMm / smallest) / DEG,
  };
}
