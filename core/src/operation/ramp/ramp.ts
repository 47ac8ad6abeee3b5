import type { EndMill } from '../../tool/tool';
import type { CutPlan } from '../cut-plan';
import { centreFindings } from '../family/end-milled';
import { slotFindings, slotted } from '../family/slotted';
import type { Finding } from '../finding';
import type { Job } from '../job';
import type { Operation } from '../operation';

/** Slope when none is said, and up to which an end without centre teeth still gets down, degrees. */
const USUAL_DEG = 3;
const WITHOUT_CENTRE_DEG = 3;
/** Above this most of the cutting is done by the end of the cutter, degrees. */
const STEEP_DEG = 10;

/** Slope from the surface as typed, else 3°, degrees. */
export const rampDeg = ({ angleDeg }: Pick<Job, 'angleDeg'>): number => angleDeg ?? USUAL_DEG;

function findings(job: Job<EndMill>, plan: CutPlan): Finding[] {
  const slope = rampDeg(job);
  const centre =
    slope > WITHOUT_CENTRE_DEG || job.tool.centreCutting === false ? centreFindings(job, true) : [];
  const steep: Finding[] = slope > STEEP_DEG ? [{ code: 'ramp-steep', level: 'caution' }] : [];
  return [...slotFindings(job, plan), ...centre, ...steep];
}

/** Down at a slope, into a pocket. */
export const ramp: Operation<EndMill> = {
  ...slotted,
  measured: 'depth',
  endMillCut: 'ramp',
  asks: { angleDeg: rampDeg },
  leadsTo: [],
  findings,
};
