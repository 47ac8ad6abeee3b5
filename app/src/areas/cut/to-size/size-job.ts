import {
  OPERATIONS,
  stepUps,
  type CutPlan,
  type CutSetup,
  type Dial,
  type ShopRules,
} from '@pike-stone/core';
import {
  dialTotals,
  finishDepthFor,
  measureCorrect,
  passPlan,
  type Correction,
  type PassPlan,
} from '@pike-stone/core/forecast';
import { draftsNamed } from '../../../data/drafts';

export type SizeOf = 'outside' | 'bore' | 'length' | 'thickness';

/** One measurement after a pass: the dial reading and the size found. */
interface SizeMeasure {
  readonly dialMm: number;
  readonly foundMm: number;
}

/** A job from a measured size to a wanted one, with the measurements so far. */
export interface SizeJob {
  readonly of: SizeOf;
  readonly startMm: number;
  readonly targetMm: number;
  readonly depthMm: number;
  readonly finishMm: number;
  readonly finishPasses: number;
  readonly measures: readonly SizeMeasure[];
}

/** Jobs begun and not finished, one for each machine; they survive a reload. */
export const useSizeJobs = draftsNamed<SizeJob>('pike-to-size');

export function sizesOf({ machine }: CutSetup): readonly SizeOf[] {
  if (machine.kind === 'lathe') return ['outside', 'bore', 'length'];
  return machine.kind === 'drill-press' ? [] : ['thickness'];
}

/** The dial that sets the depth: a face is brought to its length by the compound along the bed, or by the carriage. */
export function dialOf({ machine }: CutSetup, of: SizeOf = 'outside'): Dial | null {
  switch (machine.kind) {
    case 'lathe':
      return of === 'length'
        ? (machine.compoundSlide ?? { ...machine.carriageWheel, reads: 'radius', backlashMm: 0 })
        : machine.crossSlide;
    case 'shaper':
      return machine.toolSlide;
    case 'drill-press':
      return null;
    default:
      return machine.kneeDial;
  }
}

/** Share of the starting diameter down to which faster speed steps are looked for. */
const TOLD_DOWN_TO = 0.3;

/** Faster speed steps that become right on the way, by the index of the pass they come before. */
export function stepsUp(
  job: SizeJob,
  rows: readonly PassRow[],
  setup: CutSetup,
  plan: CutPlan,
  rules: ShopRules,
): ReadonlyMap<number, { readonly rpm: number; readonly setting: string }> {
  if (job.of !== 'outside') return new Map();
  const startMm = job.measures.at(-1)?.foundMm ?? job.startMm;
  const ups = stepUps(
    { ...setup, workDiameterMm: job.startMm },
    { ...plan, diameterMm: job.startMm },
    rules,
    TOLD_DOWN_TO,
  );
  const before = (i: number): number => (i === 0 ? startMm : rows[i - 1]!.afterMm);
  return new Map(
    rows.flatMap((_, i) => {
      const up = ups
        .filter(({ diameterMm }) => before(i) <= diameterMm && (i === 0 ? false : before(i - 1) > diameterMm))
        .at(-1);
      return up ? [[i, up] as const] : [];
    }),
  );
}

/** Whether the size is a length or a thickness instead of a diameter. */
export const straight = (of: SizeOf): boolean => of === 'thickness' || of === 'length';

/** A thickness changes by the whole travel of its slide, a diameter by twice it. */
const perRadius = (of: SizeOf): number => (straight(of) ? 2 : 1);

/** The size that the operation changes. */
function sizeCut(setup: CutSetup): SizeOf {
  const sizes = sizesOf(setup);
  const { diameterChange, feeding } = OPERATIONS[setup.operation];
  const cut = diameterChange === 'larger' ? 'bore' : feeding(setup) === 'across' ? 'length' : 'outside';
  return sizes.find((one) => one === cut) ?? sizes[0] ?? 'outside';
}

export const freshJob = (setup: CutSetup, edgeKey: string, depthMm: number): SizeJob => {
  const of = sizeCut(setup);
  const startMm = of === 'length' ? setup.stickOutMm : of === 'thickness' ? 30 : setup.workDiameterMm;
  return {
    of,
    startMm,
    targetMm: straight(of)
      ? Math.max(1, startMm - 2)
      : of === 'bore'
        ? startMm + 4
        : Math.max(1, startMm - 4),
    depthMm,
    finishMm: finishDepthFor(edgeKey),
    finishPasses: 2,
    measures: [],
  };
};

export interface PassRow {
  readonly depthMm: number;
  /** Dial reading since touch-off, as slide travel, mm. */
  readonly dialMm: number;
  readonly afterMm: number;
}

export interface SizeState {
  /** The size last measured; the starting size before any measurement. */
  readonly nowMm: number;
  readonly removedMm: number;
  readonly correction: Correction | null;
  readonly fault: string | null;
  readonly rows: readonly PassRow[];
  readonly skinNotCleared: boolean;
}

/** Passes still to come, with the spring that the last measure showed. */
/** Most passes listed; more come from a mistyped size. */
const MOST_ROWS = 1000;

export function sizeState(job: SizeJob, skinMm: number): SizeState {
  const scale = perRadius(job.of);
  const [start, target] = [job.startMm * scale, job.targetMm * scale];
  let correction: Correction | null = null;
  let removed = 0;
  let fault: string | null = null;
  for (const { dialMm, foundMm } of job.measures) {
    try {
      correction = measureCorrect(start, foundMm * scale, dialMm, target, removed);
      removed = correction.removedRadialMm;
    } catch {
      fault = 'Nothing was removed by the last pass, by this measure: measure again, cold and clean.';
    }
  }
  const sign = target > start ? 1 : -1;
  const now = start + sign * 2 * removed;
  const done = correction !== null && correction.leftRadialMm <= 1e-6;
  let plan: Pick<PassPlan, 'depthsMm' | 'diametersMm' | 'skinNotCleared'> = {
    depthsMm: [],
    diametersMm: [],
    skinNotCleared: false,
  };
  try {
    const found = passPlan(
      now,
      target,
      job.depthMm,
      job.finishMm,
      job.finishPasses,
      removed > 0 ? 0 : skinMm,
    );
    if (found.depthsMm.length > MOST_ROWS) throw new RangeError('too many');
    if (!done) plan = found;
  } catch {
    fault = 'It would take more than a thousand passes: rough deeper.';
  }
  const totals = dialTotals(plan.depthsMm, removed, correction?.deflectionRatio ?? 0);
  return {
    nowMm: now / scale,
    removedMm: removed,
    correction,
    fault,
    skinNotCleared: plan.skinNotCleared,
    rows: plan.depthsMm.map((depthMm, i) => ({
      depthMm,
      dialMm: totals[i]!,
      afterMm: plan.diametersMm[i]! / scale,
    })),
  };
}
