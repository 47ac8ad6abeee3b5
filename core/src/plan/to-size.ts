import { OutOfRange, positive } from '../quantity/out-of-range';

export interface PassPlan {
  readonly stockRadialMm: number;
  readonly depthsMm: readonly number[];
  /** After each pass. */
  readonly diametersMm: readonly number[];
  /** The first pass stays above the bottom of the skin. */
  readonly skinNotCleared: boolean;
}

const SLACK = 1e-9;
/** Nobody takes more: the depth is a slip of the finger. */
const MOST_PASSES = 5000;

/**
 * Passes from a measured diameter to the wanted one: equal roughing passes, the
 * first under the skin where there is one, then equal finishing passes. A bore
 * counts upward.
 *
 * @param maxDepthMm     most on the radius in one roughing pass
 * @param finishDepthMm  what the finishing tool really takes, on the radius
 * @param skinDepthMm    scale or cast skin, 0 when clean
 * @throws RangeError when it would take more than 5000 passes
 */
export function passPlan(
  startMm: number,
  targetMm: number,
  maxDepthMm: number,
  finishDepthMm: number,
  finishPasses = 1,
  skinDepthMm = 0,
): PassPlan {
  positive('start diameter', startMm);
  positive('wanted diameter', targetMm);
  positive('most depth', maxDepthMm);
  positive('finishing depth', finishDepthMm);
  const S = Math.abs(startMm - targetMm) / 2;
  const sign = targetMm > startMm ? 1 : -1;
  const finish = finishPasses * finishDepthMm;
  if (S / (S > finish ? maxDepthMm : finishDepthMm) > MOST_PASSES)
    throw new OutOfRange('number of passes', S / (S > finish ? maxDepthMm : finishDepthMm), 0, MOST_PASSES);
  const equal = (total: number, count: number): number[] =>
    Array.from({ length: count }, () => total / count);
  let depths: number[];
  if (S <= SLACK) depths = [];
  else if (S <= finish + SLACK) depths = equal(S, Math.max(1, Math.ceil(S / finishDepthMm - SLACK)));
  else {
    const rough = S - finish;
    const count = Math.max(1, Math.ceil(rough / maxDepthMm - SLACK));
    const under =
      skinDepthMm > rough / count + SLACK
      && skinDepthMm <= maxDepthMm + SLACK
      && skinDepthMm <= rough + SLACK;
    const rest = rough - skinDepthMm;
    const roughing = under
      ? [skinDepthMm, ...(rest > SLACK ? equal(rest, Math.max(1, Math.ceil(rest / maxDepthMm - SLACK))) : [])]
      : equal(rough, count);
    depths = [...roughing, ...Array.from({ length: finishPasses }, () => finishDepthMm)];
  }
  let removed = 0;
  return {
    stockRadialMm: S,
    depthsMm: depths,
    diametersMm: depths.map((depth) => startMm + sign * 2 * (removed += depth)),
    skinNotCleared: skinDepthMm > 0 && (depths[0] ?? Infinity) < skinDepthMm - SLACK,
  };
}

export interface Correction {
  readonly removedRadialMm: number;
  /** How much work, tool and machine give way, as a share of the depth cut. */
  readonly deflectionRatio: number;
  readonly stillSprungMm: number;
  /** Radius to the wanted size; below 0 it is gone. */
  readonly leftRadialMm: number;
  /** It took more than the dial said: the touch-off was wrong, or the work is hot. */
  readonly touchOffWrong: boolean;
  readonly oversizeCut: boolean;
  /** On the dial, from where it stands; below 0: back it off and come in again; 0 when the metal is already gone. */
  readonly nextAdvanceMm: number;
  /** At most, when run over once more without an advance. */
  readonly springPassRemovesMm: number;
}

/**
 * What to turn the dial by after a pass was measured. Everything gives way in
 * proportion to the depth really cut: q = (X - H_before)/h - 1; next advance =
 * left (1 + q) - (X - H).
 *
 * @param dialTotalMm      travel of the dial since touch-off, on the radius
 * @param removedBeforeMm  radius removed before this pass
 * @throws RangeError when nothing was removed: measure again
 */
export function measureCorrect(
  startMm: number,
  measuredMm: number,
  dialTotalMm: number,
  targetMm: number,
  removedBeforeMm = 0,
): Correction {
  const sign = targetMm > startMm ? 1 : -1;
  const H = (sign * (measuredMm - startMm)) / 2;
  const h = H - removedBeforeMm;
  if (!(h > 0)) throw new OutOfRange('depth removed by this pass', h, 0);
  const ratio = (dialTotalMm - removedBeforeMm) / h - 1;
  const wrong = ratio < -SLACK;
  const q = wrong ? 0 : ratio;
  const sprung = wrong ? 0 : dialTotalMm - H;
  const left = (sign * (targetMm - measuredMm)) / 2;
  const oversizeCut = left < -SLACK;
  return {
    removedRadialMm: H,
    deflectionRatio: ratio,
    stillSprungMm: wrong ? dialTotalMm - H : sprung,
    leftRadialMm: left,
    touchOffWrong: wrong,
    oversizeCut,
    nextAdvanceMm: oversizeCut ? 0 : wrong ? left : left * (1 + q) - sprung,
    springPassRemovesMm: Math.max(0, sprung) / (1 + q),
  };
}

/**
 * Dial travel since touch-off for each pass to come, on the radius:
 * X_k = H_(k-1) + h_k (1 + q), H what is removed by then.
 *
 * @param removedMm  radius removed so far
 * @param ratio      how much everything gives way, from the last measure; 0 before one
 */
export function dialTotals(depthsMm: readonly number[], removedMm: number, ratio: number): number[] {
  let removed = removedMm;
  return depthsMm.map((depth) => {
    const total = removed + depth * (1 + Math.max(0, ratio));
    removed += depth;
    return total;
  });
}

/** What a finishing pass can really take, on the radius, by edge: below it the edge rubs and springs. */
export const FINISH_DEPTH_MM = { hss: 0.05, 'ground-insert': 0.05, 'coated-insert': 0.15 } as const;
export const finishDepthFor = (edgeKey: string): number =>
  edgeKey === 'carbide-coated'
    ? FINISH_DEPTH_MM['coated-insert']
    : edgeKey.includes('carbide')
      ? FINISH_DEPTH_MM['ground-insert']
      : FINISH_DEPTH_MM.hss;
