import { DEG } from '../quantity/angle';
import { OutOfRange, positive, within } from '../quantity/out-of-range';

/** Sagitta of a chord on a radius: R - sqrt(R^2 - w^2/4), mm. */
export function sagitta(radiusMm: number, chordMm: number): number {
  if (!(chordMm < 2 * positive('radius', radiusMm)))
    throw new OutOfRange('ground width', chordMm, 0, 2 * radiusMm);
  return radiusMm - Math.sqrt(radiusMm ** 2 - chordMm ** 2 / 4);
}

/**
 * The hollow that the front of a wheel leaves in a face.
 *
 * ```
 *   edge \            sagitta R - sqrt(R^2 - w^2/4)
 *         ) hollow    at the edge  chord + asin(w/Dw): the wedge is weakest here
 *   heel /            at the heel  chord - asin(w/Dw)
 * ```
 *
 * Rubbing is decided by the chord: it is what a flat stone hones.
 *
 * @param widthMm  of the ground face from edge to heel, less than the wheel
 * @returns `areaMm2` is what is taken out below the chord, for each mm of length
 * @example hollowGrind(8, 150, 8).edgeDeg // 11.06
 */
export function hollowGrind(widthMm: number, wheelMm: number, chordDeg: number) {
  const radius = positive('wheel diameter', wheelMm) / 2;
  const sagittaMm = sagitta(radius, positive('ground width', widthMm));
  const half = Math.asin(within('ground width', widthMm, 0, wheelMm) / wheelMm);
  return {
    sagittaMm,
    moreAtEdgeDeg: half / DEG,
    areaMm2: radius ** 2 * half - (widthMm / 2) * (radius - sagittaMm),
    edgeDeg: chordDeg + half / DEG,
    heelDeg: chordDeg - half / DEG,
  };
}

/**
 * The same hollow from its angle at the edge, which a rest is set for: chord = edge - asin(w/2R),
 * heel = edge - 2 asin(w/2R).
 * @example hollowLand(75, 10, 12).chordDeg // 8.18
 */
export function hollowLand(wheelRadiusMm: number, widthMm: number, edgeDeg: number) {
  const { sagittaMm, moreAtEdgeDeg } = hollowGrind(widthMm, 2 * wheelRadiusMm, 0);
  return { sagittaMm, chordDeg: edgeDeg - moreAtEdgeDeg, heelDeg: edgeDeg - 2 * moreAtEdgeDeg };
}
