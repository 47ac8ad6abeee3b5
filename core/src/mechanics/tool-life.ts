import type { Material } from '../material/material';
import type { ToolMaterial } from '../tool/tool-material';
import { positive } from '../quantity/out-of-range';

export interface ToolLife {
  readonly minutes: number;
  /** Half to double at least: life scatters. */
  readonly lowMinutes: number;
  readonly highMinutes: number;
}

/** Feed and depth that the constants were found at, and how life depends on both (typical exponents). */
const AT = { feedMmRev: 0.2, depthMm: 2, feedExponent: 0.65, depthExponent: 0.2 } as const;
const SCATTER = 2;

/**
 * Minutes an edge lasts: V (f/0.2)^0.65 (ap/2)^0.2 T^n = C, shown as half to double.
 * Null below carbide's useful speed: there the built-up edge rules, not Taylor.
 * Source: Taylor (1907), extended.
 */
export function toolLife(
  metal: Material,
  edge: ToolMaterial,
  speedMPerMin: number,
  feedMmRev: number,
  depthMm: number,
  leastUsefulMPerMin: number,
): ToolLife | null {
  if (edge.family === 'carbide' && speedMPerMin < leastUsefulMPerMin) return null;
  const { n, cMPerMin } = metal.taylor[edge.family];
  const eased =
    positive('cutting speed', speedMPerMin)
    * (positive('feed', feedMmRev) / AT.feedMmRev) ** AT.feedExponent
    * (positive('depth', depthMm) / AT.depthMm) ** AT.depthExponent;
  const minutes = (cMPerMin / eased) ** (1 / n);
  return { minutes, lowMinutes: minutes / SCATTER, highMinutes: minutes * SCATTER };
}
