import { feedForRoughness, minChipRoughness } from '../cut/roughness';
import type { FeedStep } from '../machine/machine';
import { positive } from '../quantity/check';
import type { CutPlan } from './cut-plan';
import { cuttingOf, type CutSetup } from './cut-setup';
import { usableFeeds } from './feed-choice';
import { finishFactor } from './forecast';

/** What a wanted roughness asks for. */
export interface FinishWish {
  /** With this nose; null when this edge cannot leave it so smooth at any feed. */
  readonly feedMmRev: number | null;
  /** The coarsest lever that still leaves it; null by hand, or when even the finest is too coarse. */
  readonly lever: FeedStep | null;
  /** The best this edge leaves here, um. */
  readonly bestRaUm: number;
  /** Nose that leaves it at the feed as it is; null when none up to 10 mm does. */
  readonly noseMm: number | null;
}

const LARGEST_NOSE_MM = 10;
const HALVINGS = 40;

/**
 * From a wanted Ra back to feed and nose: the ridges of feed and nose with the
 * least chip of this edge, times built-up edge and machine. Null where the finish
 * does not come from a single nose.
 *
 * @param raUm  wanted, um, above 0
 */
export function finishWish(setup: CutSetup, plan: CutPlan, raUm: number): FinishWish | null {
  if (cuttingOf(setup) !== 'turning') return null;
  positive('wanted Ra', raUm);
  const factor = finishFactor(setup, plan);
  const { feedMmRev, bestRaUm } = feedForRoughness(
    raUm,
    setup.tool.noseRadiusMm,
    plan.edge.edgeRadiusUm,
    factor,
  );
  const lever =
    feedMmRev === null
      ? null
      : (usableFeeds(setup)
          .filter(({ value }) => value <= feedMmRev * 1.0001)
          .at(-1) ?? null);
  return { feedMmRev, lever, bestRaUm, noseMm: noseFor(plan, raUm, factor) };
}

/** A rounder nose leaves less, until its own least chip leaves more. */
function noseFor({ feed, edge }: CutPlan, raUm: number, factor: number): number | null {
  const leaves = (noseMm: number): number =>
    minChipRoughness(feed.mmRev, noseMm, edge.edgeRadiusUm).raUm * factor;
  const best = Math.min(
    LARGEST_NOSE_MM,
    feed.mmRev ** 2 / (2 * minChipRoughness(feed.mmRev, 1, edge.edgeRadiusUm).chipMm),
  );
  if (leaves(best) > raUm) return null;
  let [low, high] = [0.01, best];
  if (leaves(low) <= raUm) return low;
  for (let i = 0; i < HALVINGS; i += 1) {
    const middle = (low + high) / 2;
    if (leaves(middle) <= raUm) high = middle;
    else low = middle;
  }
  return high;
}
