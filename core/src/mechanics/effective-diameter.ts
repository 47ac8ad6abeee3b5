import { OutOfRange, atLeast, positive } from '../quantity/out-of-range';
import { DEG } from '../quantity/angle';

export type EffectiveCutter =
  | {
      readonly cutter: 'ball';
      readonly diameterMm: number;
      readonly depthMm: number;
      readonly tiltDeg?: number | undefined;
    }
  | {
      readonly cutter: 'corner-radius';
      readonly diameterMm: number;
      readonly cornerRadiusMm: number;
      readonly depthMm: number;
    }
  | {
      readonly cutter: 'chamfer';
      readonly tipDiameterMm: number;
      readonly includedAngleDeg: number;
      readonly depthMm: number;
      readonly diameterMm?: number | undefined;
    }
  | { readonly cutter: 'form'; readonly contactDiametersMm: readonly number[] };

/**
 * Largest diameter of a cutter that really cuts at a depth along its axis.
 *
 * ```
 *   ball end, depth a:      |   D   |
 *                            \  a  /   De = 2 sqrt(a (D - a))
 *                             `---'
 * ```
 * @example effectiveDiameter({ cutter: 'ball', diameterMm: 10, depthMm: 0.5 }) // 4.36
 */
export function effectiveDiameter(cutter: EffectiveCutter): number {
  switch (cutter.cutter) {
    case 'ball': {
      const { diameterMm: d, depthMm: a, tiltDeg = 0 } = cutter;
      positive('diameter', d);
      positive('depth', a);
      if (a > d / 2) throw new OutOfRange('depth of a ball end', a, 0, d / 2);
      return d * Math.sin(Math.min(Math.PI / 2, tiltDeg * DEG + Math.acos(1 - (2 * a) / d)));
    }
    case 'corner-radius': {
      const { diameterMm: d, cornerRadiusMm: r, depthMm: a } = cutter;
      positive('diameter', d);
      positive('depth', a);
      return a > r ? d : d - 2 * r + 2 * Math.sqrt(a * (2 * r - a));
    }
    case 'chamfer': {
      const { tipDiameterMm: d0, includedAngleDeg, depthMm: a, diameterMm = Infinity } = cutter;
      positive('depth', a);
      return Math.min(diameterMm, d0 + 2 * a * Math.tan((includedAngleDeg * DEG) / 2));
    }
    case 'form':
      atLeast('contact diameters', cutter.contactDiametersMm, 1);
      return Math.max(...cutter.contactDiametersMm.map((d) => positive('contact diameter', d)));
  }
}
