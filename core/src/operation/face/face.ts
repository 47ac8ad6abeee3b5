import { facingSpeed } from '../../mechanics/falling-diameter';
import type { TurningTool } from '../../tool/tool';
import { isOverCap, type CutPlan } from '../cut-plan';
import { singlePoint } from '../family/single-point';
import { roughingDepth } from '../family/turned-outside';
import type { Finding } from '../finding';
import type { Job } from '../job';
import type { Operation } from '../operation';

/** Share of the aim under which an edge no longer cuts well toward the centre. */
const USELESS_SHARE = { hss: 0.5, carbide: 0.33 } as const;
/** A faster step that becomes right inside this share of the diameter is not worth it. */
const WORTH_FROM_SHARE = 0.15;

/** Where the speed becomes useless, and from where inward the next step is right. */
function findings({ workDiameterMm, machine }: Job<TurningTool>, { speed, edge }: CutPlan): Finding[] {
  const { radiusBelowMm } = facingSpeed({
    rpm: speed.rungRpm,
    outerDiameterMm: workDiameterMm,
    targetMPerMin: speed.aimMPerMin,
    fraction: USELESS_SHARE[edge.family],
  });
  const next = machine.speeds.find((step) => step.rpm > speed.rungRpm);
  const fromMm = next ? (1000 * speed.aimMPerMin) / (Math.PI * next.rpm) : 0;
  const worth =
    next
    && !isOverCap(speed, next.rpm)
    && fromMm < workDiameterMm
    && fromMm > workDiameterMm * WORTH_FROM_SHARE;
  return [
    {
      code: 'facing-centre',
      level: 'note',
      insideMm: Math.min(2 * radiusBelowMm, workDiameterMm),
      carbide: edge.family === 'carbide',
      faster: worth ? { fromMm, rpm: next.rpm } : null,
    },
  ];
}

/** Across the end of a bar, from the rim toward the centre; the compound or the carriage sets the depth. */
export const face: Operation<TurningTool> = {
  ...singlePoint('face'),
  tool: 'turning-tool',
  turns: 'work',
  usualStickOutMm: 40,
  standsOut: 'work',
  supported: false,
  edgeHeight: 'outside',
  depthOnRadius: false,
  diameterChange: null,
  measured: 'depth',
  stopsAtMiddle: false,
  stepUpsDownTo: 0.15,
  leadsTo: ['to-size'],
  caution: null,
  rimDiameterMm: (job) => job.workDiameterMm,
  feeding: () => 'across',
  depthDial: () => null,
  startDepth: roughingDepth(() => null),
  passLengthMm: (job) => job.workDiameterMm / 2,
  findings,
};
