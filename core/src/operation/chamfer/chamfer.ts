import { DEG } from '../../quantity/angle';
import type { TurningTool } from '../../tool/tool';
import { setByTool } from '../depth-start';
import { broadEdge, formFeed } from '../family/broad-edge';
import type { Job } from '../job';
import { pastCentre } from '../misfit';
import type { Operation } from '../operation';

/** A broken edge when no other is said: 1 mm at 45°. */
const USUAL_MM = 1;
const USUAL_DEG = 45;

/** Angle from the axis as typed, else 45°, degrees. */
export const chamferDeg = (job: Pick<Job, 'angleDeg'>): number => job.angleDeg ?? USUAL_DEG;

/** Size across the edge that goes, on the radius, as typed, else 1 mm. */
const sizeMm = (job: Pick<Job, 'depthMm'>): number => job.depthMm ?? USUAL_MM;

/**
 * Length of edge that cuts a chamfer: size / sin(angle), mm.
 * @example chamferEdgeMm({ depthMm: 2, angleDeg: 30 }) // 4
 */
export const chamferEdgeMm = (job: Pick<Job, 'depthMm' | 'angleDeg'>): number =>
  sizeMm(job) / Math.sin(chamferDeg(job) * DEG);

/** An edge broken at an angle. */
export const chamfer: Operation<TurningTool> = {
  ...broadEdge<TurningTool>('groove', chamferEdgeMm),
  tool: 'turning-tool',
  asks: { angleDeg: chamferDeg },
  usualStickOutMm: 40,
  standsOut: 'work',
  depthOnRadius: false,
  diameterChange: null,
  measured: 'form',
  stepUpsDownTo: null,
  leadsTo: [],
  caution: null,
  depthDial: () => null,
  startDepth: (job) => setByTool(Math.min(sizeMm(job), job.workDiameterMm / 2)),
  startFeed: formFeed(chamferEdgeMm),
  misfits: ({ depthMm, workDiameterMm }) => pastCentre(depthMm, workDiameterMm),
  findings: () => [],
};
