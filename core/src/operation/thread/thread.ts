import { forceConstants } from '../../mechanics/specific-force';
import { turningForce } from '../../mechanics/turning-force';
import { isBeyond } from '../../quantity/beyond';
import type { ThreadingTool } from '../../tool/tool';
import { chartedFeed } from '../charted-feed';
import type { CutPlan } from '../cut-plan';
import { setByTool } from '../depth-start';
import { forceEdge } from '../edge';
import type { Finding } from '../finding';
import type { Job } from '../job';
import { pitchTooCoarse } from '../misfit';
import type { Operation } from '../operation';
import { LARGEST_NOSE_PITCHES, threadLengthMm, threadOf, threadPitchMm } from './thread-geometry';
import { threadPass } from './thread-pass';

type Threaded = Job<ThreadingTool>;

/** Fastest carriage that a hand still stops by the half nuts, mm/s: toward a shoulder, with a run-out, and ever. */
const CARRIAGE_MM_S = { shoulder: 6, runOut: 12, ever: 15 } as const;
/** Push away from the work over the cutting force of a pass by the flank, with the compound slide set over. */
const FLANK_PUSH = 0.35;
/** A nose this much above the limit is still let pass. */
const NOSE_SLACK = 1.01;

function forceOf(job: Threaded, plan: CutPlan) {
  const chip = threadPass(job);
  return turningForce(forceConstants(plan.metal), forceEdge(job.tool, plan.metal, plan.edge), 'groove', {
    depthMm: chip.widthMm,
    feedMmRev: chip.thicknessMm,
    approachDeg: 90,
    noseRadiusMm: 0,
    diameterMm: plan.diameterMm,
    speedMPerMin: plan.speed.actualMPerMin,
  });
}

/** Fastest carriage for this end of the thread, mm/s. */
const mostMmPerS = ({ runOut }: Threaded): number => (runOut ? CARRIAGE_MM_S.runOut : CARRIAGE_MM_S.shoulder);

/** Speed of the carriage at a spindle speed, mm/s. */
const carriageMmPerS = (job: Threaded, rpm: number): number => (threadPitchMm(job) * rpm) / 60;

function speedFindings(job: Threaded, { speed }: CutPlan): Finding[] {
  const mmPerS = carriageMmPerS(job, speed.rungRpm);
  const mostMm = mostMmPerS(job);
  if (!isBeyond(mmPerS, mostMm)) return [];
  const slowest = speed.rungRpm === job.machine.speeds[0]?.rpm;
  const level = isBeyond(mmPerS, CARRIAGE_MM_S.ever) ? 'danger' : 'caution';
  return [{ code: 'thread-fast', level, mmPerS, mostMmPerS: mostMm, slowest }];
}

function findings(job: Threaded, plan: CutPlan): Finding[] {
  const list = speedFindings(job, plan);
  const mostMm = LARGEST_NOSE_PITCHES * threadPitchMm(job);
  if (job.tool.noseRadiusMm > mostMm * NOSE_SLACK)
    list.push({ code: 'thread-nose', level: 'caution', mostMm });
  if (job.machine.kind === 'lathe' && !job.machine.banjo) list.push({ code: 'thread-gears', level: 'note' });
  return list;
}

/** A thread by the leadscrew, pass by pass. */
export const thread: Operation<ThreadingTool> = {
  tool: 'threading-tool',
  cutting: 'threading',
  turns: 'work',
  speedColumn: 'threading',
  asks: { lengthMm: threadLengthMm, pitchMm: threadPitchMm },
  ways: ['outside', 'inside'],
  usualStickOutMm: 50,
  standsOut: 'work',
  supported: true,
  fullWidth: null,
  edgeHeight: 'outside',
  depthIsChosen: false,
  easesDepth: false,
  depthOnRadius: false,
  diameterChange: null,
  measured: 'form',
  widthIsChosen: false,
  stopsAtMiddle: false,
  surface: null,
  breaksChip: false,
  stepUpsDownTo: null,
  leadsTo: ['thread-passes'],
  caution: 'threading',
  rimDiameterMm: (job) => job.workDiameterMm,
  feeding: () => 'screw',
  depthDial: () => null,
  startDepth: (job) => setByTool(threadOf(job).depthMm),
  startFeed: (job) => {
    const pitch = threadPitchMm(job);
    return chartedFeed('pitch', [pitch, pitch, pitch]);
  },
  depthFactors: () => [],
  spindleLoad: (job, plan) => {
    const force = forceOf(job, plan);
    return { force, powerKw: force.powerKw, torqueNm: force.torqueNm };
  },
  edgeLoad: (job, plan) => {
    const { fcN } = forceOf(job, plan);
    return { cuttingN: fcN, pushN: FLANK_PUSH * fcN };
  },
  chipThicknessMm: (job) => threadPass(job).thicknessMm,
  toothChipMm: () => null,
  passLengthMm: threadLengthMm,
  cuttingLengthMm: () => null,
  speedCaps: (job) => [{ name: 'carriage', rpm: (60 * mostMmPerS(job)) / threadPitchMm(job) }],
  misfits: (job) => pitchTooCoarse(threadPitchMm(job), job.workDiameterMm),
  findings,
};
