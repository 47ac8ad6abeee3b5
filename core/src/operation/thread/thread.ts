import { forceConstants } from '../../mechanics/specific-force';
import { turningForce } from '../../mechanics/turning-force';
import type { ThreadingTool } from '../../tool/tool';
import { chartedFeed } from '../charted-feed';
import type { CutPlan } from '../cut-plan';
import { setByTool } from '../depth-start';
import { forceEdge } from '../edge';
import type { Finding } from '../finding';
import type { Job } from '../job';
import type { Operation } from '../operation';
import { LARGEST_NOSE_PITCHES, threadLengthMm, threadOf, threadPitchMm } from './thread-geometry';
import { threadPass } from './thread-pass';

type Threaded = Job<ThreadingTool>;

/** A carriage that runs faster is hard to stop at a shoulder: under two seconds for a relief of two pitches, mm/s. */
const HARD_TO_STOP_MM_S = 3;
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

function findings(job: Threaded, { speed }: CutPlan): Finding[] {
  const list: Finding[] = [];
  const pitchMm = threadPitchMm(job);
  const mmPerS = (pitchMm * speed.rungRpm) / 60;
  if (mmPerS > HARD_TO_STOP_MM_S) list.push({ code: 'thread-fast', level: 'caution', mmPerS });
  const mostMm = LARGEST_NOSE_PITCHES * pitchMm;
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
  easesToPower: false,
  depthOnRadius: false,
  diameterChange: null,
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
    const { fcN, fpN } = forceOf(job, plan);
    return { cuttingN: fcN, pushN: fpN };
  },
  chipThicknessMm: (job) => threadPass(job).thicknessMm,
  toothChipMm: () => null,
  passLengthMm: threadLengthMm,
  cuttingLengthMm: () => null,
  findings,
};
