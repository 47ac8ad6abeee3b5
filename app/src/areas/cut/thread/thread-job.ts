import { firstThreadPass, threadOf, type CutSetup, type ThreadingTool } from '@pike-stone/core';
import { threadInfeed, threadWires, type ThreadInfeed } from '@pike-stone/core/forecast';
import { draftsNamed } from '../../../data/drafts';

/** Infeed of a thread, and the passes already taken. */
export interface ThreadJob {
  /** Names the thread it was begun for; another thread begins anew. */
  readonly key: string;
  /** Angle of the compound slide from square to the axis, degrees. */
  readonly compoundDeg: number;
  readonly firstMm: number;
  readonly done: number;
  readonly wireMm: number;
  readonly readingMm: number | null;
}

/** A cut that makes a thread. */
export type ThreadSetup = CutSetup<ThreadingTool>;

/** Threads begun and not finished, one for each machine; they survive a reload. */
export const useThreadJobs = draftsNamed<ThreadJob>('pike-thread');

/** Schools of infeed by the half angle of the thread: nearly along the flank is the default. */
export const SCHOOLS: Readonly<
  Record<'iso-60' | 'form-55', readonly { readonly value: string; readonly label: string }[]>
> = {
  'iso-60': [
    { value: '29.5', label: '29.5°' },
    { value: '30', label: '30°' },
    { value: '0', label: 'Straight in' },
  ],
  'form-55': [
    { value: '27', label: '27°' },
    { value: '27.5', label: '27.5°' },
    { value: '0', label: 'Straight in' },
  ],
};
export const WHY: Readonly<Record<string, string>> = {
  '29.5':
    'Half a degree under the flank: the leading flank cuts, the trailing one is shaved. The chip flows one way; the default on manual lathes.',
  '27': 'Half a degree under the flank: the leading flank cuts, the trailing one is shaved. The chip flows one way; the default on manual lathes.',
  '30': 'Exactly along the flank: the trailing flank only rubs, and any angle more leaves steps on it.',
  '27.5': 'Exactly along the flank: the trailing flank only rubs, and any angle more leaves steps on it.',
  '0': 'Both flanks cut: for fine pitches under about 1.5 mm, for brass and for carbide in stiff machines.',
};

export const keyOf = (setup: ThreadSetup): string => {
  const { form, pitchMm, inside } = threadOf(setup);
  return [form, pitchMm, setup.workDiameterMm, inside, setup.tool.noseRadiusMm].join(' ');
};

const FINE_MM = 1.5;
/** Least depth of the last pass; a finer one rubs, mm. */
const RUBS_MM = 0.03;

export function freshThread(setup: ThreadSetup): ThreadJob {
  const { form, pitchMm, pitchDiameterMm } = threadOf(setup);
  return {
    key: keyOf(setup),
    compoundDeg: pitchMm < FINE_MM ? 0 : Number(SCHOOLS[form][0]!.value),
    firstMm: firstThreadPass(setup),
    done: 0,
    wireMm: Number(threadWires(form, pitchMm, pitchDiameterMm, pitchMm).bestMm.toFixed(2)),
    readingMm: null,
  };
}

export interface ThreadState {
  readonly infeed: ThreadInfeed;
  /** Depth on the radius and slide travel since touch-off of the next pass; null when all are taken. */
  readonly next: { readonly radialMm: number; readonly compoundMm: number; readonly stepMm: number } | null;
  readonly rubs: boolean;
  readonly wires: {
    readonly overMm: number;
    readonly bestMm: number;
    readonly fits: boolean;
    readonly pitchDiameterMm: number | null;
    readonly leftMm: number | null;
  };
}

/** Wires must touch the flanks and stand proud of the crests: 0.505 to 0.9 of the pitch at 60 degrees. */
const WIRE_SHARES = [0.505, 0.9] as const;

export function threadState(setup: ThreadSetup, job: ThreadJob): ThreadState {
  const t = threadOf(setup);
  const infeed = threadInfeed(t.depthMm, 0, 2 * t.halfDeg, job.compoundDeg, {
    firstMm: Math.min(job.firstMm, t.depthMm),
  });
  const at = (k: number): number => (k <= 0 ? 0 : infeed.radialMm[k - 1]!);
  const wires = threadWires(t.form, t.pitchMm, t.pitchDiameterMm, job.wireMm, 1, job.readingMm ?? undefined);
  const found = job.readingMm === null ? null : wires.pitchDiameterFromReadingMm;
  return {
    infeed,
    rubs: infeed.passes > 1 && infeed.lastMm < RUBS_MM,
    next:
      job.done < infeed.passes
        ? {
            radialMm: at(job.done + 1),
            compoundMm: infeed.compoundMm[job.done]!,
            stepMm: at(job.done + 1) - at(job.done),
          }
        : null,
    wires: {
      overMm: wires.overCorrectedMm,
      bestMm: wires.bestMm,
      fits: job.wireMm >= WIRE_SHARES[0] * t.pitchMm && job.wireMm <= WIRE_SHARES[1] * t.pitchMm,
      pitchDiameterMm: found,
      leftMm: found === null ? null : (found - t.pitchDiameterMm) / 2,
    },
  };
}
