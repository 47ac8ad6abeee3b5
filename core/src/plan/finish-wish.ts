import type { FeedStep } from '../machine/machine';
import { feedForRoughness, minChipRoughness } from '../mechanics/roughness';
import type { CutPlan } from '../operation/cut-plan';
import type { CutSetup } from '../operation/registry';
import { lastWhere } from '../quantity/bisection';
import { positive } from '../quantity/out-of-range';
import { usableFeeds } from './feed-plan';
import { finishFactor } from './finish-forecast';
import { chipCut } from './forecast';

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

const NOSE_MM = { least: 0.01, most: 10 } as const;

/**
 * From a wanted Ra back to feed and nose: the ridges of feed and nose with the
 * least chip of this edge, times built-up edge and machine. Null where the finish
 * does not come from a single nose.
 *
 * @param raUm  wanted, um, above 0
 */
export function finishWish(setup: CutSetup, plan: CutPlan, raUm: number): FinishWish | null {
  const cut = chipCut(setup, plan);
  if (!cut) return null;
  positive('wanted Ra', raUm);
  const factor = finishFactor(setup, plan);
  const { feedMmRev, bestRaUm } = feedForRoughness(raUm, cut.noseRadiusMm, plan.edge.edgeRadiusUm, factor);
  const fine = usableFeeds(setup).filter(({ value }) => feedMmRev !== null && value <= feedMmRev * 1.0001);
  return { feedMmRev, lever: fine.at(-1) ?? null, bestRaUm, noseMm: noseFor(plan, raUm, factor) };
}

/** A rounder nose leaves less, until its own least chip leaves more. */
function noseFor({ feed, edge }: CutPlan, raUm: number, factor: number): number | null {
  const leaves = (noseMm: number): number =>
    minChipRoughness(feed.mmRev, noseMm, edge.edgeRadiusUm).raUm * factor;
  const { chipMm } = minChipRoughness(feed.mmRev, 1, edge.edgeRadiusUm);
  const best = Math.min(NOSE_MM.most, feed.mmRev ** 2 / (2 * chipMm));
  if (leaves(best) > raUm) return null;
  return leaves(NOSE_MM.least) <= raUm
    ? NOSE_MM.least
    : lastWhere((noseMm) => leaves(noseMm) <= raUm, best, NOSE_MM.least);
}
