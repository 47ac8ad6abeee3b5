import { mean } from '../quantity/mean';
import { median } from '../quantity/median';
import { atLeast, OutOfRange, positive, within } from '../quantity/out-of-range';

/** A trace of motor current, and what is known of the gauge. */
export interface CurrentTrace {
  /** Time between two readings, s. */
  readonly sampleS: number;
  readonly currentA: readonly number[];
  readonly resolutionA: number;
  /** Start-up that is left out, s. */
  readonly skipS: number;
  /** A level at or below this is a motor that is off, A. */
  readonly offBelowA: number;
  /** A level that lasts at least so long is a plateau, s. */
  readonly minPlateauS: number;
}

interface Level {
  /** First reading, and the first that is no longer of it. */
  readonly from: number;
  readonly to: number;
  readonly meanA: number;
}
/** A level of the current, its readings counted from the beginning of the trace. */
export interface Plateau extends Level {
  readonly is: 'off' | 'idle' | 'cut' | 'between';
}

export interface Plateaus {
  readonly noiseSdA: number;
  /** Places where the level changes, with the beginning after the skipped part and the end. */
  readonly boundaries: readonly number[];
  readonly plateaus: readonly Plateau[];
  readonly cutFound: boolean;
  readonly idleA: number;
  readonly idleSamples: number;
  /** Null when there is no cut in the trace. */
  readonly cutA: number | null;
  readonly cutSamples: number;
}

/** Median of differences of neighbours to the scatter of a reading: a normal's 0.67449, and two readings. */
const STEP_TO_SD = 0.67449 * Math.SQRT2;
/** Each part of a trace costs so many times the variance times the logarithm of the number of readings. */
const PENALTY = 6;
/** Levels nearer than so many scatters, or resolutions, are one. */
const SAME = { sd: 3, resolution: 2 } as const;
/** The longest trace that is read at once: its time grows with the square. */
const MOST_READINGS = 6_000;
/** So many equal readings at the top of the trace are a gauge at its end. */
const CLIPPED_READINGS = 3;

/** What makes a trace useless: it is clipped at the top of the gauge's range, or never changes. */
export type SpoiltTrace = 'clipped' | 'stale';

/**
 * Whether a trace is clipped (three or more readings in a row at the gauge's top) or stale
 * (no change at all); null when it is neither.
 *
 * @param topA  top of the gauge's range; null when it is not known
 */
export function spoiltTrace(currentA: readonly number[], topA: number | null): SpoiltTrace | null {
  if (currentA.length > CLIPPED_READINGS && currentA.every((one) => one === currentA[0])) return 'stale';
  if (topA === null) return null;
  let atTop = 0;
  for (const one of currentA) {
    atTop = one >= topA ? atTop + 1 : 0;
    if (atTop >= CLIPPED_READINGS) return 'clipped';
  }
  return null;
}

/**
 * The idle and the cutting level in a trace of motor current.
 *
 * The scatter is taken from differences of neighbours, which a change of level hardly
 * touches. Levels are found by optimal partitioning: the sum of squares around the means
 * of the parts, with 6 sd² ln N for each part, is least. Levels nearer than three scatters
 * or two resolutions are one. The lowest that is not off is idle, the highest the cut.
 * Source: Jackson and others 2005 (optimal partitioning).
 *
 * @throws OutOfRange for a trace shorter than two plateaus after the skipped part, or with the motor off all the time
 */
export function plateaus({
  sampleS,
  currentA,
  resolutionA,
  skipS,
  offBelowA,
  minPlateauS,
}: CurrentTrace): Plateaus {
  positive('time between readings', sampleS);
  within('resolution', resolutionA, 0, Number.MAX_VALUE);
  within('number of readings', currentA.length, 1, MOST_READINGS);
  const skipped = Math.round(within('skipped time', skipS, 0, Number.MAX_VALUE) / sampleS);
  const y = currentA.slice(skipped);
  const least = Math.max(2, Math.round(positive('shortest plateau', minPlateauS) / sampleS));
  atLeast('readings', y, 2 * least);
  const noiseSdA = noiseOf(y, resolutionA);
  const boundaries = partition(y, least, PENALTY * noiseSdA ** 2 * Math.log(y.length));
  const levels = boundaries.slice(1).map((to, i): Level => {
    const from = boundaries[i]!;
    return { from, to, meanA: mean(y.slice(from, to)) };
  });
  const running = levels.filter(({ meanA }) => meanA > offBelowA);
  if (running.length === 0) throw new OutOfRange('current of the running motor', 0, offBelowA);
  const clusters = clustered(running, Math.max(SAME.sd * noiseSdA, SAME.resolution * resolutionA));
  const idle = clusters[0]!;
  const cut = clusters.length > 1 ? clusters.at(-1)! : null;
  const stateOf = (level: Level): Plateau['is'] => {
    if (level.meanA <= offBelowA) return 'off';
    if (idle.includes(level)) return 'idle';
    return cut?.includes(level) ? 'cut' : 'between';
  };
  return {
    noiseSdA,
    boundaries: boundaries.map((at) => at + skipped),
    plateaus: levels.map((level) => ({
      ...level,
      from: level.from + skipped,
      to: level.to + skipped,
      is: stateOf(level),
    })),
    cutFound: cut !== null,
    idleA: levelOf(idle),
    idleSamples: samplesOf(idle),
    cutA: cut && levelOf(cut),
    cutSamples: cut ? samplesOf(cut) : 0,
  };
}

function noiseOf(y: readonly number[], resolutionA: number): number {
  const steps = y.slice(1).map((one, i) => Math.abs(one - y[i]!));
  return Math.max(median(steps) / STEP_TO_SD, resolutionA / Math.sqrt(12));
}

/** Boundaries of the parts whose sum of squares with the penalty for each part is least, first and last included. */
function partition(y: readonly number[], least: number, penalty: number): number[] {
  const count = y.length;
  const sums = new Float64Array(count + 1);
  const squares = new Float64Array(count + 1);
  y.forEach((one, i) => {
    sums[i + 1] = sums[i]! + one;
    squares[i + 1] = squares[i]! + one * one;
  });
  const scatter = (a: number, b: number): number =>
    squares[b]! - squares[a]! - (sums[b]! - sums[a]!) ** 2 / (b - a);
  const best = new Float64Array(count + 1).fill(Infinity);
  const from = new Int32Array(count + 1);
  best[0] = -penalty;
  for (let b = least; b <= count; b += 1)
    for (let a = 0; a <= b - least; a += 1) {
      const cost = best[a]! + scatter(a, b) + penalty;
      if (cost < best[b]!) {
        best[b] = cost;
        from[b] = a;
      }
    }
  const found = [count];
  while (found[0]! > 0) found.unshift(from[found[0]!]!);
  return found;
}

/** Levels with their near neighbours, the lowest first. */
function clustered(levels: readonly Level[], sameWithinA: number): Level[][] {
  const sorted = [...levels].sort((a, b) => a.meanA - b.meanA);
  const clusters: Level[][] = [];
  for (const [i, level] of sorted.entries()) {
    const before = sorted[i - 1];
    if (before && level.meanA - before.meanA <= sameWithinA) clusters.at(-1)!.push(level);
    else clusters.push([level]);
  }
  return clusters;
}

const samplesOf = (cluster: readonly Level[]): number =>
  cluster.reduce((sum, { from, to }) => sum + to - from, 0);
const levelOf = (cluster: readonly Level[]): number =>
  cluster.reduce((sum, { from, to, meanA }) => sum + (to - from) * meanA, 0) / samplesOf(cluster);
