import { boreClearance } from '../bit/bore-clearance';
import { feedClearance } from '../bit/feed-clearance';
import type { CutPlan } from '../operation/cut-plan';
import type { Finding } from '../operation/finding';
import { operationOf, type CutSetup } from '../operation/registry';

/** Clearance that must be left under a hand-ground edge at its feed, degrees. */
const RESERVE_DEG = 3;

/** What the angles of a hand-ground edge mean for this cut: its side rubs at the feed, or its heel in the bore. */
export function groundFindings(setup: CutSetup, { feed, diameterMm }: CutPlan): Finding[] {
  const ground = 'ground' in setup.tool ? setup.tool.ground : undefined;
  const { turns, edgeHeight } = operationOf(setup);
  if (!ground || turns !== 'work' || !(diameterMm > 0)) return [];
  const { sideClearanceDeg, sideRakeDeg, frontClearanceDeg, heel, heelMm, measured } = ground;
  const { rubbingFeedMm } = feedClearance(feed.mmRev, diameterMm, sideClearanceDeg, sideRakeDeg, RESERVE_DEG);
  const list: Finding[] = [];
  if (feed.mmRev > rubbingFeedMm)
    list.push({
      code: 'flank-rubs',
      level: 'caution',
      mostMmRev: rubbingFeedMm,
      sideClearanceDeg,
      measured: measured.includes('sideClearanceDeg'),
    });
  if (edgeHeight === 'bore' && heelMm > 0) {
    const { gapMm } = boreClearance(
      {
        primaryDeg: Math.max(0.1, frontClearanceDeg),
        heelMm,
        heightErrorMm: 0,
        landMm: heel?.landMm,
        secondaryDeg: heel?.clearanceDeg,
      },
      diameterMm,
    );
    if (gapMm < 0) list.push({ code: 'heel-rubs', level: 'danger', boreMm: diameterMm, gapMm });
  }
  return list;
}
