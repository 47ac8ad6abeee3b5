import { threadClearance } from '../bit/feed-clearance';
import type { BitPlan } from './bit-plan';

/** Reserve of clearance on both flanks before the helix is counted, degrees. */
export const THREAD_RESERVE_DEG = 6;
/** Depth of a thread over its pitch, and the flat at its root: ISO 68-1, rounded. */
const DEPTH_SHARE = 0.61;
const FLAT_SHARE = 1 / 8;

const includedOf = ({ angles }: BitPlan): number => 180 - 2 * angles.kappaDeg;

/**
 * The clearances of a thread bit for its thread: the leading flank gets the helix on top of the
 * reserve, the trailing one loses it; and the flat at its point.
 *
 * @param leadMm      starts x pitch
 * @param diameterMm  outside
 */
export function forThread<Plan extends BitPlan>(plan: Plan, leadMm: number, diameterMm: number): Plan {
  const smallest = Math.max(diameterMm / 4, diameterMm - 2 * DEPTH_SHARE * leadMm);
  const { leadingDeg, trailingDeg } = threadClearance(
    leadMm,
    1,
    smallest,
    includedOf(plan),
    THREAD_RESERVE_DEG,
  );
  return {
    ...plan,
    angles: { ...plan.angles, sideClearanceDeg: leadingDeg },
    trailingDeg,
    sizes: { ...plan.sizes, flatMm: leadMm * FLAT_SHARE },
  };
}
