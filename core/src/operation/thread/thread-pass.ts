import type { MachineCondition } from '../../machine/machine-condition';
import { DEG } from '../../quantity/angle';
import type { ThreadingTool } from '../../tool/tool';
import type { Job } from '../job';
import { threadOf } from './thread-geometry';

type Threaded = Job<ThreadingTool>;

/** What the last of equal chips may still take before it rubs, by condition of the machine, mm on the radius. */
const LAST_STEP_MM: Readonly<Record<MachineCondition, number>> = { rigid: 0.06, ordinary: 0.05, tired: 0.04 };
const FEWEST = 3;

/** Passes of one chip area for a depth, so many that the last still cuts: its step is h/2n. */
const passesFor = (depthMm: number, condition: MachineCondition): number =>
  Math.max(FEWEST, Math.floor(depthMm / (2 * LAST_STEP_MM[condition])));

export const threadPasses = (job: Threaded): number =>
  passesFor(threadOf(job).depthMm, job.machine.condition);

/** First pass on the radius, mm: h/sqrt(n). */
const firstPass = (depthMm: number, condition: MachineCondition): number =>
  depthMm / Math.sqrt(passesFor(depthMm, condition));

export const firstThreadPass = (job: Threaded): number =>
  firstPass(threadOf(job).depthMm, job.machine.condition);

/**
 * Chip of one pass with the compound set over, all passes of one area, mm: as wide
 * as the flank at full depth, as thick as its area asks.
 */
export function threadPass(job: Threaded): { readonly widthMm: number; readonly thicknessMm: number } {
  const { depthMm, halfDeg } = threadOf(job);
  const half = halfDeg * DEG;
  const widthMm = depthMm / Math.cos(half);
  const first = firstPass(depthMm, job.machine.condition);
  return { widthMm, thicknessMm: (first ** 2 * Math.tan(half)) / widthMm };
}
