import { chipForm } from '../mechanics/chip-form';
import type { CutPlan } from '../operation/cut-plan';
import { operationOf, type CutSetup } from '../operation/registry';
import { usableFeeds } from './feed-plan';
import { findings } from './findings';
import { breakerOf, chipCut } from './forecast';
import { planWith } from './sweep';

export interface ToBreak {
  /** Feed at which the chip breaks, and its lever where there is one; null: no feed that edge, work and machine let pass does it. */
  readonly feedMmRev: number | null;
  readonly setting: string | null;
  readonly depthMm: number | null;
}

/** Feed and depth are tried in steps of a twentieth. */
const STEP = 1.05;
/** Nobody takes more than so many times the depth, or this share of the work, to break a chip. */
const DEEPEST_TIMES = 4;
const DEEPEST_SHARE = 1 / 3;

/** What would break a chip that does not break as it is set: the next lever, or a feed; or a depth. Null when it breaks, or is not told. */
export function toBreak(setup: CutSetup, plan: CutPlan): ToBreak | null {
  const cut = chipCut(setup, plan);
  if (!cut || !operationOf(setup).breaksChip) return null;
  const { feed, depth } = plan;
  const breaker = breakerOf(setup.tool);
  const breaksAt = (feedMmRev: number, depthMm: number): boolean =>
    chipForm({ ...cut, feedMmRev, depthMm }, breaker).breaks;
  if (breaksAt(feed.mmRev, depth.mm)) return null;
  // What would break it is proposed only where the cut passes its findings then.
  const breaks = (feedMmRev: number, depthMm: number): boolean =>
    breaksAt(feedMmRev, depthMm) && !isHeldBack(setup, plan, feedMmRev, depthMm);
  const lever = usableFeeds(setup).find(
    ({ value }) => value > feed.mmRev && value <= feed.highMmRev * 1.0001 && breaks(value, depth.mm),
  );
  const deepest = Math.min(depth.mm * DEEPEST_TIMES, setup.workDiameterMm * DEEPEST_SHARE);
  return {
    feedMmRev: lever?.value ?? firstStep(feed.mmRev, feed.highMmRev, (f) => breaks(f, depth.mm)),
    setting: lever?.setting ?? null,
    depthMm: firstStep(depth.mm, deepest, (d) => breaks(feed.mmRev, d)),
  };
}

/** A heavier cut that is a danger, takes the reserve of the machine, or springs too far. */
function isHeldBack(setup: CutSetup, plan: CutPlan, mmRev: number, depthMm: number): boolean {
  const heavier = planWith(plan, { mmRev, depthMm });
  const byHand = plan.depth.byHand || depthMm !== plan.depth.mm;
  const typed = { ...heavier, depth: { ...heavier.depth, byHand } };
  return findings({ ...setup, depthMm }, typed).some(
    ({ level, code }) => level === 'danger' || code === 'power' || code === 'springs',
  );
}

/** The first of the steps above a value, up to a most, at which a condition holds; null when none does. */
function firstStep(from: number, most: number, holds: (value: number) => boolean): number | null {
  for (let value = from * STEP; value <= most; value *= STEP) if (holds(value)) return value;
  return null;
}
