import type { CutBody } from '@pike-stone/contract';
import type { Parameter, SignKey, Verdicts } from '@pike-stone/core/learn';
import type { Cut } from '../../cut/useCut';

/** What was really set, seen and measured. */
export interface Taken {
  readonly set: CutBody['set'];
  readonly outcome: CutBody['outcome'];
  readonly remark: string;
  readonly signs: readonly SignKey[];
  readonly measured: NonNullable<CutBody['measured']>;
  readonly photo: boolean;
  /** What the cut says of its speed and feed. */
  readonly was: Verdicts;
  /** Of a trial of a run. */
  readonly run: { readonly id: string; readonly changed: Parameter | null; readonly better: boolean } | null;
}

const rounded = (value: number): number => Number(value.toPrecision(7));

/** A cut that was taken, as the book keeps it: planned, as really set, and what it said of speed and feed. */
export function cutBodyOf({ plan, setup, choice }: Cut, taken: Taken, takenAt: string): CutBody {
  const { set, outcome, remark, signs, measured, photo, was, run } = taken;
  const { learned } = plan.speed.factors;
  return {
    ...choice,
    takenAt,
    names: { machine: setup.machine.name, stock: setup.stock.name, tool: setup.tool.name },
    diameterMm: rounded(plan.diameterMm),
    planned: {
      rpm: plan.speed.rungRpm,
      feedMmRev: rounded(plan.feed.mmRev),
      depthMm: rounded(plan.depth.mm),
      setting: plan.speed.setting,
      aimMPerMin: rounded(plan.speed.aimMPerMin),
      tableMPerMin: rounded(plan.speed.aimMPerMin / (learned?.speed?.factor ?? 1)),
      tableFeedMmRev: rounded(plan.feed.wantedMmRev / (learned?.feed?.factor ?? 1)),
    },
    set: { rpm: set.rpm, feedMmRev: rounded(set.feedMmRev), depthMm: rounded(set.depthMm) },
    outcome,
    remark,
    signs: [...signs],
    speedWas: was.speed,
    feedWas: was.feed,
    ...(Object.keys(measured).length > 0 && { measured }),
    ...(photo && { photo }),
    ...(run && { runId: run.id, changed: run.changed, better: run.better }),
  };
}
