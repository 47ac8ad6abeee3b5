import type { MachineCondition } from '../../machine/machine-condition';
import { DEG } from '../../quantity/angle';
import type { ThreadingTool } from '../../tool/tool';
import type { Job } from '../job';
import { threadOf } from './thread-geometry';

type Threaded = Job<ThreadingTool>;

/** What the last of equal chips may still take before it rubs, by condition of the machine, mm on the radius. */
const LAST_STEP_MM: Readonly<Record<MachineCondition, number>> = { rigid: 0.06, ordinary: 0.05, tired: 0.04 };
const FEWEST = 3;

/** Passes of one chip area, so many that the last still cuts: its step is h/2n. */
export const threadPasses = (job: Threaded): number =>
  Math.max(FEWEST, Math.floor(threadOf(job).depthMm / (2 * LAST_STEP_MM[job.machine.condition])));

/** First pass on the radius, mm: h/sqrt(n). */
export const firstThreadPass = (job: Threaded): number =>
  threadOf(job).depthMm / Math.sqrt(threadPasses(job));

/**
 * Chip of one pass with the compound set over, all passes of one area, mm: as wide
 * as the flank at full depth, as thick as its area asks.
 */
export function threadPass(job: Threaded): { readonly widthMm: number; readonly thicknessMm: number } {
  const { depthMm, halfDeg } = threadOf(job);
  const half = halfDeg * DEG;
  const widthMm = depthMm / Math.cos(half);
  return { widthMm, thicknessMm: (firstThreadPass(job) ** 2 * Math.tan(half)) / widthMm };
}
