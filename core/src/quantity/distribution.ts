import { inverseNormal } from './inverse-normal';
import { OutOfRange, positive } from './out-of-range';

/** How an uncertain value is spread. */
export type Distribution =
  | { readonly kind: 'uniform'; readonly min: number; readonly max: number }
  | { readonly kind: 'triangular'; readonly min: number; readonly mode: number; readonly max: number }
  | { readonly kind: 'lognormal'; readonly median: number; readonly sigmaLn: number }
  | { readonly kind: 'normal'; readonly mean: number; readonly sd: number };

/**
 * The same spread, checked.
 * @throws OutOfRange where an end lies on the wrong side, or a median or a scatter is not above 0
 */
export function checkedDistribution(of: Distribution): Distribution {
  switch (of.kind) {
    case 'uniform':
      if (!(of.min <= of.max)) throw new OutOfRange('least value', of.min, -Infinity, of.max);
      return of;
    case 'triangular':
      if (!(of.min < of.max)) throw new OutOfRange('least value', of.min, -Infinity, of.max);
      if (!(of.min <= of.mode && of.mode <= of.max))
        throw new OutOfRange('most likely value', of.mode, of.min, of.max);
      return of;
    case 'lognormal':
      positive('median', of.median);
      positive('scatter', of.sigmaLn);
      return of;
    case 'normal':
      positive('scatter', of.sd);
      return of;
  }
}

/**
 * The value below which a share of the spread lies: the inverse of its distribution.
 *
 * ```
 * uniform      min + (max - min) u
 * triangular   fc = (mode - min)/(max - min);  u < fc: min + sqrt(u (max - min)(mode - min))
 *                                              else:   max - sqrt((1 - u)(max - min)(max - mode))
 * lognormal    median exp(sigma z(u))
 * normal       mean + sd z(u)
 * ```
 *
 * @param share  inside 0 to 1
 * @example valueAt({ kind: 'triangular', min: 2, mode: 4, max: 10 }, 0.25) // 4
 */
export function valueAt(of: Distribution, share: number): number {
  switch (of.kind) {
    case 'uniform':
      return of.min + (of.max - of.min) * share;
    case 'triangular': {
      const span = of.max - of.min;
      const below = of.mode - of.min;
      return share < below / span
        ? of.min + Math.sqrt(share * span * below)
        : of.max - Math.sqrt((1 - share) * span * (of.max - of.mode));
    }
    case 'lognormal':
      return of.median * Math.exp(of.sigmaLn * inverseNormal(share));
    case 'normal':
      return of.mean + of.sd * inverseNormal(share);
  }
}
