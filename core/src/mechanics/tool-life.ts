import type { ToolMaterial } from '../tool/tool-material';
import { positive } from '../quantity/out-of-range';

export interface ToolLife {
  readonly minutes: number;
  /** Half to double at least: life scatters. */
  readonly lowMinutes: number;
  readonly highMinutes: number;
}

/** How life depends on feed and depth (typical exponents of the extended relation). */
const EXPONENT = { feed: 0.5, depth: 0.15 } as const;
const SCATTER = 2;

/** A cut against the middle of the chart it was started from. */
export interface AgainstChart {
  /** Middle of the chart's range for this metal, edge and operation, m/min. */
  readonly middleMPerMin: number;
  /** Product of the speed factors that spare the edge: fluid, blows, skin, wear. */
  readonly spared: number;
  readonly speedMPerMin: number;
  /** Feed and depth over those that the chart's speed goes with. */
  readonly feedShare: number;
  readonly depthShare: number;
}

/**
 * Minutes an edge lasts, laid through the chart: at its middle, with every factor
 * followed, the usual life of the edge's material T0; elsewhere
 * T = T0 [(middle x spared / v) (f0/f)^0.5 (d0/d)^0.15]^(1/n).
 * Shown as half to double. Source: Taylor (1907), extended; T0 and n are typical values.
 *
 * A coated insert in medium-carbon steel, middle 170, at 157 m/min, feed as charted,
 * 1.5 mm deep instead of 2: 30 x (1.083 x 1.044)^3.7 = 47 minutes.
 */
export function toolLife(edge: Pick<ToolMaterial, 'life'>, cut: AgainstChart): ToolLife {
  const { minutes: usual, n } = edge.life;
  const eased =
    (positive('speed of the chart', cut.middleMPerMin) * cut.spared)
    / positive('cutting speed', cut.speedMPerMin)
    / positive('feed', cut.feedShare) ** EXPONENT.feed
    / positive('depth', cut.depthShare) ** EXPONENT.depth;
  const minutes = usual * eased ** (1 / n);
  return { minutes, lowMinutes: minutes / SCATTER, highMinutes: minutes * SCATTER };
}
