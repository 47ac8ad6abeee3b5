import type { LearnedFactors } from '../mechanics/factor-chain';
import type { CutPlan } from '../operation/cut-plan';
import type { CutSetup } from '../operation/registry';

/** What makes a start uncertain. */
export type Doubt = 'chart' | 'speed-step' | 'metal' | 'edge';

export interface HowSure {
  /** The start may be wrong by this share, up or down: two times in three it is nearer. */
  readonly share: number;
  readonly lowRpm: number;
  readonly highRpm: number;
  /** The largest of the doubts. */
  readonly largest: Doubt;
  readonly doubts: readonly { readonly doubt: Doubt; readonly share: number }[];
}

/** A metal picked by guess may be a row harder or softer; a dull edge stands less than its factor says. */
const GUESSED_METAL = 0.3;
const DULL_EDGE = 0.15;
/** A speed that is only on the plate is true within this. */
const PLATE_SPEED = 0.05;
/** A shop's own range was proved on its own machine: half as wide as the chart's. */
const OWN_SHARE = 0.5;

/** Half the band of the shop's own factor, brought from four times in five to two in three; infinite where there is none. */
const learnedShare = (learned: LearnedFactors | undefined): number =>
  learned?.speed ? Math.sqrt(learned.speed.high / learned.speed.low) ** TWO_IN_THREE - 1 : Infinity;
/** Standard deviation over half the band that holds four times in five. */
const TWO_IN_THREE = 1 / 1.2816;

/**
 * How sure a start is: half the width of the chart's range, how surely the speed of the
 * step is known, a metal that was guessed and a dull edge, joined by the root of the sum
 * of their squares.
 */
export function howSure({ machine, stock, tool }: CutSetup, { speed }: CutPlan): HowSure {
  const { lowMPerMin, highMPerMin } = speed.range;
  const { learned } = speed.factors;
  const half = (highMPerMin - lowMPerMin) / (highMPerMin + lowMPerMin);
  const step = machine.speeds.find(({ rpm }) => rpm === speed.rungRpm);
  const known = step?.measured?.uRel ?? step?.computed?.uRel ?? PLATE_SPEED;
  const doubts = [
    {
      doubt: 'chart' as const,
      share: Math.min(half * (speed.rangeIsOwn ? OWN_SHARE : 1), learnedShare(learned)),
    },
    { doubt: 'speed-step' as const, share: known },
    { doubt: 'metal' as const, share: stock.uncertain ? GUESSED_METAL : 0 },
    { doubt: 'edge' as const, share: tool.dull ? DULL_EDGE : 0 },
  ];
  const share = Math.hypot(...doubts.map((one) => one.share));
  const largest = doubts.reduce((most, one) => (one.share > most.share ? one : most));
  return {
    share,
    lowRpm: speed.rungRpm / (1 + share),
    highRpm: speed.rungRpm * (1 + share),
    largest: largest.doubt,
    doubts: doubts.filter((one) => one.share > 0),
  };
}
