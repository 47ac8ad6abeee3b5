import type { Machine } from '../../machine/machine';
import { shaperSpeed } from '../../mechanics/shaper-speed';
import { isBeyond } from '../../quantity/beyond';
import { clamp } from '../../quantity/clamp';
import type { TurningTool } from '../../tool/tool';
import type { CutPlan, FeedStart, SpeedCap } from '../cut-plan';
import { easedDepth, underSkinMm } from '../depth-start';
import { milledPassMm } from '../family/milled';
import { DEEP_MM, noseLimits, singlePoint } from '../family/single-point';
import type { Finding } from '../finding';
import type { Job } from '../job';
import type { FeedContext, Operation } from '../operation';
import { strokeAsDiameter, strokeLength, strokeReturnRatio } from './stroke';

/** Our shaping start, and a face to begin with, mm. */
const START_MM = 1.5;
const FACE_MM = 50;
/** A shallower cut finishes, mm. */
const FINISH_UNDER_MM = 0.5;
/** From this radius on a nose is broad and leaves a flat, mm. */
const BROAD_NOSE_MM = 6;
/** Feed of a stroke, mm: roughing by half of the nose, finishing with a round nose, finishing with a broad one. */
const ROUGHING = { least: 0.2, noseShare: 0.5, most: 0.6 } as const;
const ROUND_FINISH = { least: 0.1, start: 0.15, most: 0.2 } as const;
const BROAD_FINISH = { least: 0.5, start: 1, most: 3 } as const;
/** Most of the chart's fast end that the mean of the cutting stroke takes: its middle runs about half as fast again. */
const MEAN_SHARE = 0.7;

const toolSlide = (machine: Machine) => (machine.kind === 'shaper' ? machine.toolSlide : null);

/** Feed per stroke before the factors: by the nose when roughing, by the kind of nose when finishing, mm. */
function feedWindow(noseRadiusMm: number, depthMm: number): { least: number; start: number; most: number } {
  if (depthMm < FINISH_UNDER_MM) return noseRadiusMm >= BROAD_NOSE_MM ? BROAD_FINISH : ROUND_FINISH;
  const { least, noseShare, most } = ROUGHING;
  return { least, start: clamp(noseShare * noseRadiusMm, least, most), most };
}

function startFeed(job: Job<TurningTool>, { edge, factors, depthMm }: FeedContext): FeedStart {
  const { least, start, most } = feedWindow(job.tool.noseRadiusMm, depthMm);
  return {
    wantedMmRev: Math.max(least, start * factors.feedFactor),
    baseMm: start,
    factor: factors.feedFactor,
    lowMmRev: least,
    highMmRev: most,
    turning: { ...noseLimits(job, edge, depthMm), feedUpperMmRev: most },
    tooth: null,
    chart: 'stroke',
  };
}

/** Strokes at which the middle of the stroke, which is fastest, reaches the chart's end, and its mean the share of it. */
function speedCaps({ machine, workDiameterMm }: Job<TurningTool>, highMPerMin: number): SpeedCap[] {
  const stroke = strokeLength(machine, workDiameterMm);
  const atOne = shaperSpeed(1, stroke, strokeReturnRatio(machine, workDiameterMm));
  return [
    { name: 'ram', rpm: highMPerMin / atOne.peakCuttingMPerMin },
    { name: 'ram', rpm: (MEAN_SHARE * highMPerMin) / atOne.meanCuttingMPerMin },
  ];
}

/** The middle of the stroke runs faster than the chart ends. */
function ramFindings({ machine }: Job<TurningTool>, { speed }: CutPlan): Finding[] {
  const mostRpm = Math.min(...speed.caps.map(({ rpm }) => rpm));
  if (!isBeyond(speed.rungRpm, mostRpm)) return [];
  const slowest = speed.rungRpm === machine.speeds[0]?.rpm;
  return [{ code: 'ram-fast', level: 'caution', mostRpm, slowest }];
}

/** A flat, stroke by stroke. */
export const shape: Operation<TurningTool> = {
  ...singlePoint('shape'),
  tool: 'turning-tool',
  turns: 'stroke',
  usualStickOutMm: 30,
  standsOut: null,
  supported: false,
  edgeHeight: null,
  depthOnRadius: false,
  diameterChange: null,
  stopsAtMiddle: false,
  // The blow at each stroke breaks it, or does not: no feed is told that would.
  breaksChip: false,
  stepUpsDownTo: null,
  leadsTo: ['to-size'],
  caution: null,
  rimDiameterMm: ({ machine, workDiameterMm }) => strokeAsDiameter(machine, workDiameterMm),
  feeding: () => 'along',
  depthDial: toolSlide,
  startDepth: (job, { depthFactor }) =>
    easedDepth(START_MM, depthFactor, toolSlide(job.machine), { skinMm: underSkinMm(job) }, FACE_MM),
  chosenWidthMm: ({ widthMm }, startMm) => widthMm ?? startMm,
  startFeed,
  speedCaps,
  // A finishing feed has a chart of its own here.
  depthFactors: (_job, depthMm) => (depthMm > DEEP_MM ? ['deep-cut'] : []),
  passLengthMm: (_job, { depth }) => depth.widthInUseMm ?? milledPassMm(),
  findings: ramFindings,
};
